using Antiphon.Data.Blogs;
using Antiphon.Data.Conversions;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Feeds.Monitoring;

/// <summary>Keys and indexes of <see cref="WatchedFeed"/> and its history.</summary>
internal sealed class WatchingConfiguration
    : IEntityTypeConfiguration<WatchedFeed>,
        IEntityTypeConfiguration<WatchRecord>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<WatchedFeed> builder)
    {
        builder.HasIndex(feed => new { feed.SiteId, feed.Address }).IsUnique();
        builder.HasIndex(feed => feed.NextCheckAt);
        builder.HasIndex(feed => feed.RepairKey).IsUnique();
        builder.HasOne<Blog>().WithMany().HasForeignKey(feed => feed.BlogId).OnDelete(DeleteBehavior.Cascade);
    }

    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<WatchRecord> builder)
    {
        builder.HasIndex(record => new { record.WatchedFeedId, record.Id });
        builder.Property(record => record.Verdict).HasConversion<string>();
        builder
            .Property(record => record.Findings)
            .HasConversion<StoredJsonConverter<List<KeptFinding>>, StoredJsonComparer<List<KeptFinding>>>();
    }
}
