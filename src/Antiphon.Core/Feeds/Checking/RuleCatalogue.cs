using Antiphon.Core.Feeds.Checking.Rules;

namespace Antiphon.Core.Feeds.Checking;

/// <summary>Every rule of the feed check.</summary>
public static class RuleCatalogue
{
    /// <summary>All rules, group by group.</summary>
    public static IReadOnlyList<FeedRule> All { get; } =
        [.. DocumentRules.All, .. MendRules.All, .. RssRules.All, .. AtomRules.All, .. JsonRules.All, .. SharedRules.All];
}
