using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments;

/// <summary>Keys and indexes of <see cref="CommentVote"/>.</summary>
internal sealed class CommentVoteConfiguration : IEntityTypeConfiguration<CommentVote>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<CommentVote> builder)
    {
        builder.HasIndex(one => new { one.CommentId, one.ReaderKey }).IsUnique();
        builder.HasIndex(one => new { one.CommentId, one.PlaceKey });
    }
}
