using Antiphon.Core.Mailing.Digests;
using Antiphon.Data.Conversions;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Mailing;

/// <summary>Keys and indexes of <see cref="Edition"/>.</summary>
internal sealed class EditionConfiguration : IEntityTypeConfiguration<Edition>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Edition> builder)
    {
        builder.HasIndex(edition => edition.Key).IsUnique();
        builder.HasIndex(edition => new { edition.DigestId, edition.Occasion }).IsUnique();
        builder.HasIndex(edition => new
        {
            edition.SiteId,
            edition.DueAt,
            edition.Id,
        });
        builder.HasIndex(edition => edition.State);
        builder.HasMany<Delivery>().WithOne(delivery => delivery.Edition).HasForeignKey(delivery => delivery.EditionId);
        builder
            .Property(edition => edition.Settings)
            .HasConversion<StoredJsonConverter<DigestSettings>, StoredJsonComparer<DigestSettings>>();
    }
}
