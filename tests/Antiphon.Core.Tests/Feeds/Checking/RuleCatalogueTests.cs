using Antiphon.Core.Feeds.Checking;
using Antiphon.Tests;

namespace Antiphon.Core.Tests.Feeds.Checking;

public sealed class RuleCatalogueTests
{
    [Fact]
    public void Every_rule_says_what_is_wrong_what_helps_and_where() => Assert.All(RuleCatalogue.All, rule =>
        {
            Assert.Matches("^[a-z0-9]+(-[a-z0-9]+)+$", rule.Id);
            Assert.True(rule.Message.Length > 10 && rule.Fix.Length > 5 && rule.Reference.Length > 5, rule.Id);
            Assert.DoesNotMatch("[.]$", rule.Message);
        });

    [Fact]
    public void No_two_rules_have_one_name() =>
        Assert.Equal(RuleCatalogue.All.Count, RuleCatalogue.All.Select(rule => rule.Id).Distinct().Count());

    // With ANTIPHON_KEEP_RULES=1 the page is written anew.
    [Fact]
    public void The_page_of_the_guide_is_the_rules()
    {
        var file = Path.Combine(Repository.Root, "docs", "guide", "feed-rules.md");
        var page = RulePage.Of(RuleCatalogue.All);
        if (Environment.GetEnvironmentVariable("ANTIPHON_KEEP_RULES") == "1")
            File.WriteAllText(file, page);
        Assert.Equal(page, File.ReadAllText(file));
    }
}
