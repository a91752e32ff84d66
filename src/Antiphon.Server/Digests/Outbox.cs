using Antiphon.Core.Syndication;
using Antiphon.Core.Syndication.Digests;
using Antiphon.Data;
using Antiphon.Data.Entities.Syndication.Mailing;
using Antiphon.Server.Channels;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Digests;

/// <summary>Claims mails to subscribers and records what became of them. Every step is one commit, so a crash between two steps loses nothing.</summary>
internal sealed class Outbox(IDbContextFactory<AntiphonContext> databases, TimeProvider clock, Random random, IOptions<DeliveryOptions> options)
{
    /// <summary>Claims what is due, oldest first: new ones, retries, and those whose worker died; what belongs to a paused edition is passed over. Empty when nothing is due.</summary>
    public async Task<IReadOnlyList<Delivery>> ClaimAsync(CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        var now = clock.GetUtcNow().ToUnixTimeMilliseconds();
        var lease = now + (options.Value.LeaseSeconds * 1000L);
        var claimed = await database.Database.SqlQuery<long>($"""
            UPDATE Deliveries SET State = 'Sending', NextAttemptAt = {lease}, Attempts = Attempts + 1
            WHERE Id IN (SELECT Id FROM Deliveries WHERE State IN ('Queued', 'Sending', 'Retrying') AND NextAttemptAt <= {now}
                AND EditionId NOT IN (SELECT Id FROM Editions WHERE PausedAt IS NOT NULL AND State IN ('Gathering', 'Sending'))
                ORDER BY NextAttemptAt LIMIT {options.Value.BatchSize})
            RETURNING Id
            """).ToListAsync(cancellation);
        if (claimed.Count == 0) return [];
        return await database.Deliveries.AsNoTracking().Include(one => one.Subscriber).Where(one => claimed.Contains(one.Id)).OrderBy(one => one.Id).ToListAsync(cancellation);
    }

    /// <summary>Gives a claimed mail back when its edition was paused or ended meanwhile; whether it did.</summary>
    public async Task<bool> GiveBackAsync(Delivery delivery, CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        var edition = await database.Editions.Where(one => one.Id == delivery.EditionId).Select(one => new { one.PausedAt, one.State }).FirstAsync(cancellation);
        var (state, why) = edition.State == EditionState.Cancelled ? (DeliveryState.Cancelled, "Cancelled by the team.") : (DeliveryState.Queued, null);
        if (state == DeliveryState.Queued && edition.PausedAt is null) return false;
        var now = clock.GetUtcNow();
        await database.Deliveries.Where(one => one.Id == delivery.Id && one.State == DeliveryState.Sending)
            .ExecuteUpdateAsync(set => set.SetProperty(one => one.State, state).SetProperty(one => one.NextAttemptAt, now).SetProperty(one => one.Attempts, one => one.Attempts - 1).SetProperty(one => one.LastAnswer, why), cancellation);
        return true;
    }

    /// <summary>Holds the claim for another lease before the next step outside; false when it was lost to another worker.</summary>
    public async Task<bool> RenewAsync(Delivery delivery)
    {
        await using var database = await databases.CreateDbContextAsync();
        var lease = clock.GetUtcNow().AddSeconds(options.Value.LeaseSeconds);
        return await Held(database, delivery).ExecuteUpdateAsync(set => set.SetProperty(one => one.NextAttemptAt, lease)) == 1;
    }

    /// <summary>Gives a claimed mail back as if it had not been taken up.</summary>
    /// <param name="delivery">The mail.</param>
    /// <param name="next">When it is due again.</param>
    /// <param name="why">Why it could not be sent, or null.</param>
    public async Task ReleaseAsync(Delivery delivery, DateTimeOffset next, string? why = null)
    {
        await using var database = await databases.CreateDbContextAsync();
        var state = why is null ? DeliveryState.Queued : DeliveryState.Retrying;
        await Held(database, delivery).ExecuteUpdateAsync(set => set.SetProperty(one => one.State, state).SetProperty(one => one.NextAttemptAt, next).SetProperty(one => one.Attempts, one => one.Attempts - 1).SetProperty(one => one.LastAnswer, one => why ?? one.LastAnswer));
    }

    /// <summary>Marks editions of which nothing is open any more.</summary>
    public async Task FinishAsync(CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        var now = clock.GetUtcNow();
        await database.Editions.Where(one => one.State == EditionState.Sending && one.Total <= one.Delivered + one.Failed + one.Cancelled)
            .ExecuteUpdateAsync(set => set.SetProperty(one => one.State, EditionState.Sent).SetProperty(one => one.FinishedAt, now).SetProperty(one => one.PausedAt, (DateTimeOffset?)null), cancellation);
    }

    /// <summary>The receiver took it.</summary>
    public Task DeliveredAsync(Delivery delivery, string answer) => RecordAsync(delivery, DeliveryState.Delivered, clock.GetUtcNow(), answer);

    /// <summary>It will not be tried again.</summary>
    public Task FailedAsync(Delivery delivery, string answer) => RecordAsync(delivery, DeliveryState.Failed, clock.GetUtcNow(), answer);

    /// <summary>It was taken back: the subscriber left or the posts were withdrawn.</summary>
    public Task CancelledAsync(Delivery delivery, string why) => RecordAsync(delivery, DeliveryState.Cancelled, clock.GetUtcNow(), why);

    /// <summary>It failed in a way that may pass: another attempt after a pause, or none when there were enough.</summary>
    public Task RetryAsync(Delivery delivery, string answer) => RetrySchedule.PauseAfter(delivery.Attempts, random.NextDouble()) is { } pause
        ? RecordAsync(delivery, DeliveryState.Retrying, clock.GetUtcNow() + (pause * options.Value.PauseFactor), answer)
        : FailedAsync(delivery, answer);

    private async Task RecordAsync(Delivery delivery, DeliveryState state, DateTimeOffset next, string answer)
    {
        await using var database = await databases.CreateDbContextAsync();
        var delivered = state == DeliveryState.Delivered ? clock.GetUtcNow() : (DateTimeOffset?)null;
        // What the team cancelled meanwhile was handed over all the same only when the receiver says so; what another worker took up since is its to record.
        await database.Deliveries.Where(one => one.Id == delivery.Id && one.Attempts == delivery.Attempts && (one.State == DeliveryState.Sending || state == DeliveryState.Delivered)).ExecuteUpdateAsync(set => set
            .SetProperty(one => one.State, state).SetProperty(one => one.NextAttemptAt, next)
            .SetProperty(one => one.DeliveredAt, delivered).SetProperty(one => one.LastAnswer, answer));
    }

    private static IQueryable<Delivery> Held(AntiphonContext database, Delivery delivery) =>
        database.Deliveries.Where(one => one.Id == delivery.Id && one.State == DeliveryState.Sending && one.Attempts == delivery.Attempts);
}
