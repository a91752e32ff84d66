using Antiphon.Data;
using Antiphon.Data.Blogs.Followed;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Blogs.Followed;

/// <summary>
/// Asks hubs: those a feed offers for the first time, and again before a lease ends, a day after a hub refused, an hour
/// after it could not be reached.
/// </summary>
internal sealed class HubWork(
    Leases<HubSubscription> leases,
    WorkTools tools,
    HubSubscriber hubs,
    HubAskSignal signal,
    IHostApplicationLifetime lifetime,
    IOptions<FollowingOptions> options
) : LeasedWork<HubSubscription>(leases, tools, signal)
{
    /// <inheritdoc/>
    protected override TimeSpan Look => TimeSpan.FromSeconds(options.Value.LookEverySeconds);

    /// <summary>Not before the server listens: a hub that calls back before that takes it for a no.</summary>
    protected override Task<bool> IsOpenAsync(CancellationToken cancellation) =>
        Task.FromResult(lifetime.ApplicationStarted.IsCancellationRequested);

    /// <inheritdoc/>
    protected override Task<HubSubscription?> NextAsync(
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    ) =>
        database
            .HubSubscriptions.Free(now)
            .Where(subscription =>
                subscription.RenewAt <= now && subscription.Following.Standing == FollowingStanding.Active
            )
            .OrderBy(subscription => subscription.RenewAt)
            .FirstOrDefaultAsync(cancellation);

    /// <inheritdoc/>
    protected override Task DoAsync(
        Claim<HubSubscription> claim,
        IServiceProvider services,
        CancellationToken cancellation
    ) => hubs.AskAsync(claim, cancellation);

    /// <summary>Nothing is lost: the feed is visited as ever, and the hub asked again tomorrow.</summary>
    protected override Task<GivenUp?> GiveUpAsync(
        AntiphonContext database,
        HubSubscription row,
        string why,
        CancellationToken cancellation
    )
    {
        (row.State, row.RenewAt) = (HubState.Refused, Tools.Clock.GetUtcNow() + HubSubscriber.AfterRefusal);
        return Task.FromResult<GivenUp?>(null);
    }
}
