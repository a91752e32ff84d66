using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Posts.Editing;

/// <summary>Keys and indexes of <see cref="ReviewRemark"/>.</summary>
internal sealed class ReviewRemarkConfiguration : IEntityTypeConfiguration<ReviewRemark>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<ReviewRemark> builder)
    {
        builder.HasIndex(remark => new { remark.PostId, remark.Id });
    }
}
