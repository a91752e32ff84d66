using Antiphon.Core.Syndication;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Channels;

/// <summary>Claims deliveries and records what became of them. Every step is one commit, so a crash between two steps loses nothing.</summary>
internal sealed class Outbox(IDbContextFactory<AntiphonContext> databases, TimeProvider clock, Random random, IOptions<DeliveryOptions> options)
{
    /// <summary>Claims what is due, oldest first: new ones, retries, and those whose worker died. Empty when nothing is.</summary>
    public async Task<IReadOnlyList<Delivery>> ClaimAsync(CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        var now = clock.GetUtcNow().ToUnixTimeMilliseconds();
        var lease = now + (options.Value.LeaseSeconds * 1000L);
        var claimed = await database.Database.SqlQuery<long>($"""
            UPDATE Deliveries SET State = 'Sending', NextAttemptAt = {lease}, Attempts = Attempts + 1
            WHERE Id IN (SELECT Id FROM Deliveries WHERE State IN ('Queued', 'Retrying', 'Sending') AND NextAttemptAt <= {now} ORDER BY NextAttemptAt LIMIT {options.Value.BatchSize})
            RETURNING Id
            """).ToListAsync(cancellation);
        if (claimed.Count == 0) return [];
        return await database.Deliveries.AsNoTracking().AsSplitQuery().Include(one => one.Post.Blog).Include(one => one.Subscriber.Site)
            .Where(one => claimed.Contains(one.Id)).OrderBy(one => one.Id).ToListAsync(cancellation);
    }

    /// <summary>The receiver took it.</summary>
    public Task DeliveredAsync(Delivery delivery, string answer) => RecordAsync(delivery, DeliveryState.Delivered, clock.GetUtcNow(), answer);

    /// <summary>It will not be tried again.</summary>
    public Task FailedAsync(Delivery delivery, string answer) => RecordAsync(delivery, DeliveryState.Failed, clock.GetUtcNow(), answer);

    /// <summary>It was taken back: the subscriber left or the post was withdrawn.</summary>
    public Task CancelledAsync(Delivery delivery, string why) => RecordAsync(delivery, DeliveryState.Cancelled, clock.GetUtcNow(), why);

    /// <summary>It failed in a way that may pass: another attempt after a pause, or none when there were enough.</summary>
    public Task RetryAsync(Delivery delivery, string answer) => RetrySchedule.PauseAfter(delivery.Attempts, random.NextDouble()) is { } pause
        ? RecordAsync(delivery, DeliveryState.Retrying, clock.GetUtcNow() + pause, answer)
        : FailedAsync(delivery, answer);

    private async Task RecordAsync(Delivery delivery, DeliveryState state, DateTimeOffset next, string answer)
    {
        await using var database = await databases.CreateDbContextAsync();
        var delivered = state == DeliveryState.Delivered ? clock.GetUtcNow() : (DateTimeOffset?)null;
        await database.Deliveries.Where(one => one.Id == delivery.Id).ExecuteUpdateAsync(set => set
            .SetProperty(one => one.State, state).SetProperty(one => one.NextAttemptAt, next)
            .SetProperty(one => one.DeliveredAt, delivered).SetProperty(one => one.LastAnswer, answer));
    }
}
