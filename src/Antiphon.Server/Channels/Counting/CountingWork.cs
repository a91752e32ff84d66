using Antiphon.Server.Hosting;

namespace Antiphon.Server.Channels.Counting;

/// <summary>Asks networks from time to time what short posts brought.</summary>
internal sealed class CountingWork(IServiceScopeFactory scopes, TimeProvider clock, ILogger<CountingWork> log) : RepeatedWork(scopes, clock, log)
{
    /// <inheritdoc/>
    protected override TimeSpan Between => TimeSpan.FromMinutes(1);

    /// <inheritdoc/>
    protected override async Task DoAsync(IServiceProvider services, DateTimeOffset now, CancellationToken cancellation)
    {
        while (await services.GetRequiredService<AnswerCounts>().CountDueAsync(cancellation) > 0) continue;
    }
}
