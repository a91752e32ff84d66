using Antiphon.Data;
using Antiphon.Data.Feeds.Monitoring;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Platform;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Feeds.Monitoring;

/// <summary>
/// Checks watched feeds when they are due, several at once, and takes the feeds of blogs written here in by itself.
/// </summary>
internal sealed class WatchWorker(
    Leases<WatchedFeed> leases,
    WorkTools tools,
    IHostApplicationLifetime lifetime,
    IOptions<AntiphonOptions> antiphon,
    IOptions<WatchingOptions> options
) : LeasedWork<WatchedFeed>(leases, tools)
{
    /// <inheritdoc/>
    protected override int AtOnce => options.Value.AtOnce;

    /// <inheritdoc/>
    protected override TimeSpan Look => TimeSpan.FromSeconds(options.Value.LookEverySeconds);

    /// <summary>
    /// Once: a check that could not be made is a check that found the feed bad, and the next comes after its pause.
    /// </summary>
    protected override int MostThrown => 1;

    /// <summary>Not before the server listens: our own feeds are served by this very process.</summary>
    protected override Task<bool> IsOpenAsync(CancellationToken cancellation) =>
        Task.FromResult(lifetime.ApplicationStarted.IsCancellationRequested);

    /// <inheritdoc/>
    protected override Task<WatchedFeed?> NextAsync(
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    ) =>
        database
            .WatchedFeeds.Free(now)
            .Where(feed => feed.NextCheckAt <= now)
            .OrderBy(feed => feed.NextCheckAt)
            .FirstOrDefaultAsync(cancellation);

    /// <inheritdoc/>
    protected override Task DoAsync(
        Claim<WatchedFeed> claim,
        IServiceProvider services,
        CancellationToken cancellation
    ) => services.GetRequiredService<WatchVisit>().CheckAsync(claim, cancellation);

    /// <summary>Kept like any check that found something wrong, which tells the team by itself.</summary>
    protected override async Task<GivenUp?> GiveUpAsync(
        AntiphonContext database,
        WatchedFeed row,
        string why,
        CancellationToken cancellation
    )
    {
        await using var scope = Tools.Scopes.CreateAsyncScope();
        await scope
            .ServiceProvider.GetRequiredService<WatchVisit>()
            .FailedAsync(database, row, new Fetched(new Uri(row.Address), FetchProblem.Unusable, why), cancellation);
        return null;
    }

    /// <inheritdoc/>
    protected override Task PrepareAsync(CancellationToken cancellation) => TakeInOwnAsync(cancellation);

    private async Task TakeInOwnAsync(CancellationToken cancellation)
    {
        await using var database = await Tools.Databases.CreateDbContextAsync(cancellation);
        var missing = await database
            .Blogs.AsNoTracking()
            .Where(blog => blog.Following == null && !database.WatchedFeeds.Any(feed => feed.BlogId == blog.Id))
            .ToListAsync(cancellation);
        if (missing.Count == 0)
            return;
        var now = Tools.Clock.GetUtcNow();
        database.WatchedFeeds.AddRange(
            missing.Select(blog => new WatchedFeed
            {
                SiteId = blog.SiteId,
                BlogId = blog.Id,
                Name = blog.Name,
                Address = antiphon.Value.AddressOf($"feeds/{blog.Key}.rss"),
                CreatedAt = now,
                NextCheckAt = now,
            })
        );
        await database.SaveChangesAsync(cancellation);
    }
}
