using System.Text;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Following;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Repair;
using Antiphon.Core.Feeds.Watching;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Feeds;
using Antiphon.Server.Hosting;
using Antiphon.Server.Notices;
using Antiphon.Server.Outgoing;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Watching;

/// <summary>One check of a watched feed: fetch, judge, mend where it is published repaired, tell the team what turned.</summary>
internal sealed class WatchVisit(GuardedClient client, FeedCheckService checks, IDbContextFactory<AntiphonContext> databases, NoticeBoard notices, TimeProvider clock, Random random, IOptions<AntiphonOptions> antiphon, IOptions<WatchingOptions> options, ILogger<WatchVisit> log)
{
    private const int FindingsKept = 20;
    private const int LongestReason = 200;

    /// <summary>Checks a feed, which the caller holds, and records the outcome.</summary>
    public async Task CheckAsync(long id, CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        if (await database.WatchedFeeds.FirstOrDefaultAsync(one => one.Id == id, cancellation) is not { } feed) return;
        var last = await database.WatchRecords.Where(one => one.WatchedFeedId == id).OrderByDescending(one => one.Id).FirstOrDefaultAsync(cancellation);
        // What is published repaired has to be there once before "nothing changed" is an answer.
        var isConditional = last is { Verdict: not null } && (feed.RepairKey is null || feed.Repaired is not null);
        var fetched = await client.GetAsync(new Uri(feed.Address), isConditional ? feed.ETag : null, isConditional ? feed.LastModified : null, cancellation);
        try
        {
            await RecordAsync(database, feed, last, fetched, cancellation);
        }
        catch (Exception failure) when (failure is not OperationCanceledException || !cancellation.IsCancellationRequested)
        {
            log.LogError(failure, "Watched feed {Feed} could not be judged", id);
            await RecordFailureAsync(id, fetched, failure.Message, cancellation);
        }
    }

    // With a context of its own, as what the first one holds cannot be saved; planned like any check that found something wrong, and shown with its reason.
    private async Task RecordFailureAsync(long id, Fetched fetched, string why, CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        if (await database.WatchedFeeds.FirstOrDefaultAsync(one => one.Id == id, cancellation) is not { } feed) return;
        var last = await database.WatchRecords.Where(one => one.WatchedFeedId == id).OrderByDescending(one => one.Id).FirstOrDefaultAsync(cancellation);
        await RecordAsync(database, feed, last, new Fetched(fetched.Address, FetchProblem.Unusable, Core.Text.Shortened.ToLength(why, LongestReason)), cancellation);
    }

    private async Task RecordAsync(AntiphonContext database, WatchedFeed feed, WatchRecord? last, Fetched fetched, CancellationToken cancellation)
    {
        var now = clock.GetUtcNow();
        (feed.CheckedAt, feed.LeaseUntil) = (now, null);
        var record = fetched.NotModified && last is not null ? WatchRecords.Again(last, now) : WatchRecords.Next(feed, last, Judge(feed, fetched), now);
        await TellAsync(database, feed, record, fetched, cancellation);
        Plan(feed, fetched, WatchRecords.StateOf(record).IsGood, now);
        await database.SaveChangesAsync(cancellation);
    }

    private WatchRecord Judge(WatchedFeed feed, Fetched fetched)
    {
        if (fetched.Problem is { } problem) return new WatchRecord { Problem = problem.ToString(), ProblemDetail = fetched.Detail };
        (feed.ETag, feed.LastModified) = (fetched.ETag, fetched.LastModified);
        if (feed.RepairKey is not null) Mend(feed, fetched);
        var result = checks.CheckFetched(fetched);
        int Count(Severity severity) => result.Findings.Count(finding => finding.Rule.Severity == severity);
        return new WatchRecord
        {
            Verdict = result.Verdict,
            Errors = Count(Severity.Error),
            Warnings = Count(Severity.Warning),
            Advice = Count(Severity.Advice),
            Findings = [.. result.Findings.Where(finding => finding.Rule.Severity != Severity.Advice).DistinctBy(finding => finding.Rule.Id).Take(FindingsKept).Select(finding => new KeptFinding(finding.Rule.Id, finding.Rule.Severity, finding.Message, finding.Line))],
        };
    }

    // A visit that finds no feed leaves the last repaired one where it is: readers lose nothing.
    private void Mend(WatchedFeed feed, Fetched fetched)
    {
        var repair = FeedCheckService.RepairFetched(fetched, feed.CreatedAt);
        if (repair.Text is null) return;
        var text = RehousedFeed.Of(repair.Text, fetched.Address, antiphon.Value.AddressOf($"feeds/repaired/{feed.RepairKey}"));
        var bytes = Encoding.UTF8.GetBytes(text);
        if (feed.Repaired is null || !bytes.AsSpan().SequenceEqual(feed.Repaired)) feed.RepairedAt = clock.GetUtcNow();
        (feed.Repaired, feed.RepairedChanges, feed.RepairedType) = (bytes, repair.Changes.Count, FeedMediaTypes.InUtf8(repair.Before.Format!.Value));
    }

    private async Task TellAsync(AntiphonContext database, WatchedFeed feed, WatchRecord record, Fetched fetched, CancellationToken cancellation)
    {
        feed.Failures = fetched.Problem is null ? 0 : feed.Failures + 1;
        var state = WatchRecords.StateOf(record);
        var good = await database.WatchRecords.AsNoTracking().Where(one => one.WatchedFeedId == feed.Id && (one.Verdict == Verdict.Valid || one.Verdict == Verdict.ValidWithWarnings)).OrderByDescending(one => one.Id).FirstOrDefaultAsync(cancellation);
        var news = WatchNews.Of(feed.Name, feed.WasGood, good is null ? null : WatchRecords.StateOf(good), state, feed.Failures);
        if (news is not null) await notices.AddAsync(database, new Notice { SiteId = feed.SiteId, IsTrouble = news.IsTrouble, Title = news.Title, Text = string.Join('\n', news.Lines), Path = $"s/{feed.SiteId}/feeds/watched/{feed.Id}" }, cancellation);
        if (news is not null || state.IsGood) feed.WasGood = state.IsGood;
    }

    private void Plan(WatchedFeed feed, Fetched fetched, bool isGood, DateTimeOffset now)
    {
        var minutes = isGood && feed.RepairKey is null ? options.Value.EveryMinutes : options.Value.EveryMinutesWhenBad;
        feed.NextCheckAt = fetched.Problem is null
            ? now.AddMinutes(minutes)
            : VisitPlan.AfterFailure(now, feed.Failures, CacheTerms.RetryAfter(fetched.Headers.RetryAfter, now), random.NextDouble()).At;
    }
}
