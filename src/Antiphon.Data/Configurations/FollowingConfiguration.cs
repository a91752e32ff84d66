using Antiphon.Data.Entities;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Configurations;

/// <summary>Keys and indexes of <see cref="Following"/>.</summary>
internal sealed class FollowingConfiguration : IEntityTypeConfiguration<Following>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Following> builder)
    {
        builder.HasKey(following => following.BlogId);
        builder.HasOne(following => following.Blog).WithOne(blog => blog.Following).HasForeignKey<Following>(following => following.BlogId);
        builder.HasIndex(following => following.NextVisitAt);
    }
}
