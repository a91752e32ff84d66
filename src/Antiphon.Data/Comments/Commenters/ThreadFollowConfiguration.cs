using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments.Commenters;

/// <summary>Keys and indexes of <see cref="ThreadFollow"/>.</summary>
internal sealed class ThreadFollowConfiguration : IEntityTypeConfiguration<ThreadFollow>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<ThreadFollow> builder)
    {
        builder.HasIndex(follow => follow.Key).IsUnique();
        builder.HasIndex(follow => new { follow.ThreadId, follow.Mail }).IsUnique();
        builder
            .HasOne(follow => follow.Site)
            .WithMany()
            .HasForeignKey(follow => follow.SiteId)
            .OnDelete(DeleteBehavior.Restrict);
        builder.HasOne(follow => follow.Thread).WithMany().HasForeignKey(follow => follow.ThreadId);
    }
}
