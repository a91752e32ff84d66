using System.Text;
using Antiphon.Core.Feeds.Checking;

namespace Antiphon.Core.Tests.Feeds.Checking;

/// <summary>
/// The rules about the finer parts, each raised by a small document; and documents that are odd but right, which raise
/// nothing.
/// </summary>
public sealed class DetailRuleTests
{
    private static readonly DateTimeOffset Now = new(2026, 11, 24, 12, 0, 0, TimeSpan.Zero);
    private const string Namespaces =
        "xmlns:atom=\"http://www.w3.org/2005/Atom\" xmlns:dc=\"http://purl.org/dc/elements/1.1/\" xmlns:sy=\"http://purl.org/rss/1.0/modules/syndication/\" xmlns:slash=\"http://purl.org/rss/1.0/modules/slash/\" xmlns:wfw=\"http://wellformedweb.org/CommentAPI/\" xmlns:thr=\"http://purl.org/syndication/thread/1.0\" xmlns:media=\"http://search.yahoo.com/mrss/\" xmlns:itunes=\"http://www.itunes.com/dtds/podcast-1.0.dtd\" xmlns:georss=\"http://www.georss.org/georss\"";
    private const string Item =
        "<item><title>One</title><link>https://quillmoor.example/1</link><guid>https://quillmoor.example/1</guid><pubDate>Tue, 24 Nov 2026 09:30:00 GMT</pubDate>{0}</item>";

    private static IReadOnlyList<string> Found(string text, string? address = null) =>
        [
            .. FeedCheck
                .Run(
                    Encoding.UTF8.GetBytes(text),
                    new FeedCheckOptions(Now, null, address is null ? null : new Uri(address))
                )
                .Findings.Select(finding => finding.Rule.Id)
                .Distinct(),
        ];

    private static string Rss(string channel, string item = "", string version = "2.0") =>
        $"<rss version=\"{version}\" {Namespaces}><channel><title>Log</title><link>https://quillmoor.example/</link><description>d</description><atom:link rel=\"self\" href=\"https://quillmoor.example/feed\"/>{channel}{Item.Replace("{0}", item)}</channel></rss>";

    private static string Atom(string feed, string entry = "") =>
        $"<feed xmlns=\"http://www.w3.org/2005/Atom\" {Namespaces}><title>Log</title><id>https://quillmoor.example/</id><updated>2026-11-24T09:30:00Z</updated><author><name>Ida</name></author><link rel=\"self\" href=\"https://quillmoor.example/feed\"/>{feed}<entry><title>One</title><id>https://quillmoor.example/1</id><updated>2026-11-24T09:30:00Z</updated><link href=\"https://quillmoor.example/1\"/>{entry}</entry></feed>";

    private static string Json(string feed, string item = "") =>
        $"{{\"version\":\"https://jsonfeed.org/version/1.1\",\"title\":\"Log\",\"home_page_url\":\"https://quillmoor.example/\",\"feed_url\":\"https://quillmoor.example/feed.json\"{feed},\"items\":[{{\"id\":\"1\",\"date_published\":\"2026-11-24T09:30:00Z\",\"content_text\":\"x\"{item}}}]}}";

    [Theory]
    [InlineData("rss-ttl-invalid", "<ttl>an hour</ttl>")]
    [InlineData("rss-skip-hour-invalid", "<skipHours><hour>25</hour></skipHours>")]
    [InlineData("rss-skip-day-invalid", "<skipDays><day>Samstag</day></skipDays>")]
    [InlineData("rss-image-incomplete", "<image><url>https://quillmoor.example/i.png</url></image>")]
    [InlineData(
        "rss-image-size",
        "<image><url>https://quillmoor.example/i.png</url><title>Log</title><link>https://quillmoor.example/</link><width>500</width></image>"
    )]
    [InlineData("rss-text-input-incomplete", "<textInput><title>x</title></textInput>")]
    [InlineData("rss-cloud-incomplete", "<cloud domain=\"x\"/>")]
    [InlineData("rss-editor-not-mail", "<webMaster>Ida</webMaster>")]
    [InlineData("rss-build-date-old", "<lastBuildDate>Mon, 23 Nov 2026 09:30:00 GMT</lastBuildDate>")]
    [InlineData("sy-period-invalid", "<sy:updatePeriod>often</sy:updatePeriod>")]
    [InlineData("sy-frequency-invalid", "<sy:updateFrequency>0</sy:updateFrequency>")]
    [InlineData("podcast-image-missing", "<itunes:image/>")]
    public void AChannelsDetailIsTold(string rule, string channel) => Assert.Equal([rule], Found(Rss(channel)));

    [Theory]
    [InlineData("rss-source-url-missing", "<source>Elsewhere</source>")]
    [InlineData("rss-category-empty", "<category/>")]
    [InlineData(
        "rss-enclosure-several",
        "<enclosure url=\"https://quillmoor.example/a.mp3\" length=\"1\" type=\"audio/mpeg\"/><enclosure url=\"https://quillmoor.example/b.mp3\" length=\"1\" type=\"audio/mpeg\"/>"
    )]
    [InlineData("dc-date-invalid", "<dc:date>24 Nov 2026</dc:date>")]
    [InlineData("slash-comments-invalid", "<slash:comments>many</slash:comments>")]
    [InlineData("wfw-comments-invalid", "<wfw:commentRss>/c</wfw:commentRss>")]
    [InlineData("thr-ref-missing", "<thr:in-reply-to/>")]
    [InlineData("thr-count-invalid", "<thr:total>some</thr:total>")]
    [InlineData("media-url-missing", "<media:thumbnail/>")]
    [InlineData("media-size-invalid", "<media:thumbnail url=\"https://quillmoor.example/p.png\" width=\"wide\"/>")]
    [InlineData("podcast-duration-invalid", "<itunes:duration>long</itunes:duration>")]
    [InlineData("podcast-explicit-invalid", "<itunes:explicit>perhaps</itunes:explicit>")]
    [InlineData("georss-point-invalid", "<georss:point>here</georss:point>")]
    [InlineData("html-event-attribute", "<description>&lt;p onclick=\"x()\"&gt;x&lt;/p&gt;</description>")]
    [InlineData("html-script-address", "<description>&lt;a href=\"javascript:x()\"&gt;x&lt;/a&gt;</description>")]
    [InlineData("html-alt-missing", "<description>&lt;img src=\"https://quillmoor.example/p.png\"&gt;</description>")]
    public void AnItemsDetailIsTold(string rule, string item) => Assert.Equal([rule], Found(Rss(string.Empty, item)));

    [Theory]
    [InlineData("atom-element-unknown", "<summery>x</summery>", "")]
    [InlineData("atom-icon-empty", "<icon/>", "")]
    [InlineData("atom-text-markup", "<subtitle>a &lt;b&gt;c&lt;/b&gt;</subtitle>", "")]
    [InlineData("atom-mail-invalid", "<contributor><name>x</name><email>nobody</email></contributor>", "")]
    [InlineData("atom-person-address", "<contributor><name>x</name><uri>two words</uri></contributor>", "")]
    [InlineData(
        "atom-link-length",
        "",
        "<link rel=\"enclosure\" href=\"https://quillmoor.example/a.mp3\" length=\"big\"/>"
    )]
    [InlineData("atom-link-type", "", "<link rel=\"related\" href=\"https://quillmoor.example/a\" type=\"html\"/>")]
    [InlineData(
        "atom-link-language",
        "",
        "<link rel=\"related\" href=\"https://quillmoor.example/a\" hreflang=\"english language\"/>"
    )]
    [InlineData("atom-updated-before-published", "", "<published>2026-11-24T10:00:00Z</published>")]
    [InlineData(
        "atom-content-src-and-text",
        "",
        "<summary>s</summary><content src=\"https://quillmoor.example/x\" type=\"text/html\">x</content>"
    )]
    [InlineData(
        "atom-content-src-type-missing",
        "",
        "<summary>s</summary><content src=\"https://quillmoor.example/x\"/>"
    )]
    [InlineData("atom-summary-missing", "", "<content src=\"https://quillmoor.example/x\" type=\"text/html\"/>")]
    [InlineData("paging-loop", "<link rel=\"next\" href=\"https://quillmoor.example/feed\"/>", "")]
    public void AnAtomFeedsDetailIsTold(string rule, string feed, string entry) =>
        Assert.Equal([rule], Found(Atom(feed, entry)));

    [Theory]
    [InlineData("json-hub-incomplete", ",\"hubs\":[{\"type\":\"WebSub\"}]", "")]
    [InlineData("json-author-empty", ",\"authors\":[{}]", "")]
    [InlineData("json-member-unknown", ",\"tittle\":\"x\"", "")]
    [InlineData("json-next-is-self", ",\"next_url\":\"https://quillmoor.example/feed.json\"", "")]
    [InlineData("json-tag-not-text", "", ",\"tags\":[7]")]
    [InlineData("language-invalid", ",\"language\":\"in English\"", "")]
    public void AJsonFeedsDetailIsTold(string rule, string feed, string item) =>
        Assert.Equal([rule], Found(Json(feed, item)));

    [Fact]
    public void WhatConcernsTheWholeIsTold()
    {
        Assert.Contains("rss-version-unknown", Found(Rss(string.Empty, version: "3.0")));
        Assert.Contains(
            "atom-version-outdated",
            Found(
                "<feed version=\"0.3\" xmlns=\"http://purl.org/atom/ns#\"><title>x</title><entry><title>y</title></entry></feed>"
            )
        );
        Assert.Contains(
            "namespace-misspelt",
            Found(Rss(string.Empty).Replace("http://www.w3.org/2005/Atom", "http://www.w3.org/2005/atom"))
        );
        Assert.Contains(
            "rss-item-outside",
            Found(Rss(string.Empty).Replace("</channel>", "</channel>" + Item.Replace("{0}", string.Empty)))
        );
        Assert.Contains("rss-channel-twice", Found(Rss(string.Empty).Replace("</rss>", "<channel/></rss>")));
        Assert.Contains(
            "rss-title-markup",
            Found(Rss(string.Empty).Replace("<title>One</title>", "<title>&lt;b&gt;One&lt;/b&gt;</title>"))
        );
        Assert.Contains("link-duplicate", Found(Rss(Item.Replace("{0}", string.Empty))));
        Assert.Contains(
            "link-with-space",
            Found(
                Rss(string.Empty)
                    .Replace("<link>https://quillmoor.example/1</link>", "<link>https://quillmoor.example/a b</link>")
            )
        );
        Assert.Contains(
            "title-long",
            Found(Rss(string.Empty).Replace("<title>One</title>", $"<title>{new string('x', 400)}</title>"))
        );
        Assert.Contains(
            "date-implausible",
            Found(Rss(string.Empty).Replace("Tue, 24 Nov 2026 09:30:00 GMT", "Thu, 01 Jan 1970 00:00:00 GMT"))
        );
        Assert.Contains("feed-self-differs", Found(Rss(string.Empty), "https://quillmoor.example/other"));
        Assert.Contains(
            "feed-many-entries",
            Found(
                Rss(
                    string.Concat(
                        Enumerable
                            .Range(2, 510)
                            .Select(number => Item.Replace("{0}", string.Empty).Replace("/1<", $"/{number}<"))
                    )
                )
            )
        );
        Assert.Contains("feed-large", Found(Rss($"<rating>{new string('x', 2_100_000)}</rating>")));
        const string Rdf =
            "<rdf:RDF xmlns:rdf=\"http://www.w3.org/1999/02/22-rdf-syntax-ns#\" xmlns=\"http://purl.org/rss/1.0/\"><channel rdf:about=\"x\"><title>t</title><link>https://a.example/</link><description>d</description></channel><item><title>o</title><link>https://a.example/1</link></item></rdf:RDF>";
        Assert.Contains("rdf-about-missing", Found(Rdf));
        Assert.Contains("rdf-sequence-missing", Found(Rdf));
    }

    [Theory]
    [InlineData(
        "<!-- comment --><ttl>60</ttl><skipHours><hour>0</hour><hour>23</hour></skipHours><skipDays><day>Sunday</day></skipDays>",
        "<x:own xmlns:x=\"urn:x\" a=\"1\"><x:deep/></x:own><dc:creator>Ida</dc:creator><itunes:duration>1:02:03</itunes:duration><itunes:explicit>false</itunes:explicit>"
    )]
    [InlineData(
        "<image><url>https://quillmoor.example/i.png</url><title>Log</title><link>https://quillmoor.example/</link><width>88</width><height>31</height></image>",
        "<description><![CDATA[<p>x]]><![CDATA[</p>]]></description><dc:date>2026-11-24</dc:date><georss:point>54.3 -2.1</georss:point>"
    )]
    public void WhatIsOddButRightRaisesNothing(string channel, string item) => Assert.Empty(Found(Rss(channel, item)));

    [Fact]
    public void ThereAreRulesEnough() =>
        Assert.True(RuleCatalogue.All.Count >= 120, $"{RuleCatalogue.All.Count} rules");
}
