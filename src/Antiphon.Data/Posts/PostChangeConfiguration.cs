using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Posts;

/// <summary>Keys of <see cref="PostChange"/>.</summary>
internal sealed class PostChangeConfiguration : IEntityTypeConfiguration<PostChange>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<PostChange> builder) =>
        builder.HasIndex(change => new { change.PostId, change.Id });
}
