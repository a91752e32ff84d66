using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments;

/// <summary>Keys and indexes of <see cref="CommentReaction"/>.</summary>
internal sealed class CommentReactionConfiguration : IEntityTypeConfiguration<CommentReaction>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<CommentReaction> builder)
    {
        builder.HasIndex(one => new { one.ThreadId, one.CommentId, one.ReaderKey, one.Sign }).IsUnique();
        builder.HasOne<CommentThread>().WithMany().HasForeignKey(one => one.ThreadId);
        builder.HasOne<Comment>().WithMany().HasForeignKey(one => one.CommentId).OnDelete(DeleteBehavior.Cascade);
    }
}
