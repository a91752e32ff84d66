using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments.Moderation;

/// <summary>Keys and indexes of <see cref="CommentLook"/>.</summary>
internal sealed class CommentLookConfiguration : IEntityTypeConfiguration<CommentLook>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<CommentLook> builder)
    {
        builder.HasKey(look => new { look.SiteId, look.PersonId });
        builder.HasIndex(look => look.CommentId);
    }
}
