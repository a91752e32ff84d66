using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments;

/// <summary>Keys and indexes of <see cref="CommentVote"/>.</summary>
internal sealed class CommentVoteConfiguration : IEntityTypeConfiguration<CommentVote>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<CommentVote> builder)
    {
        builder.HasIndex(vote => new { vote.CommentId, vote.ReaderKey }).IsUnique();
        builder.HasIndex(vote => new { vote.CommentId, vote.PlaceKey });
    }
}
