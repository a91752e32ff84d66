using Antiphon.Data;
using Antiphon.Data.Feeds.Checking;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Feeds.Kept;

/// <summary>Checks the feeds of runs, several at once, as long as a run is not cancelled.</summary>
internal sealed class CheckRunWorker(
    Leases<KeptCheck> leases,
    WorkTools tools,
    CheckRunSignal signal,
    IHostApplicationLifetime lifetime
) : LeasedWork<KeptCheck>(leases, tools, signal)
{
    /// <inheritdoc/>
    protected override int AtOnce => 4;

    /// <summary>Once: a feed that cannot be checked is a result of its own.</summary>
    protected override int MostThrown => 1;

    /// <summary>Not before the server listens: feeds of ours are served by this very process.</summary>
    protected override Task<bool> IsOpenAsync(CancellationToken cancellation) =>
        Task.FromResult(lifetime.ApplicationStarted.IsCancellationRequested);

    /// <inheritdoc/>
    protected override Task<KeptCheck?> NextAsync(
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    ) =>
        database
            .KeptChecks.Free(now)
            .Where(check => check.CheckedAt == null && check.Run!.CancelledAt == null)
            .OrderBy(check => check.Id)
            .FirstOrDefaultAsync(cancellation);

    /// <inheritdoc/>
    protected override async Task DoAsync(
        Claim<KeptCheck> claim,
        IServiceProvider services,
        CancellationToken cancellation
    )
    {
        var database = services.GetRequiredService<AntiphonContext>();
        // Its run may have been deleted since.
        if (await database.KeptChecks.FindAsync([claim.Key], cancellation) is not { } check)
            return;
        await services.GetRequiredService<CheckKeeper>().MakeAsync(check, cancellation);
        await claim.EndAsync(database, cancellation);
    }

    /// <summary>Told in the table of the run, where somebody looks for it.</summary>
    protected override Task<GivenUp?> GiveUpAsync(
        AntiphonContext database,
        KeptCheck row,
        string why,
        CancellationToken cancellation
    )
    {
        (row.CheckedAt, row.Problem, row.ProblemDetail) = (Tools.Clock.GetUtcNow(), nameof(FetchProblem.Unusable), why);
        return Task.FromResult<GivenUp?>(null);
    }
}
