using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Posts;

/// <summary>Keys and indexes of <see cref="PostVersion"/>.</summary>
internal sealed class PostVersionConfiguration : IEntityTypeConfiguration<PostVersion>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<PostVersion> builder) =>
        builder.HasIndex(version => new { version.PostId, version.Id });
}
