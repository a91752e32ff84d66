using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Posts.Editing;

/// <summary>Keys and indexes of <see cref="PreviewLink"/>.</summary>
internal sealed class PreviewLinkConfiguration : IEntityTypeConfiguration<PreviewLink>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<PreviewLink> builder)
    {
        builder.HasIndex(link => link.Key).IsUnique();
    }
}
