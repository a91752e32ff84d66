using Antiphon.Core.Posts;
using Antiphon.Core.Syndication;
using Antiphon.Core.Syndication.Channels;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Data.Entities.Syndication;
using Antiphon.Server.OwnHub;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Channels.Planning;

/// <summary>Turns changes of posts into deliveries. A change and the deliveries it brings are exchanged in one transaction, so that each change is planned once.</summary>
internal sealed class ChannelPlanner(AntiphonContext database, ChannelTargets targets, DeliveryTimes times, TextTurns turns, DeliveryMaking making, TimeProvider clock, HubSignal hub)
{
    /// <summary>What became public longer ago came from elsewhere, and nobody waits for it.</summary>
    public static readonly TimeSpan News = TimeSpan.FromDays(2);

    /// <summary>Plans the oldest change; false when there is none.</summary>
    public async Task<bool> PlanNextAsync(CancellationToken cancellation)
    {
        var change = await database.PostChanges.AsNoTracking().OrderBy(one => one.Id).FirstOrDefaultAsync(cancellation);
        if (change is null) return false;
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        // Whoever removes it plans it.
        if (await database.PostChanges.Where(one => one.Id == change.Id).ExecuteDeleteAsync(cancellation) == 1) await PlanAsync(change, cancellation);
        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return true;
    }

    /// <summary>Plans a post for one channel now, whatever the channel chooses; the caller saves. What was sent before is sent again in another round.</summary>
    public async Task SendAgainAsync(Post post, Channel channel, string? text, CancellationToken cancellation)
    {
        var (round, turn) = (await NextRoundAsync(channel, post, cancellation), await turns.NextAsync(channel, cancellation));
        foreach (var target in targets.Of(post, channel)) making.Add(channel, post, DeliveryAct.Publish, target, clock.GetUtcNow(), text, round, turn);
    }

    /// <summary>Plans older posts for a new channel, so many a day; the caller saves.</summary>
    public async Task PlanOlderAsync(Channel channel, IReadOnlyList<Post> posts, int daysApart, CancellationToken cancellation)
    {
        var at = clock.GetUtcNow();
        foreach (var post in posts)
        {
            at = await times.NextAsync(channel, post.Blog.Site, at, cancellation);
            var turn = await turns.NextAsync(channel, cancellation);
            foreach (var target in targets.Of(post, channel)) making.Add(channel, post, DeliveryAct.Publish, target, at, turn: turn);
            at = at.AddDays(daysApart);
        }
    }

    private async Task PlanAsync(PostChange change, CancellationToken cancellation)
    {
        var post = await database.Posts.IgnoreQueryFilters().Include(one => one.Blog.Site).Include(one => one.Blog.Following).FirstOrDefaultAsync(one => one.Id == change.PostId, cancellation);
        if (post is null) return;
        // Whoever follows its feed through our hub is told of every change; of several while one is being told, once.
        var now = clock.GetUtcNow();
        await database.HubReaders.Where(one => one.BlogId == post.BlogId).ExecuteUpdateAsync(set => set.SetProperty(one => one.Wanted, one => one.Wanted + 1).SetProperty(one => one.Attempts, 0).SetProperty(one => one.DueAt, one => one.DueAt ?? now), cancellation);
        hub.Wake();
        foreach (var channel in await database.Channels.Where(one => one.SiteId == post.SiteId && one.ArchivedAt == null).ToListAsync(cancellation))
        {
            if (change.Act == DeliveryAct.Publish) await PublishAsync(channel, post, cancellation);
            else await FollowAsync(channel, post, change.Act, cancellation);
        }
    }

    private async Task PublishAsync(Channel channel, Post post, CancellationToken cancellation)
    {
        var wish = post.Details.Channels?.FirstOrDefault(one => one.Channel == channel.Id);
        if (post.Status != PostStatus.Published || wish?.Goes == false || !making.Hears(channel, ChannelEvent.PostPublished)) return;
        var isNews = post.PublishedAt > clock.GetUtcNow() - News;
        if (wish?.Goes != true && (!isNews || channel.Settings.Choice.Refusal(ChannelTargets.Of(post)) is not null)) return;
        var before = await database.ChannelDeliveries.AsNoTracking().Where(one => one.ChannelId == channel.Id && one.PostId == post.Id && one.State != DeliveryState.Cancelled).OrderBy(one => one.Id).ToListAsync(cancellation);
        var there = before.Where(one => one.Act == DeliveryAct.Publish).Select(one => one.Target).Distinct().Where(target => before.FindLast(one => one.Target == target && one.Act is DeliveryAct.Publish or DeliveryAct.Withdraw)!.Act == DeliveryAct.Publish).ToList();
        if (there.Count > 0 && channel.Kind is not ChannelKind.Pings) await FollowAsync(channel, post, DeliveryAct.Update, cancellation);
        // What was withdrawn, or cancelled with the post, goes out anew.
        var (round, turn) = (await NextRoundAsync(channel, post, cancellation), wish?.Turn ?? await turns.NextAsync(channel, cancellation));
        foreach (var target in targets.Of(post, channel).Except(there)) making.Add(channel, post, DeliveryAct.Publish, target, await times.OfAsync(channel, post, wish, cancellation), wish?.Text, round, turn);
    }

    private async Task<int> NextRoundAsync(Channel channel, Post post, CancellationToken cancellation) =>
        await database.ChannelDeliveries.Where(one => one.ChannelId == channel.Id && one.PostId == post.Id && one.Act == DeliveryAct.Publish).MaxAsync(one => (int?)one.Round, cancellation) is { } last ? last + 1 : 0;

    private async Task FollowAsync(Channel channel, Post post, DeliveryAct act, CancellationToken cancellation)
    {
        var all = await database.ChannelDeliveries.Where(one => one.ChannelId == channel.Id && one.PostId == post.Id && one.Act != DeliveryAct.Tell).ToListAsync(cancellation);
        if (act == DeliveryAct.Withdraw) Cancel(all, "The post was withdrawn before it was sent.");
        if (channel.Kind == ChannelKind.Pings && act == DeliveryAct.Update) await TellNewPagesAsync(channel, post, all, cancellation);
        if (!channel.Settings.FollowsChanges || (channel.Kind == ChannelKind.Social && act == DeliveryAct.Update)) return;
        if (!making.Hears(channel, act == DeliveryAct.Update ? ChannelEvent.PostUpdated : ChannelEvent.PostWithdrawn)) return;
        // A change that waits already will bring what the post says by then.
        var waiting = all.Where(one => one.Act == act && one.State == DeliveryState.Queued && one.Attempts == 0).Select(one => one.Target).ToHashSet();
        foreach (var target in all.Where(one => one.Act == DeliveryAct.Publish && one.State == DeliveryState.Delivered).Select(one => one.Target).Distinct().Where(target => !waiting.Contains(target))) making.Add(channel, post, act, target, clock.GetUtcNow());
    }

    private async Task TellNewPagesAsync(Channel channel, Post post, List<ChannelDelivery> all, CancellationToken cancellation)
    {
        if (channel.Settings.Choice.Refusal(ChannelTargets.Of(post)) is not null) return;
        foreach (var target in targets.Of(post, channel).Except(all.Select(one => one.Target))) making.Add(channel, post, DeliveryAct.Publish, target, await times.OfAsync(channel, post, null, cancellation));
    }

    private static void Cancel(List<ChannelDelivery> all, string why)
    {
        foreach (var open in all.Where(one => one.State is DeliveryState.Queued or DeliveryState.Retrying)) (open.State, open.Answer) = (DeliveryState.Cancelled, why);
    }
}
