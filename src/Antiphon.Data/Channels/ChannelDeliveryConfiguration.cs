using Antiphon.Core.Channels.Counting;
using Antiphon.Data.Conversions;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Channels;

/// <summary>Keys and indexes of <see cref="ChannelDelivery"/>.</summary>
internal sealed class ChannelDeliveryConfiguration : IEntityTypeConfiguration<ChannelDelivery>
{
    private const string Open = "\"State\" IN ('Queued', 'Sending', 'Retrying')";

    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<ChannelDelivery> builder)
    {
        builder.HasIndex(delivery => delivery.Key).IsUnique();
        // Planned once, however often the planning runs.
        builder
            .HasIndex(delivery => new
            {
                delivery.ChannelId,
                delivery.PostId,
                delivery.Target,
                delivery.Round,
            })
            .IsUnique()
            .HasFilter("\"Act\" = 'Publish'");
        // What is done leaves the index, so that a long history costs the worker nothing.
        builder.HasIndex(delivery => delivery.NextAttemptAt).HasFilter(Open);
        builder
            .HasIndex(delivery => new { delivery.ChannelId, delivery.PlannedFor })
            .HasFilter(Open)
            .HasDatabaseName("IX_ChannelDeliveries_Ahead");
        // Whose turn it is in each channel; and who is at it, which are few.
        builder
            .HasIndex(delivery => new
            {
                delivery.ChannelId,
                delivery.NextAttemptAt,
                delivery.Id,
            })
            .HasFilter(Open)
            .HasDatabaseName("IX_ChannelDeliveries_Turn");
        builder.HasIndex(delivery => delivery.HeldUntil).HasFilter("\"HeldUntil\" IS NOT NULL");
        builder.HasIndex(delivery => new
        {
            delivery.SiteId,
            delivery.PlannedFor,
            delivery.Id,
        });
        // The board and the list of failures ask with every look what is not done.
        builder.HasIndex(delivery => new
        {
            delivery.SiteId,
            delivery.State,
            delivery.PostId,
        });
        builder.HasIndex(delivery => delivery.PostId);
        builder.HasIndex(delivery => delivery.CountNextAt).HasFilter("\"CountNextAt\" IS NOT NULL");
        builder
            .Property(delivery => delivery.Counts)
            .HasConversion<StoredJsonConverter<NetworkCounts>, StoredJsonComparer<NetworkCounts>>();
        builder.HasOne(delivery => delivery.Post).WithMany().OnDelete(DeleteBehavior.Cascade);
        builder.HasMany(delivery => delivery.Tried).WithOne().HasForeignKey(attempt => attempt.DeliveryId);
    }
}
