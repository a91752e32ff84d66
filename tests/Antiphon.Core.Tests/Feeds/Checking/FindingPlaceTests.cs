using System.Text;
using Antiphon.Core.Feeds.Checking;

namespace Antiphon.Core.Tests.Feeds.Checking;

/// <summary>What is found in the texts of entries is shown at its line.</summary>
public sealed class FindingPlaceTests
{
    private const string Rss =
        "<rss version=\"2.0\"><channel><title>a</title>\n<item><title>1</title><link>https://a.example/1</link>\n<description><![CDATA[<p>\n<img src=\"https://a.example/p.png\">\n<a href=\"javascript:x\" onclick=\"y\">z</a></p>]]></description></item>\n<item><title>2</title>\n<link>https://a.example/1</link>\n<pubDate>Mon, 01 Jan 1900 00:00:00 GMT</pubDate></item></channel></rss>";

    private const string Json =
        "{\"version\":\"https://jsonfeed.org/version/1.1\",\"title\":\"a\",\"items\":[\n{\"id\":\"1\",\n\"url\":\"https://a.example/1\",\n\"content_html\":\"<img src='https://a.example/p.png'>\"},\n{\"id\":\"2\",\n\"url\":\"https://a.example/1\",\"content_text\":\"x\"}]}";

    [Theory]
    [InlineData(Rss, "html-alt-missing", 4)]
    [InlineData(Rss, "html-script-address", 5)]
    [InlineData(Rss, "html-event-attribute", 5)]
    [InlineData(Rss, "link-duplicate", 7)]
    [InlineData(Rss, "date-implausible", 8)]
    [InlineData(Json, "html-alt-missing", 4)]
    [InlineData(Json, "link-duplicate", 6)]
    public void At_its_line(string text, string rule, int line)
    {
        var findings = FeedCheck
            .Run(Encoding.UTF8.GetBytes(text), new FeedCheckOptions(DateTimeOffset.UnixEpoch.AddYears(56)))
            .Findings;
        Assert.True(
            findings.Any(finding => finding.Rule.Id == rule && finding.Line == line),
            string.Join(", ", findings.Select(finding => $"{finding.Rule.Id} {finding.Line}"))
        );
    }

    [Fact]
    public void A_text_in_a_million_pieces_is_read_in_one_go()
    {
        var text =
            "<rss version=\"2.0\"><channel><title>"
            + string.Concat(Enumerable.Repeat("a<!---->", 400_000))
            + "</title></channel></rss>";
        Assert.Equal(
            400_000,
            FeedCheck
                .Run(Encoding.UTF8.GetBytes(text), new FeedCheckOptions(DateTimeOffset.UnixEpoch))
                .Feed!.Title!.Length
        );
    }
}
