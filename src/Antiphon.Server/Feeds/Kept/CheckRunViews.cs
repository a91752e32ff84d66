using Antiphon.Core.Feeds.Checking;
using Antiphon.Data.Feeds.Checking;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Feeds.Kept;

/// <summary>Runs of checks as they are shown.</summary>
internal static class CheckRunViews
{
    /// <summary>Runs in numbers.</summary>
    public static Task<List<CheckRunSummary>> SummariesAsync(
        IQueryable<CheckRun> runs,
        CancellationToken cancellation
    ) =>
        runs.AsNoTracking()
            .Select(run => new CheckRunSummary(
                run.Id,
                run.StartedAt,
                run.CancelledAt != null,
                run.Checks.Count,
                run.Checks.Count(check => check.CheckedAt != null),
                run.Checks.Count(check => check.Verdict == Verdict.Invalid || check.Verdict == Verdict.NotAFeed),
                run.Checks.Count(check => check.Problem != null)
            ))
            .ToListAsync(cancellation);

    /// <summary>A run with each of its feeds; null when it is not there.</summary>
    public static async Task<CheckRunView?> ReadAsync(IQueryable<CheckRun> run, CancellationToken cancellation)
    {
        if ((await SummariesAsync(run, cancellation)).FirstOrDefault() is not { } summary)
            return null;
        var checks = await run.AsNoTracking()
            .SelectMany(row => row.Checks)
            .OrderBy(check => check.Id)
            // Neither files nor findings: the table shows numbers, and is asked for again every second.
            .Select(check => new KeptCheck
            {
                Id = check.Id,
                Name = check.Name,
                Address = check.Address,
                CheckedAt = check.CheckedAt,
                Verdict = check.Verdict,
                Problem = check.Problem,
                ProblemDetail = check.ProblemDetail,
                Format = check.Format,
                Title = check.Title,
                FoundOn = check.FoundOn,
                Entries = check.Entries,
                Errors = check.Errors,
                Warnings = check.Warnings,
                Advice = check.Advice,
                Repairable = check.Repairable,
                ComparedWith = check.ComparedWith,
                Came = check.Came,
                Gone = check.Gone,
            })
            .ToListAsync(cancellation);
        return new CheckRunView(summary, checks.ConvertAll(ViewOf));
    }

    private static RunCheckView ViewOf(KeptCheck check) =>
        new(
            check.Id,
            check.Name,
            check.Address,
            check.CheckedAt,
            check.Verdict,
            KeptFindings.Trouble(check),
            check.Format,
            check.Title,
            check.FoundOn,
            check.Entries,
            check.Errors,
            check.Warnings,
            check.Advice,
            check.Repairable,
            check.ComparedWith,
            check.Came,
            check.Gone
        );
}
