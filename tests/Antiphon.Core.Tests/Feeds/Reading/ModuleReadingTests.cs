using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;

namespace Antiphon.Core.Tests.Feeds.Reading;

/// <summary>What modules say is read the same from RSS and from Atom, whatever their prefixes.</summary>
public sealed class ModuleReadingTests
{
    private const string Names =
        "xmlns:m=\"http://search.yahoo.com/mrss/\" xmlns:t=\"http://purl.org/syndication/thread/1.0\" xmlns:g=\"http://www.georss.org/georss\" xmlns:w=\"http://www.w3.org/2003/01/geo/wgs84_pos#\" "
        + "xmlns:d=\"http://purl.org/dc/elements/1.1/\" xmlns:f=\"http://purl.org/syndication/history/1.0\" xmlns:y=\"http://purl.org/rss/1.0/modules/syndication/\" xmlns:a=\"http://www.w3.org/2005/Atom\" xmlns:x=\"https://moor.example/ns\"";

    public static TheoryData<string, string, Func<FeedItem, object?>, object?> Entries =>
        new()
        {
            {
                "a picture with its size",
                "<m:content url=\"https://a.example/p.png\" type=\"image/png\" width=\"800\" height=\"500\" fileSize=\"99\"/>",
                item => item.Media.Single(),
                new FeedMedia("https://a.example/p.png", "image/png", null, 800, 500, 99)
            },
            {
                "what a group says of its items",
                "<m:group><m:content url=\"https://a.example/v.webm\" medium=\"video\"/><m:title>Fog</m:title><m:credit>Ada</m:credit><m:credit>Wilf</m:credit><m:thumbnail url=\"https://a.example/t.png\"/></m:group>",
                item => (item.Media[0].Title, item.Media[0].Credit, item.Media[0].Thumbnail, item.Image),
                ("Fog", "Ada, Wilf", "https://a.example/t.png", "https://a.example/t.png")
            },
            {
                "an item's own words before the group's",
                "<m:group><m:title>All</m:title><m:content url=\"https://a.example/1.png\"><m:title>One</m:title></m:content></m:group>",
                item => item.Media[0].Title,
                "One"
            },
            {
                "a thumbnail as the picture",
                "<m:thumbnail url=\"https://a.example/t.png\"/>",
                item => item.Image,
                "https://a.example/t.png"
            },
            { "a point", "<g:point>54.5 -2.25</g:point>", item => item.Place, new FeedPlace(54.5, -2.25) },
            {
                "latitude and longitude",
                "<w:lat>54.5</w:lat><w:long>-2.25</w:long>",
                item => item.Place,
                new FeedPlace(54.5, -2.25)
            },
            {
                "a point in a point",
                "<w:Point><w:lat>54.5</w:lat><w:long>-2.25</w:long></w:Point>",
                item => item.Place,
                new FeedPlace(54.5, -2.25)
            },
            { "no point beyond the pole", "<g:point>95 10</g:point>", item => item.Place, null },
            {
                "what it answers",
                "<t:in-reply-to ref=\"tag:a\" href=\"https://a.example/0\"/>",
                item => item.RepliesTo.Single(),
                new FeedReply("tag:a", "https://a.example/0")
            },
            { "the number of comments", "<t:total>7</t:total>", item => item.CommentCount, 7 },
            {
                "rights and language",
                "<d:rights>Ours</d:rights><d:language>de</d:language>",
                item => (item.Copyright, item.Language),
                ("Ours", "de")
            },
            {
                "a helper",
                "<d:contributor>Rhoda Pike</d:contributor>",
                item => item.Contributors.Single().Name,
                "Rhoda Pike"
            },
            {
                "something unknown",
                "<x:seeing scale=\"5\">II</x:seeing>",
                item => (item.Extensions.Single().Namespace, item.Extensions.Single().Name),
                ("https://moor.example/ns", "seeing")
            },
        };

    public static TheoryData<string, string, Func<Feed, object?>, object?> Channels =>
        new()
        {
            { "how long a copy keeps", "<ttl>90</ttl>", feed => feed.Rhythm.TimeToLive, TimeSpan.FromMinutes(90) },
            { "a ttl that is none", "<ttl>often</ttl>", feed => feed.Rhythm.TimeToLive, null },
            {
                "hours to skip, midnight also as 24",
                "<skipHours><hour>1</hour><hour>24</hour><hour>99</hour></skipHours>",
                feed => string.Join(' ', feed.Rhythm.SkipHours),
                "1 0"
            },
            {
                "days to skip",
                "<skipDays><day>Sunday</day><day>someday</day></skipDays>",
                feed => feed.Rhythm.SkipDays.Single(),
                DayOfWeek.Sunday
            },
            {
                "twice a day",
                "<y:updatePeriod>daily</y:updatePeriod><y:updateFrequency>2</y:updateFrequency>",
                feed => feed.Rhythm.UpdateEvery,
                TimeSpan.FromHours(12)
            },
            {
                "an archive and its neighbours",
                "<f:archive/><a:link rel=\"prev-archive\" href=\"https://a.example/1\"/><a:link rel=\"current\" href=\"https://a.example/now\"/>",
                feed => (feed.Paging.IsArchive, feed.Paging.PreviousArchive, feed.Paging.Current),
                (true, "https://a.example/1", "https://a.example/now")
            },
            { "a complete feed", "<f:complete/>", feed => feed.Paging.IsComplete, true },
            {
                "the next page",
                "<a:link rel=\"next\" href=\"https://a.example/2\"/>",
                feed => feed.Paging.Next,
                "https://a.example/2"
            },
            {
                "a hub",
                "<a:link rel=\"hub\" href=\"https://hub.example/\"/>",
                feed => feed.Hubs.Single(),
                "https://hub.example/"
            },
            {
                "an element nobody knows",
                "<cloud domain=\"a.example\"/>",
                feed => feed.Extensions.Single().Name,
                "cloud"
            },
        };

    [Theory]
    [MemberData(nameof(Entries))]
    public void Of_an_entry(string what, string inside, Func<FeedItem, object?> look, object? expected)
    {
        var rss =
            $"<rss version=\"2.0\" {Names}><channel><title>t</title><item><title>x</title>{inside}</item></channel></rss>";
        var atom =
            $"<feed xmlns=\"http://www.w3.org/2005/Atom\" {Names}><title>t</title><entry><title>x</title>{inside}</entry></feed>";
        foreach (var text in new[] { rss, atom })
        {
            var found = look(FeedReader.Read(text, new FeedReadOptions()).Feed!.Items[0]);
            Assert.True(Equals(expected, found), $"{what}: {found} in {text[..5]}");
        }
    }

    [Theory]
    [MemberData(nameof(Channels))]
    public void Of_a_feed(string what, string inside, Func<Feed, object?> look, object? expected)
    {
        var found = look(
            FeedReader
                .Read(
                    $"<rss version=\"2.0\" {Names}><channel><title>t</title>{inside}</channel></rss>",
                    new FeedReadOptions()
                )
                .Feed!
        );
        Assert.True(Equals(expected, found), $"{what}: {found}");
    }
}
