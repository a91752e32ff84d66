using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Tests.Findings;

/// <summary>What the rules of the feed check say in German: every rule, every value, nothing over.</summary>
public sealed partial class RuleTextsTests
{
    private static readonly RuleTexts German = RuleTexts.For("de");

    [Fact]
    public void Every_rule_of_the_feed_check_speaks_it() =>
        Assert.Equal(
            RuleCatalogue.All.Select(rule => rule.Id).Order(StringComparer.Ordinal),
            German.Rules.Order(StringComparer.Ordinal)
        );

    [Fact]
    public void The_same_values_are_named()
    {
        var different = RuleCatalogue.All.Where(rule =>
        {
            var finding = Finding.Overall(rule, "\u27e80\u27e9", "\u27e81\u27e9", "\u27e82\u27e9");
            return !Values(finding.Message).SetEquals(Values(German.Of(finding).Message));
        });
        Assert.Equal([], different.Select(rule => rule.Id));
    }

    [Fact]
    public void A_language_without_texts_gives_the_english_ones()
    {
        var finding = Finding.Overall(RuleCatalogue.All[0]);
        Assert.Equal((finding.Message, finding.Fix), RuleTexts.For("eo").Of(finding));
    }

    private static HashSet<string> Values(string text) => [.. Value().Matches(text).Select(value => value.Value)];

    [GeneratedRegex("\u27e8[0-9]\u27e9")]
    private static partial Regex Value();
}
