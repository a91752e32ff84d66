using System.Globalization;
using Antiphon.Core.Feeds.Discovery;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Blogs.Followed;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Platform;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Blogs.Followed;

/// <summary>Subscribes to followed feeds at the hubs they offer (WebSub §5) and renews before the lease ends.</summary>
internal sealed class HubSubscriber(
    GuardedClient client,
    IDbContextFactory<AntiphonContext> databases,
    TimeProvider clock,
    IOptions<AntiphonOptions> antiphon,
    IOptions<FollowingOptions> options
)
{
    /// <summary>How long a hub that refused is left alone.</summary>
    public static readonly TimeSpan AfterRefusal = TimeSpan.FromDays(1);

    private static readonly TimeSpan ConfirmedWithin = TimeSpan.FromMinutes(10);
    private static readonly TimeSpan AfterFailure = TimeSpan.FromHours(1);

    /// <summary>
    /// Notes the hub a feed offers, in the document or by a Link header; a feed that offers another one, or none any
    /// more, begins anew.
    /// </summary>
    public static void Offer(Following following, Feed feed, Fetched fetched, IKeySource keys, DateTimeOffset now)
    {
        var links = LinkHeader.Read(fetched.Headers.Links, fetched.Address);
        var hub = links.FirstOrDefault(link => link.Relations.Contains("hub"))?.Target.AbsoluteUri
            ?? feed.Hubs.Find(LinkResolver.IsWeb);
        if (hub is null)
        {
            following.Hub = null;
            return;
        }

        var self = links.FirstOrDefault(link => link.Relations.Contains("self"))?.Target.AbsoluteUri
            ?? (LinkResolver.IsWeb(feed.FeedLink) ? feed.FeedLink : null);
        var topic = self ?? fetched.Address.AbsoluteUri;
        if (following.Hub is { } known && known.Hub == hub && known.Topic == topic)
            return;
        following.Hub ??= new HubSubscription();
        (following.Hub.Hub, following.Hub.Topic, following.Hub.Key, following.Hub.Secret) = (
            hub,
            topic,
            keys.NewKey(24),
            keys.NewKey(40)
        );
        (following.Hub.State, following.Hub.AskedAt, following.Hub.RenewAt, following.Hub.LeaseUntil) = (
            HubState.None,
            now,
            now,
            null
        );
    }

    /// <summary>
    /// Asks the hub to tell us of changes. It confirms by calling us; until then the feed is visited as ever. One that
    /// was asked and never confirmed is let rest for a day.
    /// </summary>
    public async Task AskAsync(Claim<HubSubscription> claim, CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        var hub = await database.HubSubscriptions.SingleAsync(
            subscription => subscription.BlogId == claim.Key,
            cancellation
        );
        var now = clock.GetUtcNow();
        if (hub.State == HubState.Asked)
        {
            (hub.RenewAt, hub.State) = (now + AfterRefusal, HubState.Refused);
            await claim.EndAsync(database, cancellation);
            return;
        }

        // Recorded first: the hub may call before its answer has reached us (§5.3).
        (hub.AskedAt, hub.RenewAt) = (now, now + ConfirmedWithin);
        if (hub.State != HubState.Subscribed || hub.LeaseUntil <= now)
            hub.State = HubState.Asked;
        await claim.StepAsync(database, cancellation);
        var answer = await client.PostFormAsync(new Uri(hub.Hub), Form(hub, "subscribe"), cancellation, isSecret: true);
        // A no is believed for longer than a hub that is away or in trouble.
        var next = now + (answer.Status is >= 400 and < 500 ? AfterRefusal : AfterFailure);
        await claim.EndAsync(
            database,
            () =>
                answer.Problem is null
                    ? Task.CompletedTask
                    : database
                        .HubSubscriptions.Where(subscription =>
                            subscription.BlogId == claim.Key && subscription.State != HubState.Subscribed
                        )
                        .ExecuteUpdateAsync(
                            set =>
                                set.SetProperty(subscription => subscription.State, HubState.Refused)
                                    .SetProperty(subscription => subscription.RenewAt, next),
                            cancellation
                        ),
            cancellation
        );
    }

    /// <summary>
    /// Tells the hub that we do not want to know any more. A hub that does not listen stops when the lease ends.
    /// </summary>
    public async Task LeaveAsync(HubSubscription hub, CancellationToken cancellation) =>
        await client.PostFormAsync(new Uri(hub.Hub), Form(hub, "unsubscribe"), cancellation, isSecret: true);

    private Dictionary<string, string> Form(HubSubscription hub, string mode) =>
        new()
        {
            ["hub.mode"] = mode,
            ["hub.topic"] = hub.Topic,
            ["hub.callback"] = antiphon.Value.AddressOf($"websub/{hub.Key}"),
            ["hub.secret"] = hub.Secret,
            ["hub.lease_seconds"] = (options.Value.LeaseDays * 86_400).ToString(CultureInfo.InvariantCulture),
        };
}
