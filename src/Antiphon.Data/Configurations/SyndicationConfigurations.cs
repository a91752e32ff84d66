using Antiphon.Core.Syndication.Channels;
using Antiphon.Core.Syndication.Counting;
using Antiphon.Data.Conversions;
using Antiphon.Data.Entities.Syndication;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Configurations;

/// <summary>Keys and indexes of <see cref="Channel"/>.</summary>
internal sealed class ChannelConfiguration : IEntityTypeConfiguration<Channel>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Channel> builder)
    {
        builder.HasIndex(channel => channel.SiteId);
        builder.Property(channel => channel.Settings).HasConversion<StoredJsonConverter<ChannelSettings>, StoredJsonComparer<ChannelSettings>>();
    }
}

/// <summary>Keys and indexes of <see cref="ChannelDelivery"/>.</summary>
internal sealed class ChannelDeliveryConfiguration : IEntityTypeConfiguration<ChannelDelivery>
{
    private const string Open = "\"State\" IN ('Queued', 'Sending', 'Retrying')";

    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<ChannelDelivery> builder)
    {
        builder.HasIndex(delivery => delivery.Key).IsUnique();
        // Planned once, however often the planning runs.
        builder.HasIndex(delivery => new { delivery.ChannelId, delivery.PostId, delivery.Target, delivery.Round }).IsUnique().HasFilter("\"Act\" = 'Publish'");
        // What is done leaves the index, so that a long history costs the worker nothing.
        builder.HasIndex(delivery => delivery.NextAttemptAt).HasFilter(Open);
        builder.HasIndex(delivery => new { delivery.ChannelId, delivery.PlannedFor }).HasFilter(Open).HasDatabaseName("IX_ChannelDeliveries_Ahead");
        // Whose turn it is in each channel; and who is at it, which are few.
        builder.HasIndex(delivery => new { delivery.ChannelId, delivery.NextAttemptAt, delivery.Id }).HasFilter(Open).HasDatabaseName("IX_ChannelDeliveries_Turn");
        builder.HasIndex(delivery => delivery.HeldUntil).HasFilter("\"HeldUntil\" IS NOT NULL");
        builder.HasIndex(delivery => new { delivery.SiteId, delivery.PlannedFor, delivery.Id });
        // The board and the list of failures ask with every look what is not done.
        builder.HasIndex(delivery => new { delivery.SiteId, delivery.State, delivery.PostId });
        builder.HasIndex(delivery => delivery.PostId);
        builder.HasIndex(delivery => delivery.CountNextAt).HasFilter("\"CountNextAt\" IS NOT NULL");
        builder.Property(delivery => delivery.Counts).HasConversion<StoredJsonConverter<NetworkCounts>, StoredJsonComparer<NetworkCounts>>();
        builder.HasOne(delivery => delivery.Post).WithMany().OnDelete(DeleteBehavior.Cascade);
        builder.HasMany(delivery => delivery.Tried).WithOne().HasForeignKey(attempt => attempt.DeliveryId);
    }
}

/// <summary>Keys and indexes of <see cref="ChannelStart"/>.</summary>
internal sealed class ChannelStartConfiguration : IEntityTypeConfiguration<ChannelStart>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<ChannelStart> builder) => builder.HasIndex(start => new { start.ChannelId, start.At });
}

/// <summary>Keys of <see cref="PostChange"/>.</summary>
internal sealed class PostChangeConfiguration : IEntityTypeConfiguration<PostChange>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<PostChange> builder) => builder.HasIndex(change => new { change.PostId, change.Id });
}

/// <summary>Keys and indexes of <see cref="ArrivalCount"/>.</summary>
internal sealed class ArrivalCountConfiguration : IEntityTypeConfiguration<ArrivalCount>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<ArrivalCount> builder)
    {
        builder.HasIndex(count => new { count.SiteId, count.Day, count.PostId, count.Kind, count.Source }).IsUnique();
        builder.HasIndex(count => count.PostId);
        builder.HasOne(count => count.Post).WithMany().HasForeignKey(count => count.PostId).OnDelete(DeleteBehavior.Cascade);
    }
}

/// <summary>Keys and indexes of <see cref="HubReader"/>.</summary>
internal sealed class HubReaderConfiguration : IEntityTypeConfiguration<HubReader>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<HubReader> builder)
    {
        builder.HasIndex(reader => new { reader.Topic, reader.Callback }).IsUnique();
        builder.HasIndex(reader => reader.DueAt);
        builder.HasIndex(reader => reader.BlogId);
    }
}

/// <summary>Keys and indexes of <see cref="PartnerFeed"/>.</summary>
internal sealed class PartnerFeedConfiguration : IEntityTypeConfiguration<PartnerFeed>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<PartnerFeed> builder)
    {
        builder.HasIndex(feed => feed.Key).IsUnique();
        builder.HasIndex(feed => feed.SiteId);
        builder.Property(feed => feed.Choice).HasConversion<StoredJsonConverter<ChannelChoice>, StoredJsonComparer<ChannelChoice>>();
    }
}
