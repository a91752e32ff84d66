using Antiphon.Data;
using Antiphon.Data.Work;

namespace Antiphon.Server.Work;

/// <summary>
/// A row of work that we hold. Whoever does the work renews the hold before each step outside, and records what became
/// of it in one transaction with letting go.
/// </summary>
/// <param name="leases">Where it was taken.</param>
/// <param name="row">The row as it was when it was taken, by itself.</param>
/// <param name="key">Its key.</param>
/// <param name="number">The number it was taken under.</param>
/// <param name="since">Since when it is held.</param>
internal sealed class Claim<TRow>(Leases<TRow> leases, TRow row, long key, long number, DateTimeOffset since)
    where TRow : LeasedRow
{
    private DateTimeOffset _since = since;

    /// <summary>The row as it was when it was taken, without what belongs to it.</summary>
    public TRow Row => row;

    /// <summary>Its key.</summary>
    public long Key => key;

    /// <summary>Holds it for another lease before the next step outside.</summary>
    /// <exception cref="ClaimLostException">Somebody else has it.</exception>
    public async Task RenewAsync(CancellationToken cancellation) =>
        _since = await leases.RenewAsync(key, number, _since, cancellation);

    /// <summary>Saves what the context tracks as a part of the work, in one transaction with holding on.</summary>
    /// <exception cref="ClaimLostException">Somebody else has it; nothing was saved.</exception>
    public Task StepAsync(AntiphonContext database, CancellationToken cancellation) =>
        RecordAsync(
            database,
            () => leases.StepAsync(database, key, number, cancellation),
            () => Task.CompletedTask,
            cancellation
        );

    /// <summary>Records what became of the work in one transaction with letting go.</summary>
    /// <exception cref="ClaimLostException">Somebody else has it; nothing was recorded.</exception>
    public Task EndAsync(AntiphonContext database, Func<Task> record, CancellationToken cancellation) =>
        RecordAsync(database, () => leases.LetGoAsync(database, key, number, cancellation), record, cancellation);

    /// <summary>Saves what the context tracks as what became of the work, in one transaction with letting go.</summary>
    /// <exception cref="ClaimLostException">Somebody else has it; nothing was saved.</exception>
    public Task EndAsync(AntiphonContext database, CancellationToken cancellation) =>
        EndAsync(database, () => Task.CompletedTask, cancellation);

    /// <summary>Puts the work off, in one transaction with what is to be said of it.</summary>
    /// <param name="until">Until when it is left alone.</param>
    /// <param name="counts">Whether this was one more time that it did not come to an end.</param>
    /// <param name="database">Context of the transaction.</param>
    /// <param name="record">What is to be said of it.</param>
    /// <exception cref="ClaimLostException">Somebody else has it.</exception>
    public Task PutOffAsync(DateTimeOffset until, bool counts, AntiphonContext database, Func<Task> record) =>
        RecordAsync(
            database,
            () => leases.PutOffAsync(database, key, number, until, counts),
            record,
            CancellationToken.None
        );

    private static async Task RecordAsync(
        AntiphonContext database,
        Func<Task<bool>> hold,
        Func<Task> record,
        CancellationToken cancellation
    )
    {
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        if (!await hold())
            throw new ClaimLostException();
        await record();
        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
    }
}
