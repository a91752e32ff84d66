using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Hosting;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Watching;

/// <summary>Checks watched feeds when they are due, and takes the feeds of blogs written here in by itself.</summary>
internal sealed class WatchWorker(
    IServiceProvider services, WatchLease leases, IDbContextFactory<AntiphonContext> databases, TimeProvider clock, IOptions<AntiphonOptions> antiphon, IOptions<WatchingOptions> options, ILogger<WatchWorker> log) : BackgroundService
{
    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(TimeSpan.FromSeconds(options.Value.LookEverySeconds), clock);
        // The first look is one pause away: our own feeds are served by this very process, which may still be starting.
        while (await timer.WaitForNextTickAsync(stoppingToken))
        {
            try
            {
                await TakeInOwnAsync(stoppingToken);
                while (await leases.TakeNextAsync(stoppingToken) is { } feed) await CheckAsync(feed, stoppingToken);
            }
            catch (Exception failure) when (failure is not OperationCanceledException)
            {
                // One feed must never end the watching of all others; its lease runs out and it is tried again.
                log.LogError(failure, "A watched feed could not be checked");
            }
        }
    }

    private async Task CheckAsync(long feed, CancellationToken cancellation)
    {
        await using var scope = services.CreateAsyncScope();
        await scope.ServiceProvider.GetRequiredService<WatchVisit>().CheckAsync(feed, cancellation);
    }

    private async Task TakeInOwnAsync(CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        var missing = await database.Blogs.AsNoTracking().Where(blog => blog.Following == null && !database.WatchedFeeds.Any(feed => feed.BlogId == blog.Id)).ToListAsync(cancellation);
        if (missing.Count == 0) return;
        var now = clock.GetUtcNow();
        database.WatchedFeeds.AddRange(missing.Select(blog => new WatchedFeed { SiteId = blog.SiteId, BlogId = blog.Id, Name = blog.Name, Address = antiphon.Value.AddressOf($"feeds/{blog.Key}.rss"), CreatedAt = now, NextCheckAt = now }));
        await database.SaveChangesAsync(cancellation);
    }
}
