using Antiphon.Data;
using Antiphon.Data.Channels;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Channels.Delivering;

/// <summary>
/// Keeps channels to what their receivers take in a time. Attempts are written down as they begin, in the transaction
/// that claims them, so that servers side by side and a restart keep to it too.
/// </summary>
internal static class ChannelPacing
{
    /// <summary>Whether a channel's receiver takes another one now.</summary>
    public static async Task<bool> HasRoomAsync(
        AntiphonContext database,
        Channel channel,
        DateTimeOffset now,
        CancellationToken cancellation
    ) =>
        channel.Settings.Pace.Most == 0
        || channel.Settings.Pace.RoomNow(await BegunAsync(database, channel, now, cancellation), now) > 0;

    /// <summary>When attempts of the last stretch began.</summary>
    public static Task<List<DateTimeOffset>> BegunAsync(
        AntiphonContext database,
        Channel channel,
        DateTimeOffset now,
        CancellationToken cancellation
    )
    {
        var since = channel.Settings.Pace.Since(now);
        return database
            .ChannelStarts.Where(start => start.ChannelId == channel.Id && start.At > since)
            .Select(start => start.At)
            .ToListAsync(cancellation);
    }

    /// <summary>
    /// Writes down that an attempt begins, where the channel keeps to a pace; what counts no more goes. The caller
    /// saves.
    /// </summary>
    public static async Task BeginAsync(
        AntiphonContext database,
        long id,
        DateTimeOffset now,
        CancellationToken cancellation
    )
    {
        var channel = await database.Channels.SingleAsync(row => row.Id == id, cancellation);
        if (channel.Settings.Pace.Most == 0)
            return;
        var since = channel.Settings.Pace.Since(now);
        await database
            .ChannelStarts.Where(start => start.ChannelId == id && start.At <= since)
            .ExecuteDeleteAsync(cancellation);
        database.ChannelStarts.Add(new ChannelStart { ChannelId = id, At = now });
    }

    /// <summary>
    /// Until when a channel waits because its receiver takes no more for now; null where it does not.
    /// </summary>
    public static async Task<DateTimeOffset?> FullUntilAsync(
        AntiphonContext database,
        Channel channel,
        DateTimeOffset now,
        CancellationToken cancellation
    )
    {
        if (channel.Settings.Pace.Most == 0)
            return null;
        return
            channel.Settings.Pace.NextAt(await BegunAsync(database, channel, now, cancellation), now) is var next
            && next > now
            ? next
            : null;
    }
}
