using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Monitoring;

/// <summary>What a team is told about a watched feed.</summary>
/// <param name="IsTrouble">True when it turned bad, false when it has recovered.</param>
/// <param name="Title">One sentence.</param>
/// <param name="Lines">What changed since it was the other way.</param>
public sealed record WatchNews(bool IsTrouble, string Title, IReadOnlyList<string> Lines)
{
    /// <summary>Failed fetches in a row after which a feed counts as bad: one may be a restart of its server.</summary>
    public const int FetchesBeforeTrouble = 2;

    private const int MostLines = 6;

    /// <summary>
    /// The news after a check; null when there is none. A feed that is bad at its first check is news: whoever watches
    /// it wants to know. A feed that is good at its first check is not.
    /// </summary>
    /// <param name="name">Name of the feed.</param>
    /// <param name="wasGood">What the team knows; null before the first check.</param>
    /// <param name="before">What the last good check gave, or null.</param>
    /// <param name="now">What this one gave.</param>
    /// <param name="failures">Failed fetches in a row, with this one.</param>
    public static WatchNews? Of(string name, bool? wasGood, WatchedState? before, WatchedState now, int failures)
    {
        if (now.IsGood)
            return wasGood == false
                ? new WatchNews(
                    false,
                    $"{name} has recovered",
                    [now.Rules.Count == 0 ? "No problems remain." : "It has no errors any more."]
                )
                : null;
        if (wasGood == false || (now.Verdict is null && failures < FetchesBeforeTrouble))
            return null;
        return new WatchNews(true, TitleOf(name, now), LinesOf(before, now));
    }

    private static string TitleOf(string name, WatchedState now) =>
        now.Verdict switch
        {
            null => $"{name} cannot be fetched",
            Verdict.NotAFeed => $"{name} is no longer a feed",
            _ => $"{name} has errors",
        };

    private static List<string> LinesOf(WatchedState? before, WatchedState now)
    {
        if (now.Trouble is not null)
            return [now.Trouble];
        var known = before?.Rules.Select(rule => rule.Rule).ToHashSet() ?? [];
        var fresh = now.Rules.Where(rule => rule.Severity == Severity.Error && !known.Contains(rule.Rule)).ToList();
        var lines = fresh
            .Take(MostLines)
            .Select(rule => rule.Line is { } line ? $"{rule.Message} (line {line})" : rule.Message)
            .ToList();
        if (fresh.Count > MostLines)
            lines.Add($"and {fresh.Count - MostLines} more");
        return lines;
    }
}
