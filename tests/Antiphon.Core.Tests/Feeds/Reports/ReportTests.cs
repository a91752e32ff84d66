using System.Text;
using System.Text.Json.Nodes;
using System.Xml.Linq;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Reports;
using Antiphon.Core.Findings;
using Antiphon.Core.Tests.Feeds.Checking.Cases;

namespace Antiphon.Core.Tests.Feeds.Reports;

/// <summary>What was found of several feeds, for people and for programs that build.</summary>
public sealed class ReportTests
{
    private static readonly CheckedFeed Good = Checked("log/good feed.xml", GoodFeeds.Rss);

    private static readonly CheckedFeed Faulty = Checked(
        "https://quillmoor.example/feed",
        GoodFeeds
            .Rss.Replace("Mon, 23 Nov 2026 09:30:00 GMT", "yesterday", StringComparison.Ordinal)
            .Replace("<ttl>60</ttl>", "<ttl>an hour & more</ttl>", StringComparison.Ordinal)
    );

    [Fact]
    public void A_line_for_each_finding_and_the_verdict_at_the_end()
    {
        var lines = TextReport.Of([Good, Faulty]).TrimEnd().Split('\n');
        Assert.Equal("log/good feed.xml: Valid", lines[0]);
        Assert.Equal("https://quillmoor.example/feed: Invalid", lines[^1]);
        Assert.Equal(Faulty.Findings.Count, lines.Length - 2);
        Assert.Contains(lines, line =>
            line.StartsWith("https://quillmoor.example/feed:46:", StringComparison.Ordinal)
            || line.Contains("rss-date-unreadable", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void A_feed_is_a_suite_and_a_broken_rule_a_failed_test()
    {
        var suites = XDocument.Parse(JunitReport.Of([Good, Faulty])).Root!.Elements("testsuite").ToList();
        Assert.Equal(
            ["0", Errors(Faulty).ToString(System.Globalization.CultureInfo.InvariantCulture)],
            suites.Select(suite => (string?)suite.Attribute("failures"))
        );
        Assert.Equal("valid", (string?)suites[0].Element("testcase")!.Attribute("name"));
        Assert.All(suites[1].Elements("testcase"), test => Assert.NotEmpty(test.Element("failure")!.Value));
    }

    [Fact]
    public void Every_finding_is_a_result_of_a_rule_that_is_described()
    {
        var run = JsonNode.Parse(SarifReport.Of([Good, Faulty]))!["runs"]![0]!;
        var rules = run["tool"]!["driver"]!["rules"]!.AsArray();
        var results = run["results"]!.AsArray();
        Assert.Equal(Faulty.Findings.Count, results.Count);
        Assert.All(results, result =>
            Assert.Equal((string?)result!["ruleId"], (string?)rules[(int)result["ruleIndex"]!]!["id"])
        );
        Assert.Contains(results, result => (string?)result!["level"] == "error");
        Assert.All(
            results.Where(result => result!["locations"]![0]!["physicalLocation"]!["region"] is not null),
            result => Assert.True((int)result!["locations"]![0]!["physicalLocation"]!["region"]!["startLine"]! > 0)
        );
    }

    [Theory]
    [InlineData("en", "Has errors")]
    [InlineData("de", "Hat Fehler")]
    public void A_page_has_every_feed_and_every_broken_rule_with_nothing_left_unescaped(string language, string verdict)
    {
        var page = HtmlReport.Of([Good, Faulty], ReportWords.For(language), RuleTexts.For(language));
        var body = new AngleSharp.Html.Parser.HtmlParser().ParseDocument(page).Body!;
        Assert.Equal(["log/good feed.xml", Faulty.Name], body.QuerySelectorAll("h2").Select(head => head.TextContent));
        Assert.Contains(verdict, body.TextContent, StringComparison.Ordinal);
        Assert.Contains("an hour & more", body.TextContent, StringComparison.Ordinal);
        Assert.Equal(
            Faulty.Findings.DistinctBy(finding => finding.Rule.Id).Count(),
            body.QuerySelectorAll("li").Length
        );
    }

    [Fact]
    public void Every_finding_is_told_as_json_in_words()
    {
        var feeds = JsonNode.Parse(JsonReport.Of([Good, Faulty], RuleTexts.For("de")))!["feeds"]!.AsArray();
        Assert.Equal(["valid", "invalid"], feeds.Select(feed => (string?)feed!["verdict"]));
        Assert.Equal(Faulty.Findings.Count, feeds[1]!["findings"]!.AsArray().Count);
        Assert.All(feeds[1]!["findings"]!.AsArray(), finding => Assert.NotEmpty((string)finding!["message"]!));
    }

    [Fact]
    public void A_feed_that_could_not_be_read_is_in_every_report()
    {
        var unread = CheckedFeed.Unread("https://walkers.example/feed", "The site did not respond.");
        Assert.Contains("did not respond", TextReport.Of([unread]), StringComparison.Ordinal);
        Assert.Contains("did not respond", JsonReport.Of([unread], RuleTexts.For("en")), StringComparison.Ordinal);
        Assert.Contains(
            "did not respond",
            HtmlReport.Of([unread], ReportWords.For("en"), RuleTexts.For("en")),
            StringComparison.Ordinal
        );
        var suite = XDocument.Parse(JunitReport.Of([unread])).Root!.Element("testsuite")!;
        Assert.Equal("1", (string?)suite.Attribute("errors"));
        var invocation = JsonNode.Parse(SarifReport.Of([unread]))!["runs"]![0]!["invocations"]![0]!;
        Assert.False((bool)invocation["executionSuccessful"]!);
    }

    [Fact]
    public void Two_checks_are_compared_by_rule_and_not_by_line()
    {
        var broken = Checked("a", Text("yesterday"));
        var moved = Checked("a", Text("yesterday").Replace("<item>", "\n\n<item>", StringComparison.Ordinal));
        Assert.Empty(CheckComparison.Of(broken.Findings, moved.Findings));
        var change = Assert.Single(CheckComparison.Of(Good.Findings, broken.Findings));
        Assert.True(change is { IsNew: true, IsGone: false });
        Assert.True(Assert.Single(CheckComparison.Of(broken.Findings, [])).IsGone);
    }

    [Theory]
    [InlineData(Severity.Error, false)]
    [InlineData(Severity.Warning, false)]
    public void Nothing_is_found_of_a_good_feed(Severity severity, bool expected) =>
        Assert.Equal(expected, Good.Has(severity));

    [Fact]
    public void What_is_graver_counts_as_well() => Assert.True(Faulty.Has(Severity.Advice));

    private static string Text(string date) =>
        GoodFeeds.Rss.Replace("Mon, 23 Nov 2026 09:30:00 GMT", date, StringComparison.Ordinal);

    private static int Errors(CheckedFeed feed) =>
        feed
            .Findings.Where(finding => finding.Rule.Severity == Severity.Error)
            .DistinctBy(finding => finding.Rule.Id)
            .Count();

    private static CheckedFeed Checked(string name, string text) =>
        CheckedFeed.Of(
            name,
            FeedCheck.Run(
                Encoding.UTF8.GetBytes(text),
                new FeedCheckOptions(
                    new DateTimeOffset(2026, 11, 24, 12, 0, 0, TimeSpan.Zero),
                    null,
                    new Uri("https://quillmoor.example/feed")
                )
            )
        );
}
