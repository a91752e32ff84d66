using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments;

/// <summary>Keys and indexes of <see cref="CommentReport"/>.</summary>
internal sealed class CommentReportConfiguration : IEntityTypeConfiguration<CommentReport>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<CommentReport> builder)
    {
        builder.HasIndex(report => new { report.CommentId, report.ReaderKey }).IsUnique();
        builder.HasIndex(report => new { report.CommentId, report.PlaceKey });
    }
}
