using System.Text;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Repair;
using Antiphon.Core.Findings;
using CsCheck;

namespace Antiphon.Core.Tests.Feeds.Repair;

public sealed class FeedRepairTests
{
    private static readonly DateTimeOffset Now = new(2026, 11, 24, 12, 0, 0, TimeSpan.Zero);

    private static RepairResult Repair(string text, string? address = null) =>
        FeedRepair.Run(
            Encoding.UTF8.GetBytes(text),
            new FeedCheckOptions(Now, null, address is null ? null : new Uri(address))
        );

    private static string Rss(
        string item,
        string channel = "<title>Log</title><link>https://quillmoor.example/</link><description>Nights</description>"
    ) =>
        $"<rss version=\"2.0\" xmlns:atom=\"http://www.w3.org/2005/Atom\"><channel>{channel}<atom:link rel=\"self\" href=\"https://quillmoor.example/feed\"/><item>{item}</item></channel></rss>";

    private const string Whole =
        "<title>One</title><link>https://quillmoor.example/1</link><guid>https://quillmoor.example/1</guid><pubDate>Tue, 24 Nov 2026 09:30:00 GMT</pubDate>";

    [Fact]
    public void An_element_without_a_namespace_is_the_one_RSS_asks_for()
    {
        var repaired = Repair(
            Checking.Cases.GoodFeeds.Rdf.Replace(
                "<link>https://quillmoor.example/</link>",
                "<link xmlns=\"\">https://quillmoor.example/</link>]",
                StringComparison.Ordinal
            ),
            "https://quillmoor.example/feed"
        );
        Assert.DoesNotContain(repaired.Remaining, finding => finding.Rule.Id == "rdf-element-repeated");
        Assert.Equal(2, repaired.Text!.Split("https://quillmoor.example/</link>").Length);
    }

    [Theory]
    [InlineData(
        "rss-date-form",
        "<title>x</title><link>https://quillmoor.example/1</link><guid>https://quillmoor.example/1</guid><pubDate>2026-11-24T09:30:00Z</pubDate>",
        "<pubDate>Tue, 24 Nov 2026 09:30:00 GMT</pubDate>"
    )]
    [InlineData(
        "rss-weekday-wrong",
        "<title>x</title><link>https://quillmoor.example/1</link><guid>https://quillmoor.example/1</guid><pubDate>Mon, 24 Nov 2026 09:30:00 GMT</pubDate>",
        "<pubDate>Tue, 24 Nov 2026 09:30:00 GMT</pubDate>"
    )]
    [InlineData(
        "rss-guid-missing",
        "<title>x</title><link>https://quillmoor.example/1</link><pubDate>Tue, 24 Nov 2026 09:30:00 GMT</pubDate>",
        "<guid>https://quillmoor.example/1</guid>"
    )]
    [InlineData(
        "rss-guid-empty",
        "<title>x</title><link>https://quillmoor.example/1</link><guid/><pubDate>Tue, 24 Nov 2026 09:30:00 GMT</pubDate>",
        "<guid>https://quillmoor.example/1</guid>"
    )]
    [InlineData(
        "rss-guid-not-address",
        "<title>x</title><link>https://quillmoor.example/1</link><guid>17</guid><pubDate>Tue, 24 Nov 2026 09:30:00 GMT</pubDate>",
        "<guid isPermaLink=\"false\">17</guid>"
    )]
    [InlineData("rss-author-not-mail", Whole + "<author>Ida Marsh</author>", ":creator>Ida Marsh</")]
    [InlineData(
        "rss-enclosure-incomplete",
        Whole + "<enclosure url=\"https://quillmoor.example/a.mp3\" length=\"9\"/>",
        "type=\"audio/mpeg\""
    )]
    [InlineData(
        "rss-enclosure-length",
        Whole + "<enclosure url=\"https://quillmoor.example/a.mp3\" type=\"audio/mpeg\" length=\"1,234\"/>",
        "length=\"1234\""
    )]
    [InlineData(
        "link-not-absolute",
        "<title>x</title><link>/1</link><guid>https://quillmoor.example/1</guid><pubDate>Tue, 24 Nov 2026 09:30:00 GMT</pubDate>",
        "<link>https://quillmoor.example/1</link>"
    )]
    [InlineData(
        "text-escaped-twice",
        "<title>Salt &amp;amp; pepper</title><link>https://quillmoor.example/1</link><guid>https://quillmoor.example/1</guid><pubDate>Tue, 24 Nov 2026 09:30:00 GMT</pubDate>",
        "<title>Salt &amp; pepper</title>"
    )]
    [InlineData(
        "html-relative-address",
        Whole + "<description>&lt;img src=\"/p.png\"&gt;</description>",
        "https://quillmoor.example/p.png"
    )]
    [InlineData("xml-stray-ampersand", Whole + "<category>Fish & chips</category>", "Fish &amp; chips")]
    public void WhatAMachineCanMendIsMended(string rule, string item, string seen)
    {
        var repaired = Repair(Rss(item));
        Assert.Contains(repaired.Before.Findings, finding => finding.Rule.Id == rule);
        Assert.Contains(repaired.Changes, change => change.Rule == rule && change.Description.Length > 5);
        Assert.Contains(seen, repaired.Text, StringComparison.Ordinal);
        Assert.DoesNotContain(repaired.Remaining, finding => finding.Rule.Id == rule);
    }

    [Fact]
    public void WhatIsMissingInTheChannelIsGiven()
    {
        var repaired = Repair(
            "<rss><channel><item><title>x</title></item></channel></rss>",
            "https://quillmoor.example/log/feed.xml"
        );
        Assert.Contains("<rss version=\"2.0\"", repaired.Text, StringComparison.Ordinal);
        Assert.Contains("<title>quillmoor.example</title>", repaired.Text, StringComparison.Ordinal);
        Assert.Contains("href=\"https://quillmoor.example/log/feed.xml\"", repaired.Text, StringComparison.Ordinal);
        Assert.Contains("urn:sha256:", repaired.Text, StringComparison.Ordinal);
        Assert.DoesNotContain(repaired.Remaining, finding => finding.Rule.Severity == Severity.Error);
    }

    [Fact]
    public void AtomIsRepaired()
    {
        var repaired = Repair(
            "<feed xmlns=\"http://www.w3.org/2005/Atom\"><title>Log</title><entry><title>One</title><link href=\"https://quillmoor.example/1\"/><updated>24 Nov 2026 09:30 GMT</updated></entry></feed>",
            "https://quillmoor.example/atom.xml"
        );
        Assert.Contains("<updated>2026-11-24T09:30:00Z</updated>", repaired.Text, StringComparison.Ordinal);
        Assert.Contains("<id>https://quillmoor.example/1</id>", repaired.Text, StringComparison.Ordinal);
        Assert.Contains("<name>Log</name>", repaired.Text, StringComparison.Ordinal);
        Assert.DoesNotContain(repaired.Remaining, finding => finding.Rule.Severity != Severity.Advice);
    }

    [Fact]
    public void JsonIsRepaired()
    {
        var repaired = Repair(
            "{\"version\":\"https://jsonfeed.org/version/1\",\"title\":\"Log\",\"author\":{\"name\":\"Ida\"},\"items\":[{\"id\":7,\"content_text\":\"x\",\"date_published\":\"24 Nov 2026\"},{\"url\":\"https://quillmoor.example/2\",\"content_text\":\"y\"}]}",
            "https://quillmoor.example/feed.json"
        );
        foreach (
            var seen in new[]
            {
                "\"id\": \"7\"",
                "\"id\": \"https://quillmoor.example/2\"",
                "\"date_published\": \"2026-11-24T00:00:00Z\"",
                "\"author\": {",
                "\"feed_url\"",
            }
        )
            Assert.Contains(seen, repaired.Text, StringComparison.Ordinal);
        Assert.DoesNotContain(repaired.Remaining, finding => finding.Rule.Severity == Severity.Error);
    }

    [Fact]
    public void AFeedThatNeedsNothingIsGivenBackToTheLetter()
    {
        var right = Rss(Whole);
        Assert.Equal((right, 0), (Repair(right).Text, Repair(right).Changes.Count));
    }

    [Theory]
    [InlineData("")]
    [InlineData("<html><body>no feed</body></html>")]
    [InlineData("just words")]
    public void WhatIsNoFeedCannotBeRepaired(string text)
    {
        var repaired = Repair(text);
        Assert.Null(repaired.Text);
        Assert.NotEmpty(repaired.Remaining);
    }

    [Fact]
    public void ChangesHaveTheirLines() =>
        Assert.Equal(
            3,
            Repair(
                "<rss version=\"2.0\">\n<channel><title>Log</title><link>https://quillmoor.example/</link><description>d</description>\n<item><title>x</title><pubDate>2026-11-24</pubDate></item></channel></rss>"
            )
                .Changes.First(change => change.Rule == "rss-date-form")
                .Line
        );

    [Fact]
    public void RepairingTwiceChangesNothingAndLosesNothing()
    {
        string[] pieces =
        [
            "<title>a & b</title>",
            "<title>Two</title>",
            "<link>/x</link>",
            "<guid>1</guid>",
            "<guid></guid>",
            "<pubDate>2026-11-24</pubDate>",
            "<pubDate>soon</pubDate>",
            "<author>Ida</author>",
            "<description>caf&eacute; <b>x</description>",
            "<dc:creator>Z</dc:creator>",
            "<enclosure url=\"a.mp3\"/>",
        ];
        Gen.Int[0, pieces.Length - 1]
            .Array[0, 6]
            .Array[0, 4]
            .Sample(
                items =>
                {
                    var text =
                        "<rss><channel><title>T</title><link>https://quillmoor.example/</link>"
                        + string.Concat(
                            items.Select(item => $"<item>{string.Concat(item.Select(piece => pieces[piece]))}</item>")
                        )
                        + "</channel></rss>";
                    var first = Repair(text);
                    var second = Repair(first.Text!);
                    Assert.Equal((first.Text, 0), (second.Text, second.Changes.Count));
                    Assert.Equal(
                        first.Before.Feed!.Items.Select(item => item.Title),
                        second.Before.Feed!.Items.Select(item => item.Title)
                    );
                },
                iter: 400
            );
    }
}
