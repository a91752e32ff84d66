using Antiphon.Data;
using Antiphon.Data.Blogs.Followed;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Blogs.Followed;

/// <summary>
/// Visits followed feeds when they are due, several at once, so that a slow one keeps nobody waiting; one at a time at
/// a host.
/// </summary>
internal sealed class FollowingWorker(Leases<Following> leases, WorkTools tools, IOptions<FollowingOptions> options)
    : LeasedWork<Following>(leases, tools)
{
    /// <inheritdoc/>
    protected override int AtOnce => options.Value.AtOnce;

    /// <inheritdoc/>
    protected override TimeSpan Look => TimeSpan.FromSeconds(options.Value.LookEverySeconds);

    /// <summary>
    /// Once: a visit that could not be taken over is a failed visit, and the next comes after its pause.
    /// </summary>
    protected override int MostThrown => 1;

    /// <inheritdoc/>
    protected override Task<Following?> NextAsync(
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    ) =>
        AtRest(database, now)
            .Where(following => following.Standing == FollowingStanding.Active && following.NextVisitAt <= now)
            .OrderBy(following => following.NextVisitAt)
            .FirstOrDefaultAsync(cancellation);

    /// <inheritdoc/>
    protected override IQueryable<Following> Now(AntiphonContext database, long key, DateTimeOffset now) =>
        AtRest(database, now).Where(following => following.BlogId == key);

    /// <inheritdoc/>
    protected override Task DoAsync(
        Claim<Following> claim,
        IServiceProvider services,
        CancellationToken cancellation
    ) => services.GetRequiredService<FeedVisit>().VisitAsync(claim, cancellation);

    /// <inheritdoc/>
    protected override async Task<GivenUp?> GiveUpAsync(
        AntiphonContext database,
        Following row,
        string why,
        CancellationToken cancellation
    )
    {
        var blog = await database
            .Blogs.Include(candidate => candidate.Following!.Hub)
            .SingleAsync(candidate => candidate.Id == row.BlogId, cancellation);
        var isNews = row.Problem != nameof(FetchProblem.Unusable);
        FeedVisit.Failed(
            blog,
            new Fetched(new Uri(row.FeedAddress), FetchProblem.Unusable, why),
            Tools.Clock.GetUtcNow(),
            Tools.Random
        );
        return isNews ? new GivenUp(blog.SiteId, $"The feed of {blog.Name} could not be taken over", "feeds") : null;
    }

    // Feeds that nobody visits, at hosts nobody visits.
    private static IQueryable<Following> AtRest(AntiphonContext database, DateTimeOffset now) =>
        database
            .Followings.Free(now)
            .Where(following =>
                following.Host == null
                || !database.Followings.Any(other =>
                    other.Host == following.Host && other.BlogId != following.BlogId && other.HeldUntil > now
                )
            );
}
