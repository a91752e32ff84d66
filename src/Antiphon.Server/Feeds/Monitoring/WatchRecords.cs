using Antiphon.Core.Feeds.Monitoring;
using Antiphon.Data.Feeds.Monitoring;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Feeds.Monitoring;

/// <summary>The history of a watched feed: checks that gave the same are one stretch.</summary>
internal static class WatchRecords
{
    /// <summary>What a stretch says.</summary>
    public static WatchedState StateOf(WatchRecord record) =>
        new(
            record.Verdict,
            Trouble(record),
            [
                .. record.Findings.Select(finding => new WatchedRule(
                    finding.Rule,
                    finding.Severity,
                    finding.Message,
                    finding.Line
                )),
            ]
        );

    /// <summary>Why the feed could not be fetched, in words; null when it could.</summary>
    public static string? Trouble(WatchRecord record) =>
        Enum.TryParse<FetchProblem>(record.Problem, out var problem)
            ? FetchWords.For(problem, record.ProblemDetail)
            : null;

    /// <summary>The last stretch, one check longer.</summary>
    public static WatchRecord Again(WatchRecord last, DateTimeOffset now)
    {
        (last.Until, last.Checks) = (now, last.Checks + 1);
        return last;
    }

    /// <summary>The last stretch where the check gave the same, or else a new one.</summary>
    public static WatchRecord Next(WatchedFeed feed, WatchRecord? last, WatchRecord found, DateTimeOffset now)
    {
        if (last is not null && StateOf(last).SaysTheSame(StateOf(found)))
        {
            // The places may have moved with new entries.
            (last.Errors, last.Warnings, last.Advice, last.Findings) = (
                found.Errors,
                found.Warnings,
                found.Advice,
                found.Findings
            );
            return Again(last, now);
        }

        (found.From, found.Until, found.Checks) = (now, now, 1);
        feed.Records.Add(found);
        return found;
    }
}
