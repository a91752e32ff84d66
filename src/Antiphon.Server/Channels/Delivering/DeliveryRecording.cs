using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Counting;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Channels;
using Antiphon.Data.Notices;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Channels.Delivering;

/// <summary>Records how attempts ended, and what that says of the channel.</summary>
internal sealed class DeliveryRecording(
    AntiphonContext database,
    INoticeBoard board,
    TimeProvider clock,
    Random random,
    IOptions<DeliveryOptions> options
)
{
    /// <summary>Records it in the caller's transaction, who holds the delivery; the caller saves.</summary>
    public async Task RecordAsync(ChannelDelivery delivery, SendOutcome outcome, string? sent, TimeSpan took)
    {
        var (row, now) = (
            await database.ChannelDeliveries.SingleAsync(channelDelivery => channelDelivery.Id == delivery.Id),
            clock.GetUtcNow()
        );
        (row.State, row.NextAttemptAt) = After(row, outcome, now);
        row.DeliveredAt = row.State == DeliveryState.Delivered ? now : null;
        (row.Answer, row.Sent, row.ReceivedAddress, row.EditAddress) = (
            outcome.Answer,
            sent ?? row.Sent,
            outcome.Address ?? row.ReceivedAddress,
            outcome.EditAddress ?? row.EditAddress
        );
        // What readers can answer is asked after from now on.
        row.CountNextAt =
            row.Act == DeliveryAct.Publish
            && delivery.Channel.Kind == ChannelKind.Social
            && outcome is { Kind: SendOutcomeKind.Taken, Address: not null }
                ? CountingRhythm.After(now, now)
                : null;
        database.ChannelAttempts.Add(
            new ChannelAttempt
            {
                DeliveryId = row.Id,
                At = now,
                Milliseconds = (int)took.TotalMilliseconds,
                Outcome = outcome.Kind,
                Answer = outcome.Answer,
            }
        );
        await JudgeAsync(delivery.Channel, outcome, now - took, now);
    }

    private (DeliveryState State, DateTimeOffset Next) After(
        ChannelDelivery row,
        SendOutcome outcome,
        DateTimeOffset now
    )
    {
        if (outcome.Kind != SendOutcomeKind.Passing)
            return (
                outcome.Kind switch
                {
                    SendOutcomeKind.Taken => DeliveryState.Delivered,
                    SendOutcomeKind.Refused => DeliveryState.Failed,
                    _ => DeliveryState.Cancelled,
                },
                now
            );
        if (RetrySchedule.PauseAfter(row.Attempts, random.NextDouble()) is not { } pause)
            return (DeliveryState.Failed, now);
        return (
            DeliveryState.Retrying,
            now + (outcome.RetryAfter > pause ? outcome.RetryAfter.Value : pause * options.Value.PauseFactor)
        );
    }

    // A receiver that asks for patience does not fail, and one refused post says nothing of the others; five in a row
    // do. What goes side by side and fails together is one failure.
    private async Task JudgeAsync(Channel sentTo, SendOutcome outcome, DateTimeOffset begun, DateTimeOffset now)
    {
        if (
            outcome.Kind == SendOutcomeKind.NotNeeded
            || outcome.RetryAfter is not null
            || sentTo.Kind == ChannelKind.Pings
        )
            return;
        var channel = await database.Channels.SingleAsync(row => row.Id == sentTo.Id);
        if (outcome.Kind == SendOutcomeKind.Taken)
            (channel.FailuresInRow, channel.FailedAt) = (0, null);
        else if (channel.FailedAt is null || begun >= channel.FailedAt)
            (channel.FailuresInRow, channel.FailedAt) = (channel.FailuresInRow + 1, now);
        if (channel.FailuresInRow < options.Value.FailuresToPause || channel.PausedAt is not null)
            return;
        (channel.PausedAt, channel.PauseReason) = (now, outcome.Answer);
        var notice = new Notice
        {
            SiteId = channel.SiteId,
            Title = $"{channel.Name} is paused",
            Text =
                $"{channel.FailuresInRow} deliveries failed in a row. Last response: {outcome.Answer}\n\nScheduled deliveries are on hold. Fix the channel, then resume it.",
            Path = $"s/{channel.SiteId}/channels?channel={channel.Id}",
        };
        await board.AddAsync(database, notice, CancellationToken.None);
    }
}
