using Antiphon.Core.Feeds.Rules.Atom;
using Antiphon.Core.Feeds.Rules.Documents;
using Antiphon.Core.Feeds.Rules.Json;
using Antiphon.Core.Feeds.Rules.Modules;
using Antiphon.Core.Feeds.Rules.Rss;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking;

/// <summary>Every rule of the feed check.</summary>
public static class RuleCatalogue
{
    /// <summary>All rules, group by group.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [
        .. DocumentRules.All,
        .. EncodingRules.All,
        .. ServedRules.All,
        .. MendRules.All,
        .. RssRules.All,
        .. RssDetailRules.All,
        .. RssStructureRules.All,
        .. RdfRules.All,
        .. AtomRules.All,
        .. AtomDetailRules.All,
        .. AtomStructureRules.All,
        .. HistoryRules.All,
        .. JsonRules.All,
        .. JsonDetailRules.All,
        .. JsonValueRules.All,
        .. ModuleRules.All,
        .. ModuleStructureRules.All,
        .. ContentRules.All,
        .. SharedRules.All,
        .. AddressRules.All,
        .. LanguageRules.All,
        .. HtmlRules.All,
    ];
}
