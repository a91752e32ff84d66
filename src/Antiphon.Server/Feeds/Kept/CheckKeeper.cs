using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading.Modules.Extensions;
using Antiphon.Core.Feeds.Reports;
using Antiphon.Core.Findings;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Feeds.Checking;
using Antiphon.Server.Feeds.Checking;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Feeds.Kept;

/// <summary>Makes the check of a row and writes into the row what it came to; the caller saves.</summary>
internal sealed class CheckKeeper(FeedCheckService checks, AntiphonContext database, TimeProvider clock)
{
    private const int LongestTitle = 300;

    /// <summary>Checks the feed of a row that has an address or a document.</summary>
    /// <returns>What was examined, and the check before; null for the first.</returns>
    public async Task<(ExaminedFeed Examined, KeptCheck? Before)> MakeAsync(
        KeptCheck check,
        CancellationToken cancellation
    )
    {
        var examined = check.Address is { } address
            ? await checks.ExamineBehindAsync(new Uri(address), cancellation)
            : checks.ExamineDocument(check.Document ?? []);
        return (examined, await RecordAsync(check, examined, cancellation));
    }

    /// <summary>Writes into a row what was found.</summary>
    /// <returns>The check before; null for the first.</returns>
    public async Task<KeptCheck?> RecordAsync(KeptCheck check, ExaminedFeed examined, CancellationToken cancellation)
    {
        (check.CheckedAt, check.FoundOn) = (clock.GetUtcNow(), examined.FoundOn?.AbsoluteUri);
        (check.Problem, check.ProblemDetail) = (examined.Answer?.Problem?.ToString(), examined.Answer?.Detail);
        if (examined.Result is not { } result)
            return null;
        var findings = result.Before.Findings;
        (check.Verdict, check.Format) = (result.Before.Verdict, result.Before.Format);
        (check.Errors, check.Warnings, check.Advice) = SeverityCounts.Of(findings);
        check.Repairable = findings.Count(result.PutsRight);
        check.Entries = result.Before.Feed?.Items.Count ?? 0;
        check.Title = result.Before.Feed?.Title is { } title ? Shortened.ToLength(title, LongestTitle) : null;
        check.Contact = result.Before.Feed is { } feed ? ContactOf(feed) : null;
        check.Findings = KeptFindings.Of(findings);
        var before = await BeforeAsync(check, cancellation);
        Compare(check, before, findings);
        return before;
    }

    private static string? ContactOf(Feed feed) =>
        feed
            .Authors.Select(author => author.Email)
            .Append(EpisodeReader.Of(feed)?.Owner?.Email)
            .FirstOrDefault(email => !string.IsNullOrWhiteSpace(email));

    private static void Compare(KeptCheck check, KeptCheck? before, IReadOnlyList<Finding> findings)
    {
        if (before is null)
            return;
        var changes = CheckComparison.Of(KeptFindings.In(before), findings.Take(KeptFindings.Most));
        check.ComparedWith = before.CheckedAt;
        check.Came = changes.Count(change => change.IsNew);
        check.Gone = changes.Count(change => change.IsGone);
    }

    private Task<KeptCheck?> BeforeAsync(KeptCheck check, CancellationToken cancellation) =>
        check.Name.Length == 0
            ? Task.FromResult<KeptCheck?>(null)
            : database
                .KeptChecks.AsNoTracking()
                .Where(other =>
                    other.SiteId == check.SiteId
                    && other.Name == check.Name
                    && other.Id != check.Id
                    && other.Verdict != null
                )
                .OrderByDescending(other => other.CheckedAt)
                .FirstOrDefaultAsync(cancellation);
}
