using System.Globalization;
using Antiphon.Core.Feeds.Discovery;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Hosting;
using Antiphon.Server.Outgoing;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.FollowedFeeds;

/// <summary>Subscribes to followed feeds at the hubs they offer (WebSub §5) and renews before the lease ends.</summary>
internal sealed class HubSubscriber(
    GuardedClient client, IDbContextFactory<AntiphonContext> databases, TimeProvider clock, IHostApplicationLifetime lifetime, IOptions<AntiphonOptions> antiphon, IOptions<FollowingOptions> options)
{
    private static readonly TimeSpan ConfirmedWithin = TimeSpan.FromMinutes(10);
    private static readonly TimeSpan AfterFailure = TimeSpan.FromHours(1);
    private static readonly TimeSpan AfterRefusal = TimeSpan.FromDays(1);

    // A hub that calls back before anybody listens takes it for a no.
    private bool IsListening => lifetime.ApplicationStarted.IsCancellationRequested;

    /// <summary>Notes the hub a feed offers, in the document or by a Link header; a feed that offers another one, or none any more, begins anew.</summary>
    public static void Offer(Following following, Feed feed, Fetched fetched, IKeySource keys, DateTimeOffset now)
    {
        var links = LinkHeader.Read(fetched.Headers.Links, fetched.Address);
        var hub = links.FirstOrDefault(link => link.Relations.Contains("hub"))?.Target.AbsoluteUri ?? feed.Hubs.Find(LinkResolver.IsWeb);
        if (hub is null)
        {
            following.Hub = null;
            return;
        }

        var self = links.FirstOrDefault(link => link.Relations.Contains("self"))?.Target.AbsoluteUri ?? (LinkResolver.IsWeb(feed.FeedLink) ? feed.FeedLink : null);
        var topic = self ?? fetched.Address.AbsoluteUri;
        if (following.Hub is { } known && known.Hub == hub && known.Topic == topic) return;
        following.Hub ??= new HubSubscription();
        (following.Hub.Hub, following.Hub.Topic, following.Hub.Key, following.Hub.Secret) = (hub, topic, keys.NewKey(24), keys.NewKey(40));
        (following.Hub.State, following.Hub.AskedAt, following.Hub.RenewAt, following.Hub.LeaseUntil) = (HubState.None, now, now, null);
    }

    /// <summary>Asks the hub to tell us of changes. It confirms by calling us; until then the feed is visited as ever. While the server is still starting nothing is asked, and what is due stays so.</summary>
    public async Task AskAsync(long blog, CancellationToken cancellation)
    {
        if (!IsListening) return;
        await using var database = await databases.CreateDbContextAsync(cancellation);
        if (await database.HubSubscriptions.SingleOrDefaultAsync(one => one.BlogId == blog, cancellation) is not { } hub) return;
        var now = clock.GetUtcNow();
        var renews = hub.State == HubState.Subscribed && hub.LeaseUntil > now;
        // Recorded first: the hub may call before its answer has reached us (§5.3).
        (hub.AskedAt, hub.RenewAt) = (now, now + ConfirmedWithin);
        if (!renews) hub.State = HubState.Asked;
        await database.SaveChangesAsync(cancellation);
        var answer = await client.PostFormAsync(new Uri(hub.Hub), Form(hub, "subscribe"), cancellation, isSecret: true);
        if (answer.Problem is null) return;
        // A no is believed for longer than a hub that is away or in trouble.
        var pause = answer.Status is >= 400 and < 500 ? AfterRefusal : AfterFailure;
        await database.HubSubscriptions.Where(one => one.BlogId == blog && one.State != HubState.Subscribed)
            .ExecuteUpdateAsync(set => set.SetProperty(one => one.State, HubState.Refused).SetProperty(one => one.RenewAt, now + pause), cancellation);
    }

    /// <summary>Tells the hub that we do not want to know any more. A hub that does not listen stops when the lease ends.</summary>
    public async Task LeaveAsync(HubSubscription hub, CancellationToken cancellation) =>
        await client.PostFormAsync(new Uri(hub.Hub), Form(hub, "unsubscribe"), cancellation, isSecret: true);

    /// <summary>Asks every hub again that is due: before its lease ends, a day after it refused, an hour after it could not be reached, or when it never confirmed; none while the server is still starting.</summary>
    public async Task RenewAsync(CancellationToken cancellation)
    {
        if (!IsListening) return;
        await using var database = await databases.CreateDbContextAsync(cancellation);
        var now = clock.GetUtcNow();
        var due = await database.HubSubscriptions.AsNoTracking().Where(one => one.RenewAt <= now && one.Following.Standing == FollowingStanding.Active).Select(one => new { one.BlogId, one.State, one.RenewAt }).ToListAsync(cancellation);
        foreach (var one in due)
        {
            // One that was asked and never confirmed is let rest for a day.
            var (pause, state) = one.State == HubState.Asked ? (AfterRefusal, HubState.Refused) : (ConfirmedWithin, one.State);
            var next = now + pause;
            var taken = await database.HubSubscriptions.Where(row => row.BlogId == one.BlogId && row.RenewAt == one.RenewAt)
                .ExecuteUpdateAsync(set => set.SetProperty(row => row.RenewAt, next).SetProperty(row => row.State, state), cancellation);
            if (taken == 1 && one.State != HubState.Asked) await AskAsync(one.BlogId, cancellation);
        }
    }

    private Dictionary<string, string> Form(HubSubscription hub, string mode) => new()
    {
        ["hub.mode"] = mode,
        ["hub.topic"] = hub.Topic,
        ["hub.callback"] = antiphon.Value.AddressOf($"websub/{hub.Key}"),
        ["hub.secret"] = hub.Secret,
        ["hub.lease_seconds"] = (options.Value.LeaseDays * 86_400).ToString(CultureInfo.InvariantCulture),
    };
}
