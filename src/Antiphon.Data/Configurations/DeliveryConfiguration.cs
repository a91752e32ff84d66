using Antiphon.Data.Entities;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Configurations;

/// <summary>Keys and indexes of <see cref="Delivery"/>.</summary>
internal sealed class DeliveryConfiguration : IEntityTypeConfiguration<Delivery>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Delivery> builder)
    {
        builder.HasIndex(delivery => delivery.Key).IsUnique();
        builder.HasIndex(delivery => new { delivery.PostId, delivery.SubscriberId }).IsUnique();
        builder.HasIndex(delivery => new { delivery.State, delivery.NextAttemptAt });
        builder.HasIndex(delivery => new { delivery.SiteId, delivery.CreatedAt, delivery.Id });
        // Coverage asks with every window which posts of a site have mails that are not done.
        builder.HasIndex(delivery => new { delivery.SiteId, delivery.State, delivery.PostId });
    }
}
