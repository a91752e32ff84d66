using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Mailing;

/// <summary>Keys and indexes of <see cref="Delivery"/>.</summary>
internal sealed class DeliveryConfiguration : IEntityTypeConfiguration<Delivery>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Delivery> builder)
    {
        builder.HasIndex(delivery => delivery.Key).IsUnique();
        builder.HasIndex(delivery => new { delivery.EditionId, delivery.SubscriberId }).IsUnique();
        // What is done leaves the index, so that a long history costs the worker nothing.
        builder
            .HasIndex(delivery => delivery.NextAttemptAt)
            .HasFilter("\"State\" IN ('Queued', 'Sending', 'Retrying')");
        builder.HasIndex(delivery => new
        {
            delivery.EditionId,
            delivery.State,
            delivery.Id,
        });
        builder.HasIndex(delivery => new { delivery.SubscriberId, delivery.State });
    }
}
