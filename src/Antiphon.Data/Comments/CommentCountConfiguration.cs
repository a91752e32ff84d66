using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments;

/// <summary>Keys and indexes of <see cref="CommentCount"/>.</summary>
internal sealed class CommentCountConfiguration : IEntityTypeConfiguration<CommentCount>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<CommentCount> builder)
    {
        builder.HasKey(count => new { count.SiteId, count.Standing });
        builder.Property(count => count.SiteId).ValueGeneratedNever();
    }
}
