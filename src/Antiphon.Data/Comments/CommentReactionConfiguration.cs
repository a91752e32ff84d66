using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments;

/// <summary>Keys and indexes of <see cref="CommentReaction"/>.</summary>
internal sealed class CommentReactionConfiguration : IEntityTypeConfiguration<CommentReaction>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<CommentReaction> builder)
    {
        builder
            .HasIndex(reaction => new
            {
                reaction.ThreadId,
                reaction.CommentId,
                reaction.ReaderKey,
                reaction.Sign,
            })
            .IsUnique();
        builder.HasOne<CommentThread>().WithMany().HasForeignKey(reaction => reaction.ThreadId);
        builder
            .HasOne<Comment>()
            .WithMany()
            .HasForeignKey(reaction => reaction.CommentId)
            .OnDelete(DeleteBehavior.Cascade);
    }
}
