using Microsoft.Extensions.Options;

namespace Antiphon.Server.FollowedFeeds;

/// <summary>Visits followed feeds when they are due, several at once, so that a slow one keeps nobody waiting; asks hubs again before their leases end.</summary>
internal sealed class FollowingWorker(IServiceProvider services, FollowingLease leases, TimeProvider clock, IOptions<FollowingOptions> options, ILogger<FollowingWorker> log) : BackgroundService
{
    /// <inheritdoc/>
    protected override Task ExecuteAsync(CancellationToken stoppingToken)
    {
        var visitors = Enumerable.Range(0, options.Value.AtOnce).Select(_ => RepeatAsync(VisitDueAsync, stoppingToken));
        return Task.WhenAll(visitors.Append(RepeatAsync(services.GetRequiredService<HubSubscriber>().RenewAsync, stoppingToken)));
    }

    private async Task VisitDueAsync(CancellationToken cancellation)
    {
        while (await leases.TakeNextAsync(cancellation) is { } blog) await services.GetRequiredService<FeedVisit>().VisitAsync(blog, cancellation);
    }

    private async Task RepeatAsync(Func<CancellationToken, Task> work, CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(TimeSpan.FromSeconds(options.Value.LookEverySeconds), clock);
        do
        {
            try
            {
                await work(stoppingToken);
            }
            catch (Exception failure) when (failure is not OperationCanceledException)
            {
                // One feed must never end the following of all others; its lease runs out and it is tried again.
                log.LogError(failure, "A visit failed unexpectedly");
            }
        }
        while (await timer.WaitForNextTickAsync(stoppingToken));
    }
}
