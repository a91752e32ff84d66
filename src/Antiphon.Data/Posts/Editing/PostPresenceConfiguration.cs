using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Posts.Editing;

/// <summary>Keys and indexes of <see cref="PostPresence"/>.</summary>
internal sealed class PostPresenceConfiguration : IEntityTypeConfiguration<PostPresence>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<PostPresence> builder) =>
        builder.HasKey(presence => new { presence.PostId, presence.PersonId });
}
