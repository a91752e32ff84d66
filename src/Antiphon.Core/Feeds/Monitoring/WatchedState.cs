using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Monitoring;

/// <summary>What one check of a watched feed gave.</summary>
/// <param name="Verdict">The verdict; null when the feed could not be fetched.</param>
/// <param name="Trouble">Why it could not be fetched, in words; null when it could.</param>
/// <param name="Rules">Ids of the rules it breaks, errors and warnings only, each once.</param>
public sealed record WatchedState(Verdict? Verdict, string? Trouble, IReadOnlyList<WatchedRule> Rules)
{
    /// <summary>True when readers get everything: it can be fetched, is a feed and has no errors.</summary>
    public bool IsGood => Verdict is Checking.Verdict.Valid or Checking.Verdict.ValidWithWarnings;

    /// <summary>True when both say the same, so that nothing has to be told.</summary>
    public bool SaysTheSame(WatchedState other) =>
        Verdict == other.Verdict
        && Trouble == other.Trouble
        && Rules
            .Select(rule => rule.Rule)
            .Order(StringComparer.Ordinal)
            .SequenceEqual(other.Rules.Select(rule => rule.Rule).Order(StringComparer.Ordinal), StringComparer.Ordinal);
}

/// <summary>A rule a feed breaks.</summary>
/// <param name="Rule">Id of the rule.</param>
/// <param name="Severity">How much it matters.</param>
/// <param name="Message">What the first finding says.</param>
/// <param name="Line">Where that is, or null.</param>
public sealed record WatchedRule(string Rule, Severity Severity, string Message, int? Line);
