using Antiphon.Data;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Blogs;

/// <summary>Visits followed feeds when they are due.</summary>
internal sealed class FollowingWorker(
    IServiceProvider services, IDbContextFactory<AntiphonContext> databases, TimeProvider clock, IOptions<FollowingOptions> options, ILogger<FollowingWorker> log) : BackgroundService
{
    private static readonly TimeSpan Lease = TimeSpan.FromMinutes(2);

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(TimeSpan.FromSeconds(options.Value.LookEverySeconds), clock);
        do
        {
            try
            {
                while (await ClaimAsync(stoppingToken) is { } blog) await services.GetRequiredService<FeedVisit>().VisitAsync(blog, stoppingToken);
            }
            catch (Exception failure) when (failure is not OperationCanceledException)
            {
                // One feed must never end the following of all others; its lease runs out and it is tried again.
                log.LogError(failure, "A visit failed unexpectedly");
            }
        }
        while (await timer.WaitForNextTickAsync(stoppingToken));
    }

    private async Task<long?> ClaimAsync(CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        var now = clock.GetUtcNow();
        var due = await database.Followings.AsNoTracking()
            .Where(one => one.NextVisitAt <= now && (one.LeaseUntil == null || one.LeaseUntil < now))
            .OrderBy(one => one.NextVisitAt).Select(one => (long?)one.BlogId).FirstOrDefaultAsync(cancellation);
        if (due is null) return null;
        var until = now + Lease;
        var claimed = await database.Followings
            .Where(one => one.BlogId == due && (one.LeaseUntil == null || one.LeaseUntil < now))
            .ExecuteUpdateAsync(set => set.SetProperty(one => one.LeaseUntil, until), cancellation);
        return claimed == 1 ? due : null;
    }
}
