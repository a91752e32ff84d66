using Antiphon.Data;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts.Lists;

/// <summary>Deletes for good what has lain in the bin for thirty days, and forgets what changes to many posts were before.</summary>
internal sealed class BinClearing(IServiceScopeFactory scopes, TimeProvider clock, ILogger<BinClearing> log) : BackgroundService
{
    /// <summary>How long a post lies in the bin.</summary>
    public static readonly TimeSpan KeptFor = TimeSpan.FromDays(30);

    private static readonly TimeSpan Between = TimeSpan.FromHours(1);

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(Between, clock);
        do
        {
            try
            {
                await ClearAsync(stoppingToken);
            }
            catch (Exception failure) when (failure is not OperationCanceledException)
            {
                log.LogError(failure, "Clearing the bin failed");
            }
        }
        while (await timer.WaitForNextTickAsync(stoppingToken));
    }

    private async Task ClearAsync(CancellationToken cancellation)
    {
        await using var scope = scopes.CreateAsyncScope();
        var database = scope.ServiceProvider.GetRequiredService<AntiphonContext>();
        var until = clock.GetUtcNow() - KeptFor;
        await database.Posts.IgnoreQueryFilters().Where(post => post.DeletedAt <= until).ExecuteDeleteAsync(cancellation);
        await database.BulkChanges.Where(change => change.MadeAt <= until).ExecuteDeleteAsync(cancellation);
    }
}
