using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Posts;

/// <summary>Rows of a full text search; they have no table of their own.</summary>
internal sealed class PostMatchConfiguration : IEntityTypeConfiguration<PostMatch>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<PostMatch> builder) => builder.HasNoKey().ToView(null);
}
