using Antiphon.Core.Syndication;
using Antiphon.Core.Syndication.Channels;
using Antiphon.Core.Syndication.Counting;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Data.Entities.Syndication;
using Antiphon.Server.Notices;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Channels;

/// <summary>Claims what goes to channels and records what became of it. Every step is one commit; what a dead worker held is claimed again when its lease ends, with the same key.</summary>
internal sealed class ChannelOutbox(IDbContextFactory<AntiphonContext> databases, NoticeBoard board, TimeProvider clock, Random random, IOptions<DeliveryOptions> options)
{
    /// <summary>Claims what is due, oldest first, with its channel and post. Paused channels and what is held are passed over, and what a receiver would not take yet.</summary>
    public async Task<IReadOnlyList<ChannelDelivery>> ClaimAsync(CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        var paced = await ChannelPacing.Paced(database).ToListAsync(cancellation);
        var claimed = await ClaimAsync(database, null, [.. paced.Select(one => one.Id)], options.Value.BatchSize, cancellation);
        foreach (var channel in paced) claimed.AddRange(await ClaimPacedAsync(database, channel, cancellation));
        if (claimed.Count == 0) return [];
        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return await database.ChannelDeliveries.AsNoTracking().IgnoreQueryFilters().Include(one => one.Channel).Include(one => one.Post!.Blog.Site).Include(one => one.Post!.Blog.Following)
            .Where(one => claimed.Contains(one.Id)).OrderBy(one => one.Id).ToListAsync(cancellation);
    }

    private async Task<List<long>> ClaimPacedAsync(AntiphonContext database, Channel channel, CancellationToken cancellation)
    {
        var now = clock.GetUtcNow();
        var room = channel.Settings.Pace.RoomNow(await ChannelPacing.BegunAsync(database, channel, now, cancellation), now);
        var claimed = room == 0 ? [] : await ClaimAsync(database, channel.Id, [], Math.Min(room, options.Value.BatchSize), cancellation);
        if (claimed.Count > 0) await ChannelPacing.BeginAsync(database, channel, claimed.Count, now, cancellation);
        return claimed;
    }

    private async Task<List<long>> ClaimAsync(AntiphonContext database, long? only, long[] without, int most, CancellationToken cancellation)
    {
        var now = clock.GetUtcNow().ToUnixTimeMilliseconds();
        var lease = now + (options.Value.LeaseSeconds * 1000L);
        var left = System.Text.Json.JsonSerializer.Serialize(without);
        return await database.Database.SqlQuery<long>($"""
            UPDATE ChannelDeliveries SET State = 'Sending', NextAttemptAt = {lease}, Attempts = Attempts + 1
            WHERE Id IN (SELECT Id FROM ChannelDeliveries WHERE State IN ('Queued', 'Sending', 'Retrying') AND NextAttemptAt <= {now} AND Held IS NULL
                AND ({only} IS NULL OR ChannelId = {only}) AND ChannelId NOT IN (SELECT value FROM json_each({left}))
                AND ChannelId NOT IN (SELECT Id FROM Channels WHERE PausedAt IS NOT NULL OR ArchivedAt IS NOT NULL)
                ORDER BY NextAttemptAt LIMIT {most})
            RETURNING Id AS Value
            """).ToListAsync(cancellation);
    }

    /// <summary>The deliveries of the same post and place in the channel by which it stands there, or is about to; the latest first.</summary>
    public async Task<IReadOnlyList<ChannelDelivery>> PublishedAsync(ChannelDelivery delivery, CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        return await database.ChannelDeliveries.AsNoTracking().Where(one => one.ChannelId == delivery.ChannelId && one.PostId == delivery.PostId && one.Target == delivery.Target && one.Act == DeliveryAct.Publish)
            .OrderByDescending(one => one.Round).ToListAsync(cancellation);
    }

    /// <summary>Holds the claim for another lease before the next step outside; false when it was lost to another worker, or taken back by the team.</summary>
    public async Task<bool> RenewAsync(ChannelDelivery delivery, CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        var lease = clock.GetUtcNow().AddSeconds(options.Value.LeaseSeconds);
        return await database.ChannelDeliveries.Where(one => one.Id == delivery.Id && one.State == DeliveryState.Sending && one.Attempts == delivery.Attempts)
            .ExecuteUpdateAsync(set => set.SetProperty(one => one.NextAttemptAt, lease), cancellation) == 1;
    }

    /// <summary>Records how an attempt ended. Nothing when another worker has taken it over since.</summary>
    public async Task RecordAsync(ChannelDelivery delivery, SendOutcome outcome, string? sent, TimeSpan took, CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        var now = clock.GetUtcNow();
        var (state, next) = After(delivery, outcome, now);
        // What readers can answer is asked after from now on.
        var counts = delivery is { Act: DeliveryAct.Publish, Channel.Kind: ChannelKind.Social } && outcome is { Kind: SendOutcomeKind.Taken, Address: not null } ? CountingRhythm.After(now, now) : null;
        var delivered = state == DeliveryState.Delivered ? now : (DateTimeOffset?)null;
        var recorded = await database.ChannelDeliveries.Where(one => one.Id == delivery.Id && one.State == DeliveryState.Sending && one.Attempts == delivery.Attempts).ExecuteUpdateAsync(
            set => set.SetProperty(one => one.State, state).SetProperty(one => one.NextAttemptAt, next).SetProperty(one => one.DeliveredAt, delivered).SetProperty(one => one.Answer, outcome.Answer)
                .SetProperty(one => one.Sent, one => sent ?? one.Sent).SetProperty(one => one.ReceivedAddress, one => outcome.Address ?? one.ReceivedAddress)
                .SetProperty(one => one.EditAddress, one => outcome.EditAddress ?? one.EditAddress).SetProperty(one => one.CountNextAt, counts), cancellation);
        if (recorded == 0) return;
        database.ChannelAttempts.Add(new ChannelAttempt { DeliveryId = delivery.Id, At = now, Milliseconds = (int)took.TotalMilliseconds, Outcome = outcome.Kind, Answer = outcome.Answer });
        await JudgeAsync(database, delivery, outcome, now, cancellation);
        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
    }

    private (DeliveryState State, DateTimeOffset Next) After(ChannelDelivery delivery, SendOutcome outcome, DateTimeOffset now)
    {
        if (outcome.Kind != SendOutcomeKind.Passing) return (outcome.Kind switch { SendOutcomeKind.Taken => DeliveryState.Delivered, SendOutcomeKind.Refused => DeliveryState.Failed, _ => DeliveryState.Cancelled }, now);
        if (RetrySchedule.PauseAfter(delivery.Attempts, random.NextDouble()) is not { } pause) return (DeliveryState.Failed, now);
        return (DeliveryState.Retrying, now + (outcome.RetryAfter > pause ? outcome.RetryAfter.Value : pause * options.Value.PauseFactor));
    }

    // A receiver that asks for patience does not fail, and one refused post says nothing of the others; five in a row do.
    private async Task JudgeAsync(AntiphonContext database, ChannelDelivery delivery, SendOutcome outcome, DateTimeOffset now, CancellationToken cancellation)
    {
        if (outcome.Kind == SendOutcomeKind.NotNeeded || outcome.RetryAfter is not null || delivery.Channel.Kind == ChannelKind.Pings) return;
        var channel = await database.Channels.SingleAsync(one => one.Id == delivery.ChannelId, cancellation);
        channel.FailuresInRow = outcome.Kind == SendOutcomeKind.Taken ? 0 : channel.FailuresInRow + 1;
        if (channel.FailuresInRow < options.Value.FailuresToPause || channel.PausedAt is not null) return;
        (channel.PausedAt, channel.PauseReason) = (now, outcome.Answer);
        var notice = new Notice { SiteId = channel.SiteId, Title = $"{channel.Name} is paused", Text = $"{channel.FailuresInRow} deliveries failed in a row. The last answer was: {outcome.Answer}\n\nWhat was planned waits. See to the channel and let it go on.", Path = $"s/{channel.SiteId}/channels?channel={channel.Id}" };
        await board.AddAsync(database, notice, cancellation);
    }
}
