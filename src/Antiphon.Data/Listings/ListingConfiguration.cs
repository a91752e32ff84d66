using Antiphon.Core.Listings.Definition;
using Antiphon.Data.Conversions;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Listings;

/// <summary>Keys and indexes of <see cref="Listing"/>.</summary>
internal sealed class ListingConfiguration : IEntityTypeConfiguration<Listing>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Listing> builder)
    {
        builder.HasIndex(listing => listing.Key).IsUnique();
        builder.HasIndex(listing => listing.SiteId);
        builder.Ignore(listing => listing.InUse);
        builder
            .Property(listing => listing.Definition)
            .HasConversion<StoredJsonConverter<ListingDefinition>, StoredJsonComparer<ListingDefinition>>();
    }
}
