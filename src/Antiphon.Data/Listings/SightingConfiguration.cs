using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Listings;

/// <summary>Keys and indexes of <see cref="Sighting"/>.</summary>
internal sealed class SightingConfiguration : IEntityTypeConfiguration<Sighting>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Sighting> builder)
    {
        builder.HasIndex(sighting => new { sighting.ListingId, sighting.PageAddress }).IsUnique();
    }
}
