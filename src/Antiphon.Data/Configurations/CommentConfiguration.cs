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
    }
}
