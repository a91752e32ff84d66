using System.Text;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Following;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Monitoring;
using Antiphon.Core.Feeds.Repair;
using Antiphon.Core.Findings;
using Antiphon.Data;
using Antiphon.Data.Feeds.Monitoring;
using Antiphon.Data.Notices;
using Antiphon.Server.Feeds.Checking;
using Antiphon.Server.Notices;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Platform;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Feeds.Monitoring;

/// <summary>
/// One check of a watched feed: fetch, judge, mend where it is published repaired, tell the team what turned.
/// </summary>
internal sealed class WatchVisit(
    GuardedClient client,
    FeedCheckService checks,
    IDbContextFactory<AntiphonContext> databases,
    NoticeBoard notices,
    TimeProvider clock,
    Random random,
    IOptions<AntiphonOptions> antiphon,
    IOptions<WatchingOptions> options
)
{
    private const int FindingsKept = 20;

    /// <summary>Checks a feed and records the outcome.</summary>
    public async Task CheckAsync(Claim<WatchedFeed> claim, CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        var feed = await database.WatchedFeeds.SingleAsync(watchedFeed => watchedFeed.Id == claim.Key, cancellation);
        var last = await LastAsync(database, feed, cancellation);
        // What is published repaired has to be there once before "nothing changed" is an answer.
        var isConditional = last is { Verdict: not null } && (feed.RepairKey is null || feed.Repaired is not null);
        var fetched = await client.GetAsync(
            new Uri(feed.Address),
            isConditional ? feed.ETag : null,
            isConditional ? feed.LastModified : null,
            cancellation
        );
        await RecordAsync(database, feed, last, fetched, cancellation);
        await claim.EndAsync(database, cancellation);
    }

    /// <summary>Records a check that could not be made; the caller saves.</summary>
    public async Task FailedAsync(
        AntiphonContext database,
        WatchedFeed feed,
        Fetched fetched,
        CancellationToken cancellation
    ) => await RecordAsync(database, feed, await LastAsync(database, feed, cancellation), fetched, cancellation);

    private static Task<WatchRecord?> LastAsync(
        AntiphonContext database,
        WatchedFeed feed,
        CancellationToken cancellation
    ) =>
        database
            .WatchRecords.Where(watch => watch.WatchedFeedId == feed.Id)
            .OrderByDescending(watch => watch.Id)
            .FirstOrDefaultAsync(cancellation);

    private async Task RecordAsync(
        AntiphonContext database,
        WatchedFeed feed,
        WatchRecord? last,
        Fetched fetched,
        CancellationToken cancellation
    )
    {
        var now = clock.GetUtcNow();
        feed.CheckedAt = now;
        var record =
            fetched.NotModified && last is not null
                ? WatchRecords.Again(last, now)
                : WatchRecords.Next(feed, last, Judge(feed, fetched), now);
        await TellAsync(database, feed, record, fetched, cancellation);
        Plan(feed, fetched, WatchRecords.StateOf(record).IsGood, now);
    }

    private WatchRecord Judge(WatchedFeed feed, Fetched fetched)
    {
        if (fetched.Problem is { } problem)
            return new WatchRecord { Problem = problem.ToString(), ProblemDetail = fetched.Detail };
        (feed.ETag, feed.LastModified) = (fetched.ETag, fetched.LastModified);
        if (feed.RepairKey is not null)
            Mend(feed, fetched);
        var result = checks.CheckFetched(fetched);
        var (errors, warnings, advice) = SeverityCounts.Of(result.Findings);
        return new WatchRecord
        {
            Verdict = result.Verdict,
            Errors = errors,
            Warnings = warnings,
            Advice = advice,
            Findings =
            [
                .. result
                    .Findings.Where(finding => finding.Rule.Severity != Severity.Advice)
                    .DistinctBy(finding => finding.Rule.Id)
                    .Take(FindingsKept)
                    .Select(finding => new KeptFinding(
                        finding.Rule.Id,
                        finding.Rule.Severity,
                        finding.Message,
                        finding.Line
                    )),
            ],
        };
    }

    // A visit that finds no feed leaves the last repaired one where it is: readers lose nothing.
    private void Mend(WatchedFeed feed, Fetched fetched)
    {
        var repair = FeedCheckService.RepairFetched(fetched, feed.CreatedAt);
        if (repair.Text is null)
            return;
        var text = RehousedFeed.Of(
            repair.Text,
            fetched.Address,
            antiphon.Value.AddressOf($"feeds/repaired/{feed.RepairKey}")
        );
        var bytes = Encoding.UTF8.GetBytes(text);
        if (feed.Repaired is null || !bytes.AsSpan().SequenceEqual(feed.Repaired))
            feed.RepairedAt = clock.GetUtcNow();
        (feed.Repaired, feed.RepairedChanges, feed.RepairedType) = (
            bytes,
            repair.Changes.Count,
            FeedMediaTypes.InUtf8(repair.Before.Format!.Value)
        );
    }

    private async Task TellAsync(
        AntiphonContext database,
        WatchedFeed feed,
        WatchRecord record,
        Fetched fetched,
        CancellationToken cancellation
    )
    {
        feed.Failures = fetched.Problem is null ? 0 : feed.Failures + 1;
        var state = WatchRecords.StateOf(record);
        var good = await database
            .WatchRecords.AsNoTracking()
            .Where(watch =>
                watch.WatchedFeedId == feed.Id
                && (watch.Verdict == Verdict.Valid || watch.Verdict == Verdict.ValidWithWarnings)
            )
            .OrderByDescending(watch => watch.Id)
            .FirstOrDefaultAsync(cancellation);
        var news = WatchNews.Of(
            feed.Name,
            feed.WasGood,
            good is null ? null : WatchRecords.StateOf(good),
            state,
            feed.Failures
        );
        if (news is not null)
            await notices.AddAsync(
                database,
                new Notice
                {
                    SiteId = feed.SiteId,
                    IsTrouble = news.IsTrouble,
                    Title = news.Title,
                    Text = string.Join('\n', news.Lines),
                    Path = $"s/{feed.SiteId}/feeds/watched/{feed.Id}",
                },
                cancellation
            );
        if (news is not null || state.IsGood)
            feed.WasGood = state.IsGood;
    }

    private void Plan(WatchedFeed feed, Fetched fetched, bool isGood, DateTimeOffset now)
    {
        var minutes = isGood && feed.RepairKey is null ? options.Value.EveryMinutes : options.Value.EveryMinutesWhenBad;
        feed.NextCheckAt = fetched.Problem is null
            ? now.AddMinutes(minutes)
            : VisitPlan
                .AfterFailure(
                    now,
                    feed.Failures,
                    CacheTerms.RetryAfter(fetched.Headers.RetryAfter, now),
                    random.NextDouble()
                )
                .At;
    }
}
