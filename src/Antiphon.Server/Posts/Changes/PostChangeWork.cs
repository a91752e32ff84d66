using Antiphon.Core.Channels;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts.Changes;

/// <summary>
/// Turns changes of posts into what goes out. A change and all it brings, on every way out, are exchanged in one
/// transaction, so that each is planned once.
/// </summary>
internal sealed class PostChangeWork(Leases<PostChange> leases, WorkTools tools, PostChangeSignal signal)
    : LeasedWork<PostChange>(leases, tools, signal)
{
    /// <summary>What became public longer ago is no news.</summary>
    public static readonly TimeSpan News = TimeSpan.FromDays(2);

    /// <summary>The oldest change; those of one post in their order.</summary>
    protected override Task<PostChange?> NextAsync(
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    ) =>
        database
            .PostChanges.Free(now)
            .Where(change =>
                change.DueAt <= now
                && !database.PostChanges.Any(before =>
                    before.PostId == change.PostId
                    && before.Id < change.Id
                    && before.DueAt <= now
                    && before.HeldUntil > now
                )
            )
            .OrderBy(change => change.Id)
            .FirstOrDefaultAsync(cancellation);

    /// <inheritdoc/>
    protected override async Task DoAsync(
        Claim<PostChange> claim,
        IServiceProvider services,
        CancellationToken cancellation
    )
    {
        var database = services.GetRequiredService<AntiphonContext>();
        await claim.EndAsync(database, () => PlanAsync(claim.Row, services, database, cancellation), cancellation);
    }

    /// <inheritdoc/>
    protected override async Task<GivenUp?> GiveUpAsync(
        AntiphonContext database,
        PostChange row,
        string why,
        CancellationToken cancellation
    )
    {
        database.PostChanges.Remove(row);
        var post = await database
            .Posts.IgnoreQueryFilters()
            .SingleAsync(candidate => candidate.Id == row.PostId, cancellation);
        return new GivenUp(
            post.SiteId,
            $"What “{post.Title}” brings by channels and email could not be planned",
            $"posts/{post.Id}/where"
        );
    }

    /// <summary>
    /// Plans everything that is due for a site in the caller's transaction, also what a worker holds, whose claim is
    /// lost with it.
    /// </summary>
    public async Task PlanAllAsync(long site, IServiceProvider services, CancellationToken cancellation)
    {
        var (database, now) = (services.GetRequiredService<AntiphonContext>(), Tools.Clock.GetUtcNow());
        foreach (
            var change in await database
                .PostChanges.AsNoTracking()
                .IgnoreQueryFilters()
                .Where(change => change.Post.SiteId == site && change.DueAt <= now)
                .OrderBy(change => change.Id)
                .ToListAsync(cancellation)
        )
        {
            await PlanAsync(change, services, database, cancellation);
            await database.SaveChangesAsync(cancellation);
        }
    }

    private async Task PlanAsync(
        PostChange change,
        IServiceProvider services,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        await database.PostChanges.Where(postChange => postChange.Id == change.Id).ExecuteDeleteAsync(cancellation);
        var post = await database
            .Posts.IgnoreQueryFilters()
            .Include(row => row.Blog.Site)
            .Include(row => row.Blog.Following)
            .SingleAsync(row => row.Id == change.PostId, cancellation);
        var now = Tools.Clock.GetUtcNow();
        // Meanwhile it may have been withdrawn, or dated ahead; that has a note of its own.
        if (change.Act != DeliveryAct.Withdraw && !post.IsPublicAt(now))
            return;
        foreach (var planner in services.GetServices<IChangePlanner>())
            await planner.PlanAsync(change.Act, post, post.PublishedAt > now - News, cancellation);
    }
}
