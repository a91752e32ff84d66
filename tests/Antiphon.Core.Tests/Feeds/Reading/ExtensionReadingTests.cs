using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Reading.Modules.Extensions;
using Antiphon.Core.Feeds.Writing;

namespace Antiphon.Core.Tests.Feeds.Reading;

/// <summary>What podcasts, maps, deletions and licences say is read when asked for, and written back as it was.</summary>
public sealed class ExtensionReadingTests
{
    private const string Names =
        "xmlns:itunes=\"http://www.itunes.com/dtds/podcast-1.0.dtd\" xmlns:podcast=\"https://podcastindex.org/namespace/1.0\" xmlns:georss=\"http://www.georss.org/georss\" xmlns:gml=\"http://www.opengis.net/gml\" xmlns:cc=\"http://backend.userland.com/creativeCommonsRssModule\" xmlns:atom=\"http://www.w3.org/2005/Atom\" xmlns:at=\"http://purl.org/atompub/tombstones/1.0\"";

    public static TheoryData<string, Func<FeedEpisode, object?>, object?> Episodes =>
        new()
        {
            { "<itunes:season>2</itunes:season>", episode => episode.Season, 2 },
            {
                "<podcast:season name=\"Winter\">3</podcast:season>",
                episode => (episode.Season, episode.SeasonName),
                ((int?)3, "Winter")
            },
            { "<itunes:episode>7</itunes:episode>", episode => episode.Number, 7m },
            { "<podcast:episode display=\"7½\">7.5</podcast:episode>", episode => episode.Number, 7.5m },
            { "<itunes:episodeType>Trailer</itunes:episodeType>", episode => episode.Kind, "trailer" },
            { "<itunes:duration>754</itunes:duration>", episode => episode.Duration, TimeSpan.FromSeconds(754) },
            { "<itunes:duration>12:34</itunes:duration>", episode => episode.Duration, TimeSpan.FromSeconds(754) },
            { "<itunes:duration>1:02:03</itunes:duration>", episode => episode.Duration, new TimeSpan(1, 2, 3) },
            { "<itunes:duration>long</itunes:duration>", episode => episode.Duration, null },
            { "<itunes:duration>1:2:3:4</itunes:duration>", episode => episode.Duration, null },
            { "<itunes:explicit>clean</itunes:explicit>", episode => episode.IsExplicit, false },
            { "<itunes:explicit>perhaps</itunes:explicit>", episode => episode.IsExplicit, null },
            { "<itunes:block>Yes</itunes:block>", episode => episode.IsBlocked, true },
            {
                "<podcast:chapters url=\"https://moor.example/c.json\" type=\"application/json+chapters\"/>",
                episode => episode.Chapters,
                new FeedEnclosure("https://moor.example/c.json", "application/json+chapters", null)
            },
            {
                "<podcast:transcript url=\"https://moor.example/t.vtt\" type=\"text/vtt\" language=\"de\" rel=\"captions\"/>",
                episode => episode.Transcripts.Single(),
                new FeedTranscript("https://moor.example/t.vtt", "text/vtt", "de", true)
            },
            {
                "<podcast:person role=\"Guest\" href=\"https://moor.example/edda\">Edda Voss</podcast:person>",
                episode => episode.Voices.Single(),
                new FeedVoice("Edda Voss", "guest", "cast", null, "https://moor.example/edda")
            },
            {
                "<podcast:person>Wilf</podcast:person>",
                episode => episode.Voices.Single(),
                new FeedVoice("Wilf", "host", "cast", null, null)
            },
        };

    public static TheoryData<string, FeedAreaKind?, int> Areas =>
        new()
        {
            { "<georss:line>54 -2 54.5 -2.5</georss:line>", FeedAreaKind.Line, 2 },
            { "<georss:polygon>54 -2 55 -2 55 -3 54 -2</georss:polygon>", FeedAreaKind.Polygon, 4 },
            { "<georss:box>54 -3 55 -2</georss:box>", FeedAreaKind.Box, 2 },
            {
                "<georss:where><gml:LineString><gml:posList>54 -2 55 -2 55 -3</gml:posList></gml:LineString></georss:where>",
                FeedAreaKind.Line,
                3
            },
            {
                "<georss:where><gml:Envelope><gml:lowerCorner>54 -3</gml:lowerCorner><gml:upperCorner>55 -2</gml:upperCorner></gml:Envelope></georss:where>",
                FeedAreaKind.Box,
                2
            },
            {
                "<georss:where><gml:Polygon><gml:exterior><gml:LinearRing><gml:posList>54 -2 55 -2 55 -3 54 -2</gml:posList></gml:LinearRing></gml:exterior></gml:Polygon></georss:where>",
                FeedAreaKind.Polygon,
                4
            },
            { "<georss:line>54 -2</georss:line>", null, 0 },
            { "<georss:line>54 -2 95 1</georss:line>", null, 0 },
            { "<georss:box>54 -3 55</georss:box>", null, 0 },
        };

    [Theory]
    [MemberData(nameof(Episodes))]
    public void An_episode_says(string element, Func<FeedEpisode, object?> of, object? expected) =>
        Assert.Equal(expected, of(EpisodeReader.Of(Rss(item: element).Items[0])!));

    [Fact]
    public void An_entry_without_podcast_elements_is_no_episode() =>
        Assert.Null(EpisodeReader.Of(Rss(item: "<georss:box>54 -3 55 -2</georss:box>").Items[0]));

    [Fact]
    public void A_show_says_who_owns_it_what_it_is_and_where_it_went()
    {
        var show = EpisodeReader.Of(
            Rss(
                channel: "<itunes:owner><itunes:name>Edda</itunes:name><itunes:email>edda@moor.example</itunes:email></itunes:owner><itunes:type>Serial</itunes:type><itunes:category text=\"Science\"><itunes:category text=\"Astronomy\"/></itunes:category><itunes:category text=\"History\"/><itunes:complete>yes</itunes:complete><itunes:new-feed-url>https://moor.example/new</itunes:new-feed-url><podcast:locked owner=\"edda@moor.example\">yes</podcast:locked><podcast:guid>917393e3-1b1e-5cef-ace4-edaa54e1f810</podcast:guid><podcast:medium>podcast</podcast:medium><podcast:funding url=\"https://moor.example/give\">Give</podcast:funding>"
            )
        )!;
        Assert.Equal(new FeedPerson("Edda", "edda@moor.example", null), show.Owner);
        Assert.Equal(["Science / Astronomy", "History"], show.Categories);
        Assert.Equal(("serial", true, true), (show.Kind, show.IsComplete, show.IsLocked));
        Assert.Equal("https://moor.example/new", show.MovedTo);
        Assert.Equal(new FeedFunding("https://moor.example/give", "Give"), Assert.Single(show.Funding));
    }

    [Theory]
    [MemberData(nameof(Areas))]
    public void A_line_and_an_area_are_read_and_what_is_none_is_not(string element, FeedAreaKind? kind, int points)
    {
        var areas = AreaReader.Of(Rss(item: element).Items[0]);
        Assert.Equal((kind, points), areas.Count == 0 ? (null, 0) : (areas[0].Kind, areas[0].Points.Count));
    }

    [Fact]
    public void A_point_within_where_is_a_place() =>
        Assert.Equal(
            new FeedPlace(54.5, -2.25),
            Rss(item: "<georss:where><gml:Point><gml:pos>54.5 -2.25</gml:pos></gml:Point></georss:where>")
                .Items[0]
                .Place
        );

    [Fact]
    public void Deleted_entries_are_named_with_when_and_why()
    {
        var feed = Atom(
            "<at:deleted-entry ref=\"tag:moor.example,2026:1\" when=\"2026-11-24T09:30:00Z\"><at:by><name>Dov</name></at:by><at:comment>Twice in the log</at:comment></at:deleted-entry><at:deleted-entry when=\"2026-11-24T09:30:00Z\"/>"
        );
        var deleted = Assert.Single(DeletionReader.Of(feed));
        Assert.Equal(
            ("tag:moor.example,2026:1", "Dov", "Twice in the log"),
            (deleted.Ref, deleted.By?.Name, deleted.Comment)
        );
        Assert.Equal(new DateTimeOffset(2026, 11, 24, 9, 30, 0, TimeSpan.Zero), deleted.When);
    }

    [Fact]
    public void Licences_are_read_from_links_and_from_their_module()
    {
        var rss = Rss(
            channel: "<cc:license>https://moor.example/free</cc:license>",
            item: "<atom:link rel=\"license\" href=\"https://moor.example/own\"/>"
        );
        Assert.Equal(["https://moor.example/free"], rss.Licenses);
        Assert.Equal(["https://moor.example/own"], rss.Items[0].Licenses);
        Assert.Equal(
            ["https://moor.example/free"],
            Atom("<link rel=\"license\" href=\"https://moor.example/free\"/>").Licenses
        );
    }

    [Theory]
    [InlineData("<itunes:episode>7</itunes:episode><podcast:person>Wilf</podcast:person>")]
    [InlineData("<georss:line>54 -2 54.5 -2.5</georss:line>")]
    [InlineData("<cc:license>https://moor.example/free</cc:license>")]
    [InlineData("<atom:link rel=\"via\" href=\"https://elsewhere.example/\" title=\"There\"/>")]
    public void What_is_read_is_still_there_when_it_is_written_again(string element)
    {
        var before = Rss(item: element).Items[0];
        foreach (var written in new[] { RssWriter.Write(Rss(item: element)), AtomWriter.Write(Rss(item: element)) })
        {
            var after = FeedReader.Read(written, new FeedReadOptions()).Feed!.Items[0];
            Assert.Equal(EpisodeReader.Of(before)?.Number, EpisodeReader.Of(after)?.Number);
            Assert.Equal(AreaReader.Of(before).Count, AreaReader.Of(after).Count);
            Assert.Equal(before.Licenses, after.Licenses);
            Assert.Equal(before.Links, after.Links);
        }
    }

    [Fact]
    public void The_image_of_rdf_beside_the_channel_has_its_title_and_page()
    {
        var feed = FeedReader
            .Read(
                "<rdf:RDF xmlns:rdf=\"http://www.w3.org/1999/02/22-rdf-syntax-ns#\" xmlns=\"http://purl.org/rss/1.0/\"><channel rdf:about=\"https://moor.example/feed\"><title>Moor</title><link>https://moor.example/</link><description>d</description><image rdf:resource=\"https://moor.example/i.png\"/></channel><image rdf:about=\"https://moor.example/i.png\"><title>The wall</title><link>https://moor.example/wall</link></image></rdf:RDF>",
                new FeedReadOptions()
            )
            .Feed!;
        Assert.Equal(
            new FeedImage("https://moor.example/i.png", "The wall") { Link = "https://moor.example/wall" },
            feed.Image
        );
    }

    [Theory]
    [InlineData("<id>https://walkers.example/feed</id>", "https://walkers.example/feed")]
    [InlineData("<id>tag:walkers.example,2026:1</id>", null)]
    [InlineData("<link href=\"https://walkers.example/\"/>", "https://walkers.example/")]
    [InlineData(
        "<id>tag:x</id><link rel=\"self\" href=\"https://walkers.example/a\"/><link href=\"https://walkers.example/\"/>",
        "https://walkers.example/a"
    )]
    public void The_feed_an_entry_was_taken_from_is_known_by_link_or_id(string source, string? expected) =>
        Assert.Equal(expected, Atom($"<entry><id>1</id><source>{source}</source></entry>").Items[0].SourceFeed);

    [Theory]
    [InlineData("xml:base=\"https://moor.example/feed.atom\"", "<link href=\"\"/>", "https://moor.example/feed.atom")]
    [InlineData("", "<link type=\"application/atom+xml\" href=\"https://moor.example/f\"/>", "https://moor.example/f")]
    [InlineData("xml:base=\"https://moor.example/\"", "<link href=\"log/\"/>", null)]
    [InlineData("xml:base=\"https://moor.example/\"", "<link href=\"\"/>", null)]
    [InlineData("", "<link rel=\"alternate\" type=\"application/atom+xml\" href=\"https://moor.example/f\"/>", null)]
    public void A_link_without_relation_is_the_feeds_own_only_where_it_can_be_nothing_else(
        string attributes,
        string link,
        string? expected
    ) => Assert.Equal(expected, Atom(link, attributes).FeedLink);

    private static Feed Rss(string channel = "", string item = "") =>
        FeedReader
            .Read(
                $"<rss version=\"2.0\" {Names}><channel><title>Moor</title><link>https://moor.example/</link><description>d</description>{channel}<item><title>Fog</title>{item}</item></channel></rss>",
                new FeedReadOptions()
            )
            .Feed!;

    private static Feed Atom(string children, string attributes = "") =>
        FeedReader
            .Read(
                $"<feed xmlns=\"http://www.w3.org/2005/Atom\" {Names} {attributes}><id>tag:moor.example,2026:f</id><title>Moor</title>{children}</feed>",
                new FeedReadOptions()
            )
            .Feed!;
}
