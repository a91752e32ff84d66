using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Channels;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Channels.Delivering;

/// <summary>
/// Whose turn it is. Each channel with room shows its first delivery, so that one with a long queue or a slow receiver holds up nobody else; paused channels, what is held, and what a receiver would not take
/// yet are passed over.
/// </summary>
internal sealed class ChannelTurn(IOptions<DeliveryOptions> options)
{
    /// <summary>The delivery that has been due for longest; null when none can go now.</summary>
    public async Task<ChannelDelivery?> NextAsync(AntiphonContext database, DateTimeOffset now, CancellationToken cancellation)
    {
        var busy = (await database.ChannelDeliveries.Where(one => one.HeldUntil > now && one.State == DeliveryState.Sending).GroupBy(one => one.ChannelId).Select(group => new { group.Key, Count = group.Count() }).ToListAsync(cancellation))
            .Where(one => one.Count >= options.Value.AtOncePerChannel).Select(one => one.Key).ToList();
        var firsts = await database.Channels.Where(channel => channel.PausedAt == null && channel.ArchivedAt == null && !busy.Contains(channel.Id))
            .Select(channel => Waiting(database, now).Where(one => one.ChannelId == channel.Id).OrderBy(one => one.NextAttemptAt).ThenBy(one => one.Id).Select(one => (long?)one.Id).FirstOrDefault())
            .Where(id => id != null).ToListAsync(cancellation);
        if (firsts.Count == 0) return null;
        foreach (var delivery in await database.ChannelDeliveries.Include(one => one.Channel).Where(one => firsts.Contains(one.Id)).OrderBy(one => one.NextAttemptAt).ThenBy(one => one.Id).ToListAsync(cancellation))
        {
            if (await ChannelPacing.HasRoomAsync(database, delivery.Channel, now, cancellation)) return delivery;
        }

        return null;
    }

    // What is about the same post at the same receiver goes one after the other.
    private static IQueryable<ChannelDelivery> Waiting(AntiphonContext database, DateTimeOffset now) => database.ChannelDeliveries.Free(now)
        .Where(one => (one.State == DeliveryState.Queued || one.State == DeliveryState.Sending || one.State == DeliveryState.Retrying) && one.NextAttemptAt <= now && one.Held == null)
        .Where(one => one.PostId == null || !database.ChannelDeliveries.Any(other => other.HeldUntil > now && other.State == DeliveryState.Sending && other.PostId == one.PostId && other.ChannelId == one.ChannelId && other.Target == one.Target));
}
