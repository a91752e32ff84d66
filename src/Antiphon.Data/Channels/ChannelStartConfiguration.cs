using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Channels;

/// <summary>Keys and indexes of <see cref="ChannelStart"/>.</summary>
internal sealed class ChannelStartConfiguration : IEntityTypeConfiguration<ChannelStart>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<ChannelStart> builder) =>
        builder.HasIndex(start => new { start.ChannelId, start.At });
}
