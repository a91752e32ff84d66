using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments;

/// <summary>Keys and indexes of <see cref="CommentReport"/>.</summary>
internal sealed class CommentReportConfiguration : IEntityTypeConfiguration<CommentReport>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<CommentReport> builder)
    {
        builder.HasIndex(one => new { one.CommentId, one.ReaderKey }).IsUnique();
        builder.HasIndex(one => new { one.CommentId, one.PlaceKey });
    }
}
