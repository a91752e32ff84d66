using Antiphon.Core.Importing;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Importing;

/// <summary>Brings in what was started, and reads followed tables again when it is time. A worker that dies lets go by itself; another goes on where it stopped.</summary>
internal sealed class ImportWorker(IServiceScopeFactory scopes, ImportSignal signal, TimeProvider clock, ILogger<ImportWorker> log) : BackgroundService
{
    private static readonly TimeSpan Lease = TimeSpan.FromMinutes(3);
    private static readonly TimeSpan Look = TimeSpan.FromSeconds(5);

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        while (!stoppingToken.IsCancellationRequested)
        {
            try
            {
                while (await TakeAsync(stoppingToken) is { } import) await GuardedAsync(import, stoppingToken);
            }
            catch (Exception failure) when (failure is not OperationCanceledException)
            {
                log.LogError(failure, "Bringing in failed; trying again");
            }

            await signal.WaitAsync(Look, stoppingToken);
        }
    }

    private async Task<long?> TakeAsync(CancellationToken cancellation)
    {
        await using var scope = scopes.CreateAsyncScope();
        var database = scope.ServiceProvider.GetRequiredService<AntiphonContext>();
        var now = clock.GetUtcNow();
        var due = database.Imports.Where(import => (import.LeaseUntil == null || import.LeaseUntil < now) && (import.State == ImportState.Running || (import.State == ImportState.Done && import.NextAt != null && import.NextAt <= now)));
        if (await due.OrderBy(import => import.Id).Select(import => (long?)import.Id).FirstOrDefaultAsync(cancellation) is not { } id) return null;
        var until = now + Lease;
        return await due.Where(import => import.Id == id).ExecuteUpdateAsync(set => set.SetProperty(import => import.LeaseUntil, until), cancellation) == 1 ? id : null;
    }

    // A table that cannot be brought in must not come up for ever, nor keep the others waiting: it ends with its reason, and what it made can be undone.
    private async Task GuardedAsync(long id, CancellationToken cancellation)
    {
        try
        {
            await RunAsync(id, cancellation);
        }
        catch (Exception failure) when ((failure is not OperationCanceledException || !cancellation.IsCancellationRequested) && !IsBusy(failure))
        {
            log.LogError(failure, "Import {Import} could not go on", id);
            await using var scope = scopes.CreateAsyncScope();
            var database = scope.ServiceProvider.GetRequiredService<AntiphonContext>();
            await FailAsync(database, await database.Imports.SingleAsync(one => one.Id == id, cancellation), $"It could not go on: {failure.Message}", cancellation);
        }
    }

    // A database that somebody else was writing to for too long says nothing of the table; the import goes on when its lease ends.
    private static bool IsBusy(Exception failure) => failure.GetBaseException() is SqliteException { SqliteErrorCode: SQLitePCL.raw.SQLITE_BUSY or SQLitePCL.raw.SQLITE_LOCKED };

    private async Task RunAsync(long id, CancellationToken cancellation)
    {
        if (await ReadAgainAsync(id, cancellation) is not { } table) return;
        while (true)
        {
            // A scope for each batch, so that fifty thousand posts are not all kept in memory.
            await using var scope = scopes.CreateAsyncScope();
            var database = scope.ServiceProvider.GetRequiredService<AntiphonContext>();
            var import = await database.Imports.Include(one => one.Blog.Site).Include(one => one.Blog.Following).SingleAsync(one => one.Id == id, cancellation);
            if (import.StopAsked || import.Done >= table.Rows.Count)
            {
                End(import, import.StopAsked ? ImportState.Stopped : ImportState.Done);
                await database.SaveChangesAsync(cancellation);
                return;
            }

            var fields = await database.BlogFields.Where(field => field.BlogId == import.BlogId).Select(field => field.Definition).ToListAsync(cancellation);
            var reader = new RowReader(table.Columns, import.Plan!, fields, import.Blog.Site.TimeZone, clock.GetUtcNow());
            import.LeaseUntil = clock.GetUtcNow() + Lease;
            await scope.ServiceProvider.GetRequiredService<ImportPosts>().MakeNextAsync(import, table, reader, cancellation);
        }
    }

    /// <summary>The table of an import; a followed one that is due is read at its address again. Null when it cannot go on.</summary>
    private async Task<ImportTable?> ReadAgainAsync(long id, CancellationToken cancellation)
    {
        await using var scope = scopes.CreateAsyncScope();
        var database = scope.ServiceProvider.GetRequiredService<AntiphonContext>();
        var files = scope.ServiceProvider.GetRequiredService<ImportFiles>();
        var import = await database.Imports.SingleAsync(one => one.Id == id, cancellation);
        if (import.State == ImportState.Running) return await files.ReadAsync(id, cancellation) is { } kept ? kept : await FailAsync(database, import, "The table is no longer there.", cancellation);
        var (_, table, problem) = await scope.ServiceProvider.GetRequiredService<ImportSources>().ReadAsync(import.Kind, [import.Address!], cancellation);
        if (table is null)
        {
            // What was made stays; the next reading may succeed.
            (import.LastWords, import.NextAt, import.LeaseUntil) = (problem, clock.GetUtcNow().AddMinutes(import.EveryMinutes!.Value), null);
            await database.SaveChangesAsync(cancellation);
            return null;
        }

        await files.KeepAsync(id, table, cancellation);
        var vanished = await VanishedAsync(database, import, table, cancellation);
        (import.State, import.Rows, import.Done, import.Made, import.Changed, import.Skipped, import.Refused, import.Tidied) = (ImportState.Running, table.Rows.Count, 0, 0, 0, 0, 0, 0);
        (import.Notes, import.StopAsked) = (vanished, false);
        await database.SaveChangesAsync(cancellation);
        return table;
    }

    private async Task<List<ImportNote>> VanishedAsync(AntiphonContext database, Import import, ImportTable table, CancellationToken cancellation)
    {
        var reader = new RowReader(table.Columns, import.Plan!, [], "Etc/UTC", clock.GetUtcNow());
        var there = table.Rows.Select((row, index) => reader.Read(index + 1, row).Row?.Key).OfType<string>().ToHashSet();
        var made = await database.Posts.Where(post => post.ImportId == import.Id).Select(post => new { post.ImportKey, post.Title }).ToListAsync(cancellation);
        return [.. made.Where(post => post.ImportKey is not null && !there.Contains(post.ImportKey)).Select(post => new ImportNote(0, post.Title, "vanished", "Its row is gone from the table; the post stays as it is."))];
    }

    private async Task<ImportTable?> FailAsync(AntiphonContext database, Import import, string words, CancellationToken cancellation)
    {
        import.LastWords = words;
        End(import, ImportState.Failed);
        await database.SaveChangesAsync(cancellation);
        return null;
    }

    private void End(Import import, ImportState state)
    {
        var now = clock.GetUtcNow();
        (import.State, import.EndedAt, import.LeaseUntil, import.StopAsked) = (state, now, null, false);
        if (import.EveryMinutes is not { } minutes || state != ImportState.Done) return;
        import.NextAt = now.AddMinutes(minutes);
        import.LastWords = $"{import.Made} new, {import.Changed} changed, {import.Skipped} as before, {import.Refused} refused, {import.Notes.Count(note => note.Outcome == "vanished")} gone from the table.";
    }
}
