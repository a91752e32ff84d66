using Antiphon.Data;
using Antiphon.Data.Work;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Work;

/// <summary>
/// Who holds which row of one kind of work. A row is taken in a transaction that lets nobody else write, under a number
/// that grows with each claim; what became of it is recorded only while that number holds.
/// </summary>
internal sealed class Leases<TRow>(
    IDbContextFactory<AntiphonContext> databases,
    TimeProvider clock,
    IOptions<DeliveryOptions> options
)
    where TRow : LeasedRow
{
    /// <summary>How long a claim holds without being renewed.</summary>
    public TimeSpan Length => TimeSpan.FromSeconds(options.Value.LeaseSeconds);

    // A hold that is younger need not be renewed: what is left of it is longer than any step outside may take.
    private TimeSpan Young => Length / 4;

    /// <summary>Claims a row.</summary>
    /// <param name="next">Finds the row that comes first among those nobody holds; null when there is none.</param>
    /// <param name="begin">Records in the same transaction what else begins with it; null for nothing.</param>
    /// <param name="isLikely">Whether there is likely something to do; where there is not, it is looked for first
    /// without keeping others from writing.</param>
    /// <param name="cancellation">Ends it early.</param>
    /// <returns>The claim, or null when there is nothing to do.</returns>
    public async Task<Claim<TRow>?> ClaimAsync(
        Func<AntiphonContext, DateTimeOffset, CancellationToken, Task<TRow?>> next,
        Func<AntiphonContext, TRow, CancellationToken, Task>? begin,
        bool isLikely,
        CancellationToken cancellation
    )
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        database.ChangeTracker.QueryTrackingBehavior = QueryTrackingBehavior.NoTracking;
        if (!isLikely && await next(database, clock.GetUtcNow(), cancellation) is null)
            return null;
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        var now = clock.GetUtcNow();
        if (await next(database, now, cancellation) is not { } row)
            return null;
        var (key, number, until) = (LeasedRows.KeyOf(database, row), row.ClaimNumber + 1, now + Length);
        await LeasedRows
            .At<TRow>(database, key)
            .ExecuteUpdateAsync(
                set =>
                    set.SetProperty(tRow => tRow.HeldUntil, until)
                        .SetProperty(tRow => tRow.ClaimNumber, number)
                        .SetProperty(tRow => tRow.Unfinished, row.Unfinished + 1),
                cancellation
            );
        if (begin is not null)
            await begin(database, row, cancellation);
        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return new Claim<TRow>(this, row, key, number, now);
    }

    /// <summary>Holds a claim on unless it is young; since when it is held then.</summary>
    /// <exception cref="ClaimLostException">Somebody else has the row.</exception>
    public async Task<DateTimeOffset> RenewAsync(
        long key,
        long number,
        DateTimeOffset since,
        CancellationToken cancellation
    )
    {
        var now = clock.GetUtcNow();
        if (now - since < Young)
            return since;
        await using var database = await databases.CreateDbContextAsync(cancellation);
        var until = now + Length;
        return
            await Held(database, key, number)
                .ExecuteUpdateAsync(set => set.SetProperty(row => row.HeldUntil, until), cancellation) == 1
            ? now
            : throw new ClaimLostException();
    }

    /// <summary>
    /// Holds a claim on after a part of the work is done, in the caller's transaction; false when it is lost. What
    /// comes on is not given up, however often it is interrupted.
    /// </summary>
    public async Task<bool> StepAsync(AntiphonContext database, long key, long number, CancellationToken cancellation)
    {
        var until = clock.GetUtcNow() + Length;
        return await Held(database, key, number)
                .ExecuteUpdateAsync(
                    set => set.SetProperty(row => row.HeldUntil, until).SetProperty(row => row.Unfinished, 1),
                    cancellation
                ) == 1;
    }

    /// <summary>
    /// Lets a claim go, in the caller's transaction: the work came to an end, whatever it was. False when it is lost.
    /// </summary>
    public async Task<bool> LetGoAsync(
        AntiphonContext database,
        long key,
        long number,
        CancellationToken cancellation
    ) =>
        await Held(database, key, number)
            .ExecuteUpdateAsync(
                set =>
                    set.SetProperty(row => row.HeldUntil, (DateTimeOffset?)null).SetProperty(row => row.Unfinished, 0),
                cancellation
            ) == 1;

    /// <summary>Leaves a row alone until a moment, as it could not be done; false when the claim is lost.</summary>
    /// <param name="counts">Whether it is one more time that it did not come to an end.</param>
    public async Task<bool> PutOffAsync(
        AntiphonContext database,
        long key,
        long number,
        DateTimeOffset until,
        bool counts
    ) =>
        await Held(database, key, number)
            .ExecuteUpdateAsync(set =>
                set.SetProperty(row => row.HeldUntil, until)
                    .SetProperty(row => row.Unfinished, row => counts ? row.Unfinished : row.Unfinished - 1)
            ) == 1;

    private static IQueryable<TRow> Held(AntiphonContext database, long key, long number) =>
        LeasedRows.At<TRow>(database, key).Where(row => row.ClaimNumber == number && row.HeldUntil != null);
}
