using System.Text;
using Antiphon.Core.Feeds.Checking;

namespace Antiphon.Core.Tests.Feeds.Checking;

/// <summary>Every rule speaks where it should, and is silent about a feed that is right in the same place.</summary>
public sealed class EveryRuleTests
{
    private static readonly DateTimeOffset Now = new(2026, 11, 24, 12, 0, 0, TimeSpan.Zero);

    public static TheoryData<string> Rules => [.. RuleCases.All.Keys];

    [Theory]
    [InlineData(GoodFeeds.Rss)]
    [InlineData(GoodFeeds.Atom)]
    [InlineData(GoodFeeds.Json)]
    [InlineData(GoodFeeds.Rdf)]
    public void A_good_feed_raises_nothing(string feed) => Assert.Empty(Found(feed));

    [Theory]
    [MemberData(nameof(Rules))]
    public void The_rule_speaks_of_what_was_spoilt(string rule) =>
        Assert.Contains(rule, Found(RuleCases.All[rule].Text));

    // Rules about how a feed is served are raised by answers, not by documents.
    [Fact]
    public void No_rule_is_without_a_case() =>
        Assert.Equal(
            RuleCatalogue
                .All.Select(rule => rule.Id)
                .Where(id => !id.StartsWith("http-", StringComparison.Ordinal) && !IsOfTheBytes(id))
                .Order(StringComparer.Ordinal),
            RuleCases.All.Keys.Order(StringComparer.Ordinal)
        );

    [Fact]
    public void Bytes_that_are_not_what_the_document_says_are_told()
    {
        var latin = Encoding.Latin1.GetBytes(
            GoodFeeds.Rss.Replace("Second light", "Zweite Nächte", StringComparison.Ordinal)
        );
        Assert.Contains("xml-encoding-wrong", Found(latin, null));
        var fair = Encoding.UTF8.GetBytes(GoodFeeds.Rss);
        Assert.Contains("xml-encoding-disagrees", Found(fair, "application/rss+xml; charset=iso-8859-1"));
        Assert.Empty(Found(fair, "application/rss+xml; charset=utf-8"));
    }

    private static bool IsOfTheBytes(string id) => id is "xml-encoding-wrong" or "xml-encoding-disagrees";

    private static IReadOnlyList<string> Found(string text) => Found(Encoding.UTF8.GetBytes(text), null);

    private static IReadOnlyList<string> Found(byte[] bytes, string? type)
    {
        var address = bytes.AsSpan().StartsWith("{"u8)
            ? "https://quillmoor.example/feed.json"
            : "https://quillmoor.example/feed";
        return
        [
            .. FeedCheck
                .Run(bytes, new FeedCheckOptions(Now, type, new Uri(address)))
                .Findings.Select(finding => finding.Rule.Id)
                .Distinct(),
        ];
    }
}
