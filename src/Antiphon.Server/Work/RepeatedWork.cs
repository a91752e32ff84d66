namespace Antiphon.Server.Work;

/// <summary>
/// Work that is done at the start and then every so often, an hour unless it says otherwise; what fails is tried again
/// the next time.
/// </summary>
internal abstract class RepeatedWork(IServiceScopeFactory scopes, TimeProvider clock, ILogger log) : BackgroundService
{
    /// <summary>Time between two times.</summary>
    protected virtual TimeSpan Between => TimeSpan.FromHours(1);

    /// <summary>Does it.</summary>
    /// <param name="services">Services, of a scope of its own.</param>
    /// <param name="now">The moment.</param>
    /// <param name="cancellation">Ends it.</param>
    protected abstract Task DoAsync(IServiceProvider services, DateTimeOffset now, CancellationToken cancellation);

    /// <summary>Does it now.</summary>
    public async Task RunAsync(CancellationToken cancellation)
    {
        await using var scope = scopes.CreateAsyncScope();
        await DoAsync(scope.ServiceProvider, clock.GetUtcNow(), cancellation);
    }

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(Between, clock);
        do
        {
            try
            {
                await RunAsync(stoppingToken);
            }
            catch (Exception failure) when (failure is not OperationCanceledException)
            {
                log.LogError(failure, "{Work} failed", GetType().Name);
            }
        } while (await timer.WaitForNextTickAsync(stoppingToken));
    }
}
