using Antiphon.Core.Comments.Deciding;
using Antiphon.Data.Conversions;
using Antiphon.Data.Entities;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Configurations;

/// <summary>Keys and indexes of <see cref="Comment"/>.</summary>
internal sealed class CommentConfiguration : IEntityTypeConfiguration<Comment>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Comment> builder)
    {
        builder.HasIndex(comment => comment.Key).IsUnique();
        builder.HasIndex(comment => new { comment.SiteId, comment.Standing, comment.Id });
        builder.HasIndex(comment => new { comment.ThreadId, comment.Standing, comment.CreatedAt });
        builder.HasIndex(comment => new { comment.ThreadId, comment.SubmissionKey }).IsUnique();
        builder.HasIndex(comment => new { comment.SiteId, comment.Mail });
        builder.HasIndex(comment => new { comment.SiteId, comment.TextKey, comment.CreatedAt });
        builder.HasIndex(comment => new { comment.SiteId, comment.PlaceKey, comment.CreatedAt });
        builder.HasIndex(comment => new { comment.SiteId, comment.Standing, comment.Reports });
        builder.Property(comment => comment.Trace).HasConversion<StoredJsonConverter<CommentTrace>, StoredJsonComparer<CommentTrace>>();
    }
}
