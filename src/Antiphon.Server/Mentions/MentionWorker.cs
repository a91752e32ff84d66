using Antiphon.Data;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Mentions;

/// <summary>Reads the pages of mentions when they are due; what a dead worker held is read again when its lease ends.</summary>
internal sealed class MentionWorker(IServiceScopeFactory scopes, MentionSignal signal, TimeProvider clock, IOptions<MentionOptions> options, ILogger<MentionWorker> log) : BackgroundService
{
    // Longer than any page may take.
    private static readonly TimeSpan Lease = TimeSpan.FromMinutes(2);

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        while (!stoppingToken.IsCancellationRequested)
        {
            try
            {
                while (await ReadNextAsync(stoppingToken)) { }
            }
            catch (Exception failure) when (failure is not OperationCanceledException)
            {
                log.LogError(failure, "A mention could not be read; trying again when its lease ends");
            }

            await signal.WaitAsync(TimeSpan.FromSeconds(options.Value.LookEverySeconds), stoppingToken);
        }
    }

    private async Task<bool> ReadNextAsync(CancellationToken cancellation)
    {
        await using var scope = scopes.CreateAsyncScope();
        var (now, until) = (clock.GetUtcNow().ToUnixTimeMilliseconds(), (clock.GetUtcNow() + Lease).ToUnixTimeMilliseconds());
        var taken = await scope.ServiceProvider.GetRequiredService<AntiphonContext>().Database.SqlQuery<long>($"""
            UPDATE Mentions SET NextReadAt = {until}, Attempts = Attempts + 1
            WHERE Id = (SELECT Id FROM Mentions WHERE NextReadAt IS NOT NULL AND NextReadAt <= {now} ORDER BY NextReadAt LIMIT 1)
            RETURNING Id AS Value
            """).ToListAsync(cancellation);
        if (taken.Count == 0) return false;
        try
        {
            await scope.ServiceProvider.GetRequiredService<MentionVisit>().ReadAsync(taken[0], cancellation);
        }
        catch (Exception failure) when (failure is not OperationCanceledException || !cancellation.IsCancellationRequested)
        {
            // One mention must not come up for ever, nor keep the others waiting. What it left unsaved is left behind with its scope.
            log.LogError(failure, "Mention {Mention} could not be read", taken[0]);
            await using var fresh = scopes.CreateAsyncScope();
            await fresh.ServiceProvider.GetRequiredService<MentionVisit>().FailAsync(taken[0], failure.Message, cancellation);
        }

        return true;
    }
}
