using System.Collections.Concurrent;
using Antiphon.Core.Comments.Filtering;

namespace Antiphon.Server.Comments.Filtering;

/// <summary>
/// The trial of each site's filter, run once for the same decisions, as it learns several times over.
/// </summary>
internal sealed class SiteTrials
{
    private readonly ConcurrentDictionary<long, (Mark Mark, Lazy<Task<FilterTrial>> Trial)> _trials = [];

    /// <summary>The trial on decisions of a site.</summary>
    public Task<FilterTrial> OfAsync(long site, IReadOnlyList<(FilterDecision Decision, DateTimeOffset At)> decisions)
    {
        var mark = new Mark(
            decisions.Count,
            decisions.Count(pair => pair.Decision.IsSpam),
            decisions.Count == 0 ? default : decisions.Max(pair => pair.At)
        );
        var made = _trials.AddOrUpdate(
            site,
            _ => (mark, Run(decisions)),
            (_, before) => before.Mark == mark && !before.Trial.Value.IsFaulted ? before : (mark, Run(decisions))
        );
        return made.Trial.Value;
    }

    private static Lazy<Task<FilterTrial>> Run(IReadOnlyList<(FilterDecision Decision, DateTimeOffset At)> decisions) =>
        new(() => Task.Run(() => FilterTrial.Run([.. decisions.Select(pair => pair.Decision)])));

    private readonly record struct Mark(int Decisions, int Spam, DateTimeOffset Last);
}
