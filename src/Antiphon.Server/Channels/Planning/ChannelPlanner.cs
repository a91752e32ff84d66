using Antiphon.Core.Channels;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Channels;
using Antiphon.Data.Posts;
using Antiphon.Server.Posts.Changes;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Channels.Planning;

/// <summary>Turns changes of posts into deliveries to channels.</summary>
internal sealed class ChannelPlanner(
    AntiphonContext database,
    ChannelTargets targets,
    DeliveryTimes times,
    TextTurns turns,
    DeliveryMaking making,
    ChannelSignal signal,
    TimeProvider clock
) : IChangePlanner
{
    /// <inheritdoc/>
    public async Task PlanAsync(DeliveryAct act, Post post, bool isNews, CancellationToken cancellation)
    {
        foreach (
            var channel in await database
                .Channels.Where(row => row.SiteId == post.SiteId && row.ArchivedAt == null)
                .ToListAsync(cancellation)
        )
        {
            if (act == DeliveryAct.Publish)
                await PublishAsync(channel, post, isNews, cancellation);
            else
                await FollowAsync(channel, post, act, cancellation);
        }

        signal.Wake();
    }

    /// <summary>
    /// Plans a post for one channel now, whatever the channel chooses; the caller saves. What was sent before is sent
    /// again in another round.
    /// </summary>
    public async Task SendAgainAsync(Post post, Channel channel, string? text, CancellationToken cancellation)
    {
        var (round, turn) = (
            await NextRoundAsync(channel, post, cancellation),
            await turns.NextAsync(channel, cancellation)
        );
        foreach (var target in targets.Of(post, channel))
            making.Add(channel, post, DeliveryAct.Publish, target, clock.GetUtcNow(), text, round, turn);
    }

    /// <summary>Plans older posts for a new channel, so many a day; the caller saves.</summary>
    public async Task PlanOlderAsync(
        Channel channel,
        IReadOnlyList<Post> posts,
        int daysApart,
        CancellationToken cancellation
    )
    {
        var at = clock.GetUtcNow();
        foreach (var post in posts)
        {
            at = await times.NextAsync(channel, post.Blog.Site, at, cancellation);
            var turn = await turns.NextAsync(channel, cancellation);
            foreach (var target in targets.Of(post, channel))
                making.Add(channel, post, DeliveryAct.Publish, target, at, turn: turn);
            at = at.AddDays(daysApart);
        }
    }

    private async Task PublishAsync(Channel channel, Post post, bool isNews, CancellationToken cancellation)
    {
        var wish = post.Details.Channels?.FirstOrDefault(channelWish => channelWish.Channel == channel.Id);
        if (wish?.Goes == false || !making.Hears(channel, ChannelEvent.PostPublished))
            return;
        if (wish?.Goes != true && (!isNews || channel.Settings.Choice.Refusal(ChannelTargets.Of(post)) is not null))
            return;
        var before = await database
            .ChannelDeliveries.AsNoTracking()
            .Where(delivery =>
                delivery.ChannelId == channel.Id
                && delivery.PostId == post.Id
                && delivery.State != DeliveryState.Cancelled
            )
            .OrderBy(delivery => delivery.Id)
            .ToListAsync(cancellation);
        var there = before
            .Where(delivery => delivery.Act == DeliveryAct.Publish)
            .Select(delivery => delivery.Target)
            .Distinct()
            .Where(target =>
                before
                    .FindLast(delivery =>
                        delivery.Target == target && delivery.Act is DeliveryAct.Publish or DeliveryAct.Withdraw
                    )!
                    .Act == DeliveryAct.Publish
            )
            .ToList();
        if (there.Count > 0 && channel.Kind is not ChannelKind.Pings)
            await FollowAsync(channel, post, DeliveryAct.Update, cancellation);
        // What was withdrawn, or cancelled with the post, goes out anew.
        var (round, turn) = (
            await NextRoundAsync(channel, post, cancellation),
            wish?.Turn ?? await turns.NextAsync(channel, cancellation)
        );
        foreach (var target in targets.Of(post, channel).Except(there))
            making.Add(
                channel,
                post,
                DeliveryAct.Publish,
                target,
                await times.OfAsync(channel, post, wish, cancellation),
                wish?.Text,
                round,
                turn
            );
    }

    private async Task<int> NextRoundAsync(Channel channel, Post post, CancellationToken cancellation) =>
        await database
            .ChannelDeliveries.Where(delivery =>
                delivery.ChannelId == channel.Id && delivery.PostId == post.Id && delivery.Act == DeliveryAct.Publish
            )
            .MaxAsync(delivery => (int?)delivery.Round, cancellation)
            is { } last
            ? last + 1
            : 0;

    private async Task FollowAsync(Channel channel, Post post, DeliveryAct act, CancellationToken cancellation)
    {
        var all = await database
            .ChannelDeliveries.Where(delivery =>
                delivery.ChannelId == channel.Id && delivery.PostId == post.Id && delivery.Act != DeliveryAct.Tell
            )
            .ToListAsync(cancellation);
        if (act == DeliveryAct.Withdraw)
            Cancel(all, "The post was withdrawn before it was sent.");
        if (channel.Kind == ChannelKind.Pings && act == DeliveryAct.Update)
            await TellNewPagesAsync(channel, post, all, cancellation);
        if (!channel.Settings.FollowsChanges || (channel.Kind == ChannelKind.Social && act == DeliveryAct.Update))
            return;
        if (!making.Hears(channel, act == DeliveryAct.Update ? ChannelEvent.PostUpdated : ChannelEvent.PostWithdrawn))
            return;
        // What is being sent at this moment is followed as well: it goes to the receiver after it, and is not needed
        // where that fails.
        // A change that waits already will bring what the post says by then.
        var waiting = all.Where(delivery =>
                delivery.Act == act && delivery.State == DeliveryState.Queued && delivery.Attempts == 0
            )
            .Select(delivery => delivery.Target)
            .ToHashSet();
        foreach (
            var target in all.Where(delivery =>
                    delivery.Act == DeliveryAct.Publish
                    && delivery.State is DeliveryState.Delivered or DeliveryState.Sending
                )
                .Select(delivery => delivery.Target)
                .Distinct()
                .Where(target => !waiting.Contains(target))
        )
            making.Add(channel, post, act, target, clock.GetUtcNow());
    }

    private async Task TellNewPagesAsync(
        Channel channel,
        Post post,
        List<ChannelDelivery> all,
        CancellationToken cancellation
    )
    {
        if (channel.Settings.Choice.Refusal(ChannelTargets.Of(post)) is not null)
            return;
        foreach (var target in targets.Of(post, channel).Except(all.Select(delivery => delivery.Target)))
            making.Add(
                channel,
                post,
                DeliveryAct.Publish,
                target,
                await times.OfAsync(channel, post, null, cancellation)
            );
    }

    private static void Cancel(List<ChannelDelivery> all, string why)
    {
        foreach (var open in all.Where(delivery => delivery.State is DeliveryState.Queued or DeliveryState.Retrying))
            (open.State, open.Answer) = (DeliveryState.Cancelled, why);
    }
}
