using Antiphon.Data;
using Antiphon.Server.Channels;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Digests;

/// <summary>Makes the editions whose time has come and writes them to the outbox.</summary>
internal sealed class DigestWorker(
    IServiceScopeFactory scopes, EditionGathering gathering, GatheringSignal signal, DeliverySignal deliveries, IOptions<DeliveryOptions> options, TimeProvider clock, ILogger<DigestWorker> log) : BackgroundService
{
    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        while (!stoppingToken.IsCancellationRequested)
        {
            try
            {
                await PlanAsync(stoppingToken);
                while (await gathering.GatherAsync(stoppingToken)) deliveries.Wake();
            }
            catch (Exception failure) when (failure is not OperationCanceledException)
            {
                log.LogError(failure, "Digests could not be worked off; trying again");
            }

            await signal.WaitAsync(TimeSpan.FromSeconds(options.Value.LookEverySeconds), stoppingToken);
        }
    }

    private async Task PlanAsync(CancellationToken cancellation)
    {
        await using var scope = scopes.CreateAsyncScope();
        var database = scope.ServiceProvider.GetRequiredService<AntiphonContext>();
        var now = clock.GetUtcNow();
        var due = await database.Digests.AsNoTracking().Include(one => one.Site).Where(one => one.NextAt <= now && one.PausedAt == null && one.ArchivedAt == null).OrderBy(one => one.NextAt).ToListAsync(cancellation);
        foreach (var digest in due) await scope.ServiceProvider.GetRequiredService<DigestPlanner>().PlanDueAsync(digest, cancellation);
    }
}
