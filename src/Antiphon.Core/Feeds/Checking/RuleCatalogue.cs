using Antiphon.Core.Feeds.Rules;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking;

/// <summary>Every rule of the feed check.</summary>
public static class RuleCatalogue
{
    /// <summary>All rules, group by group.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [
        .. DocumentRules.All,
        .. ServedRules.All,
        .. MendRules.All,
        .. RssRules.All,
        .. RssDetailRules.All,
        .. AtomRules.All,
        .. AtomDetailRules.All,
        .. JsonRules.All,
        .. JsonDetailRules.All,
        .. ModuleRules.All,
        .. ContentRules.All,
        .. SharedRules.All,
    ];
}
