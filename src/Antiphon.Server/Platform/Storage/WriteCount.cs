using System.Data.Common;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace Antiphon.Server.Platform.Storage;

/// <summary>
/// Counts what this process writes to the database. What is kept in memory asks it, so that a change made here shows at
/// once; changes of other processes show when the time is up for which it is held.
/// </summary>
internal sealed class WriteCount : DbCommandInterceptor, IDbTransactionInterceptor
{
    private long _writes;

    /// <summary>Writes so far; it only grows.</summary>
    public long Writes => Interlocked.Read(ref _writes);

    /// <inheritdoc/>
    public override int NonQueryExecuted(DbCommand command, CommandExecutedEventData eventData, int result)
    {
        Note(command);
        return result;
    }

    /// <inheritdoc/>
    public override ValueTask<int> NonQueryExecutedAsync(
        DbCommand command,
        CommandExecutedEventData eventData,
        int result,
        CancellationToken cancellationToken = default
    )
    {
        Note(command);
        return ValueTask.FromResult(result);
    }

    /// <inheritdoc/>
    public override ValueTask<InterceptionResult> DataReaderClosingAsync(
        DbCommand command,
        DataReaderClosingEventData eventData,
        InterceptionResult result
    )
    {
        Note(command);
        return ValueTask.FromResult(result);
    }

    /// <inheritdoc/>
    public void TransactionCommitted(DbTransaction transaction, TransactionEndEventData eventData) =>
        Interlocked.Increment(ref _writes);

    /// <inheritdoc/>
    public Task TransactionCommittedAsync(
        DbTransaction transaction,
        TransactionEndEventData eventData,
        CancellationToken cancellationToken = default
    )
    {
        Interlocked.Increment(ref _writes);
        return Task.CompletedTask;
    }

    // Within a transaction it is the end that counts.
    private void Note(DbCommand command)
    {
        if (
            command.Transaction is null
            && !command.CommandText.AsSpan().TrimStart().StartsWith("SELECT", StringComparison.OrdinalIgnoreCase)
        )
            Interlocked.Increment(ref _writes);
    }
}
