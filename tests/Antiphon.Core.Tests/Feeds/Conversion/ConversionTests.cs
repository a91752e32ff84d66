using System.Text;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Conversion;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Writing;
using Antiphon.Tests;
using CsCheck;

namespace Antiphon.Core.Tests.Feeds.Conversion;

public sealed class ConversionTests
{
    private static readonly Gen<bool> Maybe = Gen.Bool;

    public static TheoryData<FeedFormat> Formats => [FeedFormat.Rss, FeedFormat.Atom, FeedFormat.JsonFeed];

    [Theory]
    [MemberData(nameof(Formats))]
    public void Nothing_is_lost_that_the_format_can_carry(FeedFormat format) =>
        Maybe
            .Array[60]
            .Sample(
                says =>
                {
                    var before = RichFeed.Make(says);
                    var after = FeedReader
                        .Read(FeedConversion.Convert(before, format).Bytes, new FeedReadOptions())
                        .Feed!;
                    foreach (var value in CarriedValues.All.Where(value => value.In(format) is not null))
                    {
                        var missing = value.Values(before).Except(value.Values(after)).ToList();
                        Assert.True(
                            missing.Count == 0,
                            $"{value.Name}: {string.Join(" | ", missing)} became {string.Join(" | ", value.Values(after))}"
                        );
                    }
                },
                iter: 400
            );

    [Theory]
    [MemberData(nameof(Formats))]
    public void What_is_lost_is_told(FeedFormat format)
    {
        var before = RichFeed.Make([.. Enumerable.Repeat(true, 60)]);
        var converted = FeedConversion.Convert(before, format);
        var after = FeedReader.Read(converted.Bytes, new FeedReadOptions()).Feed!;
        var told = converted.Lost.Select(lost => lost.Name).ToList();
        Assert.NotEmpty(told);
        Assert.All(CarriedValues.All.Where(value => value.Values(before).Except(value.Values(after)).Any()), value =>
            Assert.Contains(value.Name, told)
        );
    }

    [Theory]
    [InlineData("<pubDate>yesterday</pubDate>", "Dates that cannot be read")]
    [InlineData("<title>Again</title>", "Repeated elements, of which the first is read")]
    [InlineData("</item></channel></rss><p>Late</p><!--", "Text and documents outside the feed")]
    [InlineData("<description>Half a", "What stands behind the place where the document breaks off")]
    public void What_a_faulty_feed_says_and_nobody_reads_is_told_as_lost(string end, string loss)
    {
        var result = FeedCheck.Run(
            System.Text.Encoding.UTF8.GetBytes(
                $"<rss version=\"2.0\"><channel><title>Moor</title><link>https://moor.example/</link><description>d</description><item><title>Fog</title>{end}"
                    + (end.Contains("Half", StringComparison.Ordinal) ? "" : "</item></channel></rss>")
            ),
            new FeedCheckOptions(DateTimeOffset.UnixEpoch)
        );
        Assert.Contains(FeedConversion.Convert(result, FeedFormat.Atom).Lost, lost => lost.Name == loss);
    }

    [Theory]
    [MemberData(nameof(Formats))]
    public void Another_format_is_not_what_stands_at_the_address_of_the_first(FeedFormat to)
    {
        var result = FeedCheck.Run(
            System.Text.Encoding.UTF8.GetBytes(
                "<rss version=\"2.0\" xmlns:atom=\"http://www.w3.org/2005/Atom\"><channel><title>Moor</title><link>https://moor.example/</link><description>d</description><atom:link rel=\"self\" type=\"application/rss+xml\" href=\"https://moor.example/feed\"/></channel></rss>"
            ),
            new FeedCheckOptions(DateTimeOffset.UnixEpoch)
        );
        var converted = FeedConversion.Convert(result, to);
        var after = FeedReader.Read(converted.Bytes, new FeedReadOptions()).Feed!;
        Assert.Equal(to == FeedFormat.Rss ? "https://moor.example/feed" : null, after.FeedLink);
        if (to == FeedFormat.Atom)
            Assert.Equal(
                new RelatedLink("via", "https://moor.example/feed", "application/rss+xml"),
                Assert.Single(after.Links)
            );
        if (to == FeedFormat.JsonFeed)
            Assert.Contains(converted.Lost, lost => lost.Name == "Other links of the feed");
    }

    [Fact]
    public void A_plain_feed_loses_nothing()
    {
        var feed = new Feed
        {
            Title = "The Night Log",
            Link = "https://quillmoor.example/",
            FeedLink = "https://quillmoor.example/feed",
        };
        feed.Items.Add(
            new FeedItem
            {
                Id = "1",
                Title = "Fog",
                ContentHtml = "<p>Fog</p>",
            }
        );
        Assert.All(new[] { FeedFormat.Rss, FeedFormat.Atom, FeedFormat.JsonFeed }, format =>
            Assert.Empty(FeedConversion.LossOf(feed, format))
        );
    }

    [Fact]
    public void Elements_nobody_knows_come_back_as_they_were()
    {
        const string Text = """
            <rss version="2.0" xmlns:moor="https://moor.example/ns"><channel><title>T</title><link>https://moor.example/</link><description>D</description><moor:station height="412">Top</moor:station>
            <item><title>Fog</title><link>https://moor.example/1</link><moor:seeing scale="antoniadi"><moor:value>II</moor:value></moor:seeing></item></channel></rss>
            """;
        var feed = FeedReader.Read(Text, new FeedReadOptions()).Feed!;
        var rss = Encoding.UTF8.GetString(RssWriter.Write(feed));
        Assert.Matches("<moor:station[^>]* height=\"412\"[^>]*>Top</moor:station>", rss);
        Assert.Contains("<moor:value>II</moor:value>", rss, StringComparison.Ordinal);
        Assert.Contains(
            "<moor:value>II</moor:value>",
            Encoding.UTF8.GetString(AtomWriter.Write(feed)),
            StringComparison.Ordinal
        );
        Assert.Equal(
            ["Elements of other namespaces of the feed", "Elements of other namespaces of entries"],
            FeedConversion.LossOf(feed, FeedFormat.JsonFeed).Select(lost => lost.Name)
        );
    }

    [Fact]
    public void Members_nobody_knows_come_back_as_they_were()
    {
        const string Text =
            """{"version":"https://jsonfeed.org/version/1.1","title":"T","items":[{"id":"1","content_text":"x","_moor":{"seeing":2.50,"tags":["a",null,true]}}]}""";
        var written = Encoding.UTF8.GetString(JsonFeedWriter.Write(FeedReader.Read(Text, new FeedReadOptions()).Feed!));
        Assert.Contains("""{"seeing":2.50,"tags":["a",null,true]}""", written, StringComparison.Ordinal);
    }

    // With ANTIPHON_KEEP_RULES=1 the page is written anew.
    [Fact]
    public void The_page_of_the_guide_is_the_table()
    {
        var file = Path.Combine(Repository.Root, "docs", "guide", "feed-conversion.md");
        if (Environment.GetEnvironmentVariable("ANTIPHON_KEEP_RULES") == "1")
            File.WriteAllText(file, FeedConversion.Page());
        Assert.Equal(FeedConversion.Page(), File.ReadAllText(file));
    }
}
