using Antiphon.Core.Pictures;
using Antiphon.Data.Conversions;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Pictures;

/// <summary>Keys and indexes of <see cref="Picture"/>.</summary>
internal sealed class PictureConfiguration : IEntityTypeConfiguration<Picture>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Picture> builder)
    {
        builder.HasIndex(picture => picture.Key).IsUnique();
        builder.HasIndex(picture => new { picture.SiteId, picture.Id });
        builder.HasIndex(picture => new { picture.SiteId, picture.SourceAddress });
        builder.HasIndex(picture => picture.OfKey);
        builder.Property(picture => picture.Type).HasConversion<string>();
        builder
            .Property(picture => picture.Edit)
            .HasConversion<StoredJsonConverter<PictureEdit>, StoredJsonComparer<PictureEdit>>();
    }
}
