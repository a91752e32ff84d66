using Antiphon.Core.Channels;
using Antiphon.Data.Conversions;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Feeds;

/// <summary>Keys and indexes of <see cref="PartnerFeed"/>.</summary>
internal sealed class PartnerFeedConfiguration : IEntityTypeConfiguration<PartnerFeed>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<PartnerFeed> builder)
    {
        builder.HasIndex(feed => feed.Key).IsUnique();
        builder.HasIndex(feed => feed.SiteId);
        builder
            .Property(feed => feed.Choice)
            .HasConversion<StoredJsonConverter<ChannelChoice>, StoredJsonComparer<ChannelChoice>>();
    }
}
