using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments.Moderation;

/// <summary>Keys and indexes of <see cref="CommentViewer"/>.</summary>
internal sealed class CommentViewerConfiguration : IEntityTypeConfiguration<CommentViewer>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<CommentViewer> builder)
    {
        builder.ToTable("CommentLooks");
        builder.HasKey(viewer => new { viewer.SiteId, viewer.PersonId });
        builder.HasIndex(viewer => viewer.CommentId);
    }
}
