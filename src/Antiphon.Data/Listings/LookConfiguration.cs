using Antiphon.Core.Listings.Styles;
using Antiphon.Data.Conversions;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Listings;

/// <summary>Keys and indexes of <see cref="Look"/>.</summary>
internal sealed class LookConfiguration : IEntityTypeConfiguration<Look>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Look> builder)
    {
        builder.HasIndex(look => look.SiteId);
        builder
            .Property(look => look.Definition)
            .HasConversion<StoredJsonConverter<ListingLook>, StoredJsonComparer<ListingLook>>();
        builder
            .HasMany(look => look.Listings)
            .WithOne(listing => listing.Look)
            .HasForeignKey(listing => listing.LookId)
            .OnDelete(DeleteBehavior.SetNull);
    }
}
