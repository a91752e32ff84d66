using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Reports;

/// <summary>
/// What became another from one check of a feed to the next. Findings are counted by rule: lines move with every new
/// entry, and the same slip in a new entry is no news of its kind.
/// </summary>
public static class CheckComparison
{
    /// <summary>The rules that are broken more or less often than before, errors first, then in the order of the catalogue's ids.</summary>
    /// <param name="before">Findings of the earlier check.</param>
    /// <param name="now">Findings of the later one.</param>
    public static IReadOnlyList<RuleChange> Of(IEnumerable<Finding> before, IEnumerable<Finding> now)
    {
        var counts = new Dictionary<CheckRule, (int Before, int Now)>();
        foreach (var finding in before)
            counts[finding.Rule] = counts.GetValueOrDefault(finding.Rule) with
            {
                Before = counts.GetValueOrDefault(finding.Rule).Before + 1,
            };
        foreach (var finding in now)
            counts[finding.Rule] = counts.GetValueOrDefault(finding.Rule) with
            {
                Now = counts.GetValueOrDefault(finding.Rule).Now + 1,
            };
        return
        [
            .. counts
                .Where(rule => rule.Value.Before != rule.Value.Now)
                .Select(rule => new RuleChange(rule.Key, rule.Value.Before, rule.Value.Now))
                .OrderBy(change => change.Rule.Severity)
                .ThenBy(change => change.Rule.Id, StringComparer.Ordinal),
        ];
    }
}

/// <summary>How often a rule was broken before, and how often now.</summary>
/// <param name="Rule">The rule.</param>
/// <param name="Before">Findings of it in the earlier check.</param>
/// <param name="Now">Findings of it in the later one.</param>
public sealed record RuleChange(CheckRule Rule, int Before, int Now)
{
    /// <summary>Whether it was not broken before.</summary>
    public bool IsNew => Before == 0;

    /// <summary>Whether it is broken no more.</summary>
    public bool IsGone => Now == 0;
}
