using Antiphon.Data.Accounts;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments.Moderation;

/// <summary>Keys and indexes of <see cref="CommentDeed"/>.</summary>
internal sealed class CommentDeedConfiguration : IEntityTypeConfiguration<CommentDeed>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<CommentDeed> builder)
    {
        builder.HasIndex(deed => new { deed.SiteId, deed.Id });
        builder.HasIndex(deed => deed.CommentId);
        builder.Property(deed => deed.Kind).HasConversion<string>();
        builder.Property(deed => deed.Way).HasConversion<string>();
        builder.HasOne<Person>().WithMany().HasForeignKey(deed => deed.PersonId).OnDelete(DeleteBehavior.SetNull);
    }
}
