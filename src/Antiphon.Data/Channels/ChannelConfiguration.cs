using Antiphon.Core.Channels;
using Antiphon.Data.Conversions;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Channels;

/// <summary>Keys and indexes of <see cref="Channel"/>.</summary>
internal sealed class ChannelConfiguration : IEntityTypeConfiguration<Channel>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Channel> builder)
    {
        builder.HasIndex(channel => channel.SiteId);
        builder
            .Property(channel => channel.Settings)
            .HasConversion<StoredJsonConverter<ChannelSettings>, StoredJsonComparer<ChannelSettings>>();
    }
}
