using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Clauses;
using Antiphon.Core.Findings;
using Antiphon.Core.Tests.Feeds.Checking.Cases;
using Antiphon.Tests;

namespace Antiphon.Core.Tests.Feeds.Checking;

/// <summary>Every clause has a rule or a reason, every rule a clause, and each is as strict as the other.</summary>
public sealed class ClauseMapTests
{
    // Standards that state what a feed is; the others are leaned on, or about what readers make of it.
    private static readonly string[] Stating = ["RSS 2.0", "RSS 1.0", "Atom (RFC 4287)", "JSON Feed 1.0 and 1.1"];

    private static IEnumerable<Clause> Clauses => ClauseMap.All.SelectMany(map => map.Clauses);

    [Fact]
    public void A_clause_has_a_rule_or_says_why_none_can_see_it() =>
        Assert.Equal(
            [],
            Clauses
                .Where(clause => (clause.Rules.Count > 0) == (clause.Reason is not null))
                .Select(clause => $"{clause.Section}: {clause.Text}")
        );

    [Fact]
    public void The_rules_of_the_map_are_the_rules_of_the_check() =>
        Assert.Equal(
            RuleCatalogue.All.Select(rule => rule.Id).Order(StringComparer.Ordinal),
            Clauses.SelectMany(clause => clause.Rules).Distinct().Order(StringComparer.Ordinal)
        );

    [Fact]
    public void What_a_format_states_flatly_is_an_error_when_broken()
    {
        var severities = RuleCatalogue.All.ToDictionary(rule => rule.Id, rule => rule.Severity);
        Assert.Equal(
            [],
            ClauseMap
                .All.Where(map => Stating.Contains(map.Standard))
                .SelectMany(map => map.Clauses)
                .Where(clause => clause.Force == ClauseForce.Must && clause.Rules.Count > 0)
                .Where(clause => clause.Rules.All(rule => severities[rule] != Severity.Error))
                .Select(clause => $"{clause.Section}: {clause.Text}")
        );
    }

    [Fact]
    public void What_is_only_allowed_is_no_error_when_left()
    {
        var severities = RuleCatalogue.All.ToDictionary(rule => rule.Id, rule => rule.Severity);
        var strict = Clauses
            .Where(clause => clause.Force != ClauseForce.May)
            .SelectMany(clause => clause.Rules)
            .ToHashSet();
        Assert.Equal(
            [],
            Clauses
                .Where(clause => clause.Force == ClauseForce.May)
                .SelectMany(clause => clause.Rules)
                .Where(rule => !strict.Contains(rule) && severities[rule] == Severity.Error)
        );
    }

    // With ANTIPHON_KEEP_RULES=1 the page is written anew.
    [Fact]
    public void The_page_of_the_guide_is_the_map()
    {
        var cases = RuleCases
            .All.Select(one => one.Id)
            .Concat(EncodingCases.All.Select(one => one.Id))
            .GroupBy(id => id)
            .ToDictionary(same => same.Key, same => same.Count());
        var file = Path.Combine(Repository.Root, "docs", "guide", "feed-conformance.md");
        var page = ConformancePage.Of(ClauseMap.All, cases);
        if (Environment.GetEnvironmentVariable("ANTIPHON_KEEP_RULES") == "1")
            File.WriteAllText(file, page);
        Assert.Equal(page, File.ReadAllText(file));
    }
}
