using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Channels;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Channels.Delivering;

/// <summary>
/// Whose turn it is. Each channel with room shows its first delivery, so that one with a long queue or a slow receiver
/// holds up nobody else; paused channels, what is held, and what a receiver would not take
/// yet are passed over.
/// </summary>
internal sealed class ChannelTurn(IOptions<DeliveryOptions> options)
{
    /// <summary>The delivery that has been due for longest; null when none can go now.</summary>
    public async Task<ChannelDelivery?> NextAsync(
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    )
    {
        var busy = (
            await database
                .ChannelDeliveries.Where(channelDelivery =>
                    channelDelivery.HeldUntil > now && channelDelivery.State == DeliveryState.Sending
                )
                .GroupBy(channelDelivery => channelDelivery.ChannelId)
                .Select(group => new { group.Key, Count = group.Count() })
                .ToListAsync(cancellation)
        )
            .Where(row => row.Count >= options.Value.AtOncePerChannel)
            .Select(row => row.Key)
            .ToList();
        var firsts = await database
            .Channels.Where(channel =>
                channel.PausedAt == null && channel.ArchivedAt == null && !busy.Contains(channel.Id)
            )
            .Select(channel =>
                Waiting(database, now)
                    .Where(channelDelivery => channelDelivery.ChannelId == channel.Id)
                    .OrderBy(channelDelivery => channelDelivery.NextAttemptAt)
                    .ThenBy(channelDelivery => channelDelivery.Id)
                    .Select(channelDelivery => (long?)channelDelivery.Id)
                    .FirstOrDefault()
            )
            .Where(id => id != null)
            .ToListAsync(cancellation);
        if (firsts.Count == 0)
            return null;
        foreach (
            var delivery in await database
                .ChannelDeliveries.Include(channelDelivery => channelDelivery.Channel)
                .Where(channelDelivery => firsts.Contains(channelDelivery.Id))
                .OrderBy(channelDelivery => channelDelivery.NextAttemptAt)
                .ThenBy(channelDelivery => channelDelivery.Id)
                .ToListAsync(cancellation)
        )
        {
            if (await ChannelPacing.HasRoomAsync(database, delivery.Channel, now, cancellation))
                return delivery;
        }

        return null;
    }

    // What is about the same post at the same receiver goes one after the other.
    private static IQueryable<ChannelDelivery> Waiting(AntiphonContext database, DateTimeOffset now) =>
        database
            .ChannelDeliveries.Free(now)
            .Where(delivery =>
                (
                    delivery.State == DeliveryState.Queued
                    || delivery.State == DeliveryState.Sending
                    || delivery.State == DeliveryState.Retrying
                )
                && delivery.NextAttemptAt <= now
                && delivery.Held == null
            )
            .Where(delivery =>
                delivery.PostId == null
                || !database.ChannelDeliveries.Any(other =>
                    other.HeldUntil > now
                    && other.State == DeliveryState.Sending
                    && other.PostId == delivery.PostId
                    && other.ChannelId == delivery.ChannelId
                    && other.Target == delivery.Target
                )
            );
}
