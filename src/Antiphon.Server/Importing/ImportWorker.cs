using Antiphon.Core.Importing;
using Antiphon.Core.Tables;
using Antiphon.Data;
using Antiphon.Data.Importing;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Importing;

/// <summary>
/// Brings in what was started, and reads followed tables again when it is time. Each batch of rows is kept together
/// with how far it is; whoever takes the import up goes on from there.
/// </summary>
internal sealed class ImportWorker(Leases<Import> leases, WorkTools tools, ImportSignal signal)
    : LeasedWork<Import>(leases, tools, signal)
{
    /// <inheritdoc/>
    protected override int AtOnce => 2;

    /// <inheritdoc/>
    protected override TimeSpan Look => TimeSpan.FromSeconds(5);

    /// <inheritdoc/>
    protected override Task<Import?> NextAsync(
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    ) =>
        database
            .Imports.Free(now)
            .Where(import =>
                import.State == ImportState.Running
                || (import.State == ImportState.Done && import.NextAt != null && import.NextAt <= now)
            )
            .OrderBy(import => import.Id)
            .FirstOrDefaultAsync(cancellation);

    /// <inheritdoc/>
    protected override async Task DoAsync(
        Claim<Import> claim,
        IServiceProvider services,
        CancellationToken cancellation
    )
    {
        if (await ReadAgainAsync(claim, services, cancellation) is not { } table)
            return;
        var more = true;
        while (more)
        {
            // A scope for each batch, so that fifty thousand posts are not all kept in memory.
            await using var scope = Tools.Scopes.CreateAsyncScope();
            more = await GoOnAsync(claim, table, scope.ServiceProvider, cancellation);
        }
    }

    /// <summary>What it made stays, and can be taken back.</summary>
    protected override Task<GivenUp?> GiveUpAsync(
        AntiphonContext database,
        Import row,
        string why,
        CancellationToken cancellation
    )
    {
        row.LastWords = $"It could not go on: {why}";
        End(row, ImportState.Failed);
        return Task.FromResult<GivenUp?>(
            new GivenUp(row.SiteId, $"“{row.Name}” could not be brought in to its end", $"posts/bring-in/{row.Id}")
        );
    }

    /// <inheritdoc/>
    protected override void PutOff(Import row, string? why, DateTimeOffset until) =>
        row.LastWords = why is null ? row.LastWords : $"It could not go on, and is tried again: {why}";

    private async Task<bool> GoOnAsync(
        Claim<Import> claim,
        ImportTable table,
        IServiceProvider services,
        CancellationToken cancellation
    )
    {
        var database = services.GetRequiredService<AntiphonContext>();
        var import = await database
            .Imports.Include(row => row.Blog.Site)
            .Include(row => row.Blog.Following)
            .SingleAsync(row => row.Id == claim.Key, cancellation);
        if (import.StopAsked || import.Done >= table.Rows.Count)
        {
            End(import, import.StopAsked ? ImportState.Stopped : ImportState.Done);
            await claim.EndAsync(database, cancellation);
            return false;
        }

        var fields = await database
            .BlogFields.Where(field => field.BlogId == import.BlogId)
            .Select(field => field.Definition)
            .ToListAsync(cancellation);
        var reader = new RowReader(
            table.Columns,
            import.Plan!,
            fields,
            import.Blog.Site.TimeZone,
            Tools.Clock.GetUtcNow()
        );
        await services.GetRequiredService<ImportPosts>().MakeNextAsync(import, table, reader, cancellation);
        await claim.StepAsync(database, cancellation);
        return true;
    }

    /// <summary>
    /// The table of an import; a followed one that is due is read at its address again. Null when it cannot go on.
    /// </summary>
    private async Task<ImportTable?> ReadAgainAsync(
        Claim<Import> claim,
        IServiceProvider services,
        CancellationToken cancellation
    )
    {
        var (database, files) = (
            services.GetRequiredService<AntiphonContext>(),
            services.GetRequiredService<ImportFiles>()
        );
        var import = await database.Imports.SingleAsync(row => row.Id == claim.Key, cancellation);
        if (import.State == ImportState.Running)
        {
            if (await files.ReadAsync(import.Id, cancellation) is { } kept)
                return kept;
            import.LastWords = "The table is no longer there.";
            End(import, ImportState.Failed);
            await claim.EndAsync(database, cancellation);
            return null;
        }

        var source = await services
            .GetRequiredService<ImportSources>()
            .ReadAsync(import.Kind, [import.Address!], cancellation);
        if (source.Problem is { } problem)
        {
            // What was made stays; the next reading may succeed.
            (import.LastWords, import.NextAt) = (
                problem,
                Tools.Clock.GetUtcNow().AddMinutes(import.EveryMinutes!.Value)
            );
            await claim.EndAsync(database, cancellation);
            return null;
        }

        var table = source.Chosen(import.Plan?.Table).Table;
        await files.KeepAsync(import.Id, table, cancellation);
        (
            import.State,
            import.Rows,
            import.Done,
            import.Made,
            import.Changed,
            import.Skipped,
            import.Refused,
            import.Tidied
        ) = (ImportState.Running, table.Rows.Count, 0, 0, 0, 0, 0, 0);
        (import.Notes, import.StopAsked) = (await VanishedAsync(database, import, table, cancellation), false);
        await claim.StepAsync(database, cancellation);
        return table;
    }

    private async Task<List<ImportNote>> VanishedAsync(
        AntiphonContext database,
        Import import,
        ImportTable table,
        CancellationToken cancellation
    )
    {
        var reader = new RowReader(table.Columns, import.Plan!, [], "Etc/UTC", Tools.Clock.GetUtcNow());
        var there = table
            .Rows.Select((row, index) => reader.Read(index + 1, row).Row?.Key)
            .OfType<string>()
            .ToHashSet();
        var made = await database
            .Posts.Where(post => post.ImportId == import.Id)
            .Select(post => new { post.ImportKey, post.Title })
            .ToListAsync(cancellation);
        return
        [
            .. made.Where(post => post.ImportKey is not null && !there.Contains(post.ImportKey))
                .Select(post => new ImportNote(
                    0,
                    post.Title,
                    "vanished",
                    "Its row is gone from the table; the post stays as it is."
                )),
        ];
    }

    private void End(Import import, ImportState state)
    {
        var now = Tools.Clock.GetUtcNow();
        (import.State, import.EndedAt, import.StopAsked) = (state, now, false);
        if (import.EveryMinutes is not { } minutes || state != ImportState.Done)
            return;
        import.NextAt = now.AddMinutes(minutes);
        import.LastWords =
            $"{import.Made} new, {import.Changed} changed, {import.Skipped} as before, {import.Refused} refused, {import.Notes.Count(note => note.Outcome == "vanished")} gone from the table.";
    }
}
