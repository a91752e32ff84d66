namespace Antiphon.Core.Tests.Feeds.Checking.Cases;

/// <summary>How a place of a good feed is spoilt so that a rule speaks.</summary>
/// <param name="Good">What stands in the good feed; empty to replace the whole document.</param>
/// <param name="Bad">What stands there instead.</param>
internal readonly record struct Spoilt(string Feed, string Good, string Bad)
{
    /// <summary>The spoilt document.</summary>
    public string Text =>
        Good.Length == 0 ? Bad
        : Feed.Contains(Good, StringComparison.Ordinal) ? Feed.Replace(Good, Bad, StringComparison.Ordinal)
        : throw new InvalidOperationException($"The good feed does not hold {Good}");
}

/// <summary>
/// A case for each rule about what a document says; rules about how it is served have theirs elsewhere.
/// </summary>
internal static class RuleCases
{
    /// <summary>Rules with a document that raises them; many rules have several.</summary>
    public static IReadOnlyList<(string Id, Spoilt Case)> All { get; } =
    [
        .. Documents(),
        .. Xml(),
        .. Rss(),
        .. RssDetails(),
        .. Modules(),
        .. Atom(),
        .. AtomDetails(),
        .. Json(),
        .. Texts(),
        .. AddressCases.All,
        .. HtmlCases.All,
        .. RssCases.All,
        .. RdfCases.All,
        .. AtomCases.All,
        .. JsonCases.All,
        .. ModuleCases.All,
    ];

    private static (string Id, Spoilt Case) Rss(string id, string good, string bad) =>
        (id, new(GoodFeeds.Rss, good, bad));

    private static (string Id, Spoilt Case) Atom(string id, string good, string bad) =>
        (id, new(GoodFeeds.Atom, good, bad));

    private static (string Id, Spoilt Case) Json(string id, string good, string bad) =>
        (id, new(GoodFeeds.Json, good, bad));

    private static IEnumerable<(string Id, Spoilt Case)> Documents() =>
        [
            Rss("document-empty", "", "   "),
            Rss("document-is-a-page", "", "<!doctype html><html><head><title>Log</title></head><body></body></html>"),
            Rss("document-not-a-feed", "", "The log is closed today."),
            Rss("document-unknown-root", "", "<catalogue><title>Log</title></catalogue>"),
            Rss(
                "feed-without-entries",
                GoodFeeds.Rss[
                    GoodFeeds.Rss.IndexOf("<item>", StringComparison.Ordinal)..GoodFeeds.Rss.IndexOf(
                        "</channel>",
                        StringComparison.Ordinal
                    )
                ],
                ""
            ),
            Rss(
                "feed-self-differs",
                "rel=\"self\" href=\"https://quillmoor.example/feed\"",
                "rel=\"self\" href=\"https://quillmoor.example/other\""
            ),
            Rss("feed-large", "Cloud.", new string('x', 2_000_000)),
            Rss(
                "feed-many-entries",
                "</channel>",
                string.Concat(
                    Enumerable
                        .Range(10, 600)
                        .Select(n =>
                            $"<item><title>{n}</title><link>https://quillmoor.example/{n}</link><guid isPermaLink=\"false\">{n}</guid><pubDate>Mon, 23 Nov 2026 09:30:00 GMT</pubDate></item>"
                        )
                ) + "</channel>"
            ),
            Rss("paging-loop", "feed?page=2", "feed"),
            Rss("namespace-misspelt", "http://purl.org/dc/elements/1.1/", "http://purl.org/dc/elements/1.1"),
        ];

    private static IEnumerable<(string Id, Spoilt Case)> Xml() =>
        [
            Rss("xml-attribute-form", "port=\"80\"", "port=80"),
            Rss("xml-attribute-twice", "port=\"80\"", "port=\"80\" port=\"81\""),
            Rss(
                "xml-broken-off",
                "<title>Second light</title>"
                    + GoodFeeds.Rss[
                        (GoodFeeds.Rss.IndexOf("<title>Second light</title>", StringComparison.Ordinal) + 27)..
                    ],
                "<title>Second"
            ),
            Rss("xml-doctype", "<rss version", "<!DOCTYPE rss>\n<rss version"),
            Rss("xml-declaration-form", "<?xml version=\"1.0\" encoding=\"UTF-8\"?>", "<?xml encoding=\"utf-8\" version=\"1.0\"?>"),
            Rss("xml-declaration-form", "<?xml version=\"1.0\" encoding=\"UTF-8\"?>", "<?xml version=1.0?>"),
            Rss("xml-declaration-form", "<?xml version=\"1.0\" encoding=\"UTF-8\"?>", "<?XML version=\"1.0\"?>"),
            Rss("xml-declaration-form", "<?xml version=\"1.0\" encoding=\"UTF-8\"?>", "<?xml version=\"1.0\" standalone=\"maybe\"?>"),
            Rss("xml-declaration-form", "<?xml version=\"1.0\" encoding=\"UTF-8\"?>", "<?xml version=\"1.0\" encoding=\"utf-8\">"),
            Rss("xml-declaration-form", "<?xml version=\"1.0\" encoding=\"UTF-8\"?>", "<?xml version=\"1.0\"?><?xml version=\"1.0\"?>"),
            Rss("xml-element-not-closed", "<category>Log</category>", "<category>Log"),
            Rss("xml-end-misspelt", "<category>Log</category>", "<category>Log</Category>"),
            Rss("xml-end-without-start", "<category>Log</category>", "<category>Log</category></b>"),
            Rss("xml-forbidden-character", "Second light", "Second\u0001 light"),
            Rss("xml-html-entity", "Second light", "Second&nbsp;light"),
            Rss("xml-not-well-formed", "<ttl>60</ttl>", "<ttl>60</ttl><!-- now -- later -->"),
            Rss("xml-prefix-not-declared", "<ttl>60</ttl>", "<moor:ttl>60</moor:ttl>"),
            Rss("xml-second-root", "</rss>", "</rss><rss version=\"2.0\"/>"),
            Rss("xml-second-root", "</rss>", "</rss><!-- made in 0.2 s --><script>x</script>"),
            Rss("xml-text-before-declaration", "<?xml version=\"1.0\"", "\uFEFF\uFEFF<?xml version=\"1.0\""),
            Rss("text-section-shown", "<title>Second light</title>", "<title>&lt;![CDATA[Second light]]&gt;</title>"),
            Rss("atom-element-unknown", "<ttl>60</ttl>", "<ttl>60</ttl><a:moor xmlns:a=\"http://www.w3.org/2005/Atom\"/>"),
            Rss("address-unsuited", "<ttl>60</ttl>", "<ttl>60</ttl><a:link xmlns:a=\"http://www.w3.org/2005/Atom\" rel=\"hub\" href=\"ftp://hub.example/\"/>"),
            Rss("rss-enclosure-incomplete", "enclosure url=", "enclosure href="),
            Rss("rss-element-unknown", "<ttl>60</ttl>", "<ttl>60</ttl><items/>"),
            Rss("xml-section-not-closed", "<p>Cloud.</p>]]>", "<p>Cloud.</p>"),
            Rss("xml-stray-ampersand", "Second light", "Second & light"),
            Rss("xml-stray-less-than", "Second light", "Second < light"),
            Rss("xml-text-before-declaration", "<?xml", "\n<?xml"),
            Rss("xml-text-before-feed", "<?xml", "Warning: the clock is slow\n<?xml"),
            Rss("xml-text-outside", "</rss>", "</rss>that was all"),
        ];

    private static IEnumerable<(string Id, Spoilt Case)> Rss() =>
        [
            Rss("rss-channel-missing", "", "<rss version=\"2.0\"></rss>"),
            Rss(
                "rss-channel-twice",
                "</rss>",
                "<channel><title>x</title><link>https://quillmoor.example/x</link><description>x</description></channel></rss>"
            ),
            Rss("rss-channel-element-missing", "<description>What was seen over the moor</description>", ""),
            Rss("rss-version-missing", "rss version=\"2.0\"", "rss"),
            Rss("rss-version-unknown", "rss version=\"2.0\"", "rss version=\"3.1\""),
            Rss("rss-element-repeated", "<title>First light</title>", "<title>First light</title><title>Again</title>"),
            Rss("rss-element-unknown", "<category>Log</category>", "<categorie>Log</categorie>"),
            Rss(
                "rss-self-link-missing",
                "<atom:link rel=\"self\" href=\"https://quillmoor.example/feed\" type=\"application/rss+xml\"/>",
                ""
            ),
            Rss("rss-item-outside", "</channel>", "</channel><item><title>x</title></item>"),
            Rss(
                "rss-item-empty",
                "<title>Second light</title>\n<link>https://quillmoor.example/2</link>",
                "<link>https://quillmoor.example/2</link>"
            ),
            Rss("rss-item-link-missing", "<link>https://quillmoor.example/2</link>", ""),
            Rss("rss-date-missing", "<pubDate>Mon, 23 Nov 2026 09:30:00 GMT</pubDate>", ""),
            Rss("rss-date-unreadable", "Mon, 23 Nov 2026 09:30:00 GMT", "yesterday evening"),
            Rss("rss-date-form", "Mon, 23 Nov 2026 09:30:00 GMT", "2026-11-23T09:30:00Z"),
            Rss("rss-weekday-wrong", "Mon, 23 Nov 2026 09:30:00 GMT", "Fri, 23 Nov 2026 09:30:00 GMT"),
            Rss("date-implausible", "Mon, 23 Nov 2026 09:30:00 GMT", "Thu, 01 Jan 1970 00:00:00 GMT"),
            Rss("date-in-future", "Tue, 24 Nov 2026 09:30:00 GMT</pubDate>", "Fri, 24 Dec 2027 09:30:00 GMT</pubDate>"),
            Rss("rss-guid-missing", "<guid isPermaLink=\"false\">two</guid>", ""),
            Rss("rss-guid-empty", "<guid isPermaLink=\"false\">two</guid>", "<guid/>"),
            Rss(
                "rss-guid-duplicate",
                "<guid isPermaLink=\"false\">two</guid>",
                "<guid>https://quillmoor.example/1</guid>"
            ),
            Rss("rss-guid-not-address", "<guid isPermaLink=\"false\">two</guid>", "<guid>two</guid>"),
        ];

    private static IEnumerable<(string Id, Spoilt Case)> RssDetails() =>
        [
            Rss("rss-ttl-invalid", "<ttl>60</ttl>", "<ttl>an hour</ttl>"),
            Rss("rss-skip-hour-invalid", "<hour>3</hour>", "<hour>24</hour>"),
            Rss("rss-skip-day-invalid", "<day>Sunday</day>", "<day>Sonntag</day>"),
            Rss(
                "rss-image-incomplete",
                "<title>Night Log</title><link>https://quillmoor.example/</link><width>",
                "<link>https://quillmoor.example/</link><width>"
            ),
            Rss("rss-image-size", "<width>88</width>", "<width>145</width>"),
            Rss("rss-text-input-incomplete", "<name>q</name>", ""),
            Rss("rss-cloud-incomplete", "path=\"/told\" ", ""),
            Rss(
                "rss-editor-not-mail",
                "<managingEditor>ida@quillmoor.example (Ida Marsh)",
                "<managingEditor>Ida Marsh"
            ),
            Rss("rss-author-not-mail", "<author>ida@quillmoor.example (Ida Marsh)", "<author>Ida Marsh"),
            Rss(
                "rss-build-date-old",
                "<lastBuildDate>Tue, 24 Nov 2026 09:30:00 GMT",
                "<lastBuildDate>Tue, 24 Nov 2026 09:28:00 GMT"
            ),
            Rss("rss-category-empty", "<category>Log</category>", "<category> </category>"),
            Rss("rss-source-url-missing", " url=\"https://bench.example/feed\"", ""),
            Rss("rss-enclosure-incomplete", " type=\"audio/mpeg\"/>", "/>"),
            Rss("rss-enclosure-length", "length=\"1200\"", "length=\"1.2 kB\""),
            Rss(
                "rss-enclosure-several",
                "<category>Log</category>",
                "<enclosure url=\"https://quillmoor.example/b.mp3\" length=\"1\" type=\"audio/mpeg\"/>"
            ),
            Rss("rss-title-markup", "<title>Second light</title>", "<title>Second &lt;b&gt;light&lt;/b&gt;</title>"),
            ("rdf-about-missing", new(GoodFeeds.Rdf, "<item rdf:about=\"https://quillmoor.example/1\">", "<item>")),
            (
                "rdf-sequence-missing",
                new(
                    GoodFeeds.Rdf,
                    "<items><rdf:Seq><rdf:li rdf:resource=\"https://quillmoor.example/1\"/></rdf:Seq></items>",
                    ""
                )
            ),
        ];

    private static IEnumerable<(string Id, Spoilt Case)> Modules() =>
        [
            Rss("sy-period-invalid", "<sy:updatePeriod>daily", "<sy:updatePeriod>nightly"),
            Rss("sy-frequency-invalid", "<sy:updateFrequency>2", "<sy:updateFrequency>0"),
            Rss("podcast-image-missing", "<itunes:image href=\"https://quillmoor.example/i.png\"/>", "<itunes:image/>"),
            Rss("podcast-duration-invalid", "<itunes:duration>12:30", "<itunes:duration>a while"),
            Rss("podcast-explicit-invalid", "<itunes:explicit>false", "<itunes:explicit>perhaps"),
            Rss("dc-date-invalid", "<dc:date>2026-11-24T09:30:00Z", "<dc:date>24 Nov 2026"),
            Rss("slash-comments-invalid", "<slash:comments>3", "<slash:comments>three"),
            Rss(
                "wfw-comments-invalid",
                "<wfw:commentRss>https://quillmoor.example/1/comments",
                "<wfw:commentRss>/1/comments"
            ),
            Rss("thr-ref-missing", "<thr:in-reply-to ref=\"https://bench.example/7\" ", "<thr:in-reply-to "),
            Rss("thr-count-invalid", "<thr:total>3", "<thr:total>three"),
            Rss(
                "media-url-missing",
                "<media:thumbnail url=\"https://quillmoor.example/p.png\" width=\"320\"/>",
                "<media:thumbnail/>"
            ),
            Rss("media-size-invalid", "width=\"320\"", "width=\"wide\""),
            Rss("georss-point-invalid", "54.1 -2.3", "on the moor"),
        ];

    private static IEnumerable<(string Id, Spoilt Case)> Atom() =>
        [
            Atom(
                "atom-alternate-missing",
                "<link href=\"https://quillmoor.example/2\"/>\n<summary>A recording</summary>\n<content src=\"https://quillmoor.example/b.mp3\" type=\"audio/mpeg\"/>",
                "<summary>A recording</summary>"
            ),
            Atom(
                "atom-alternate-repeated",
                "<link href=\"https://quillmoor.example/2\"/>",
                "<link href=\"https://quillmoor.example/2\"/><link href=\"https://quillmoor.example/2b\"/>"
            ),
            Atom(
                "atom-author-missing",
                "<author><name>Ida Marsh</name><email>ida@quillmoor.example</email><uri>https://quillmoor.example/ida</uri></author>",
                ""
            ),
            Atom("atom-category-term-missing", "<category term=\"log\"/>", "<category label=\"log\"/>"),
            Atom("atom-date-invalid", "2026-11-23T09:30:00Z", "23 Nov 2026"),
            Atom("atom-element-missing", "<id>tag:quillmoor.example,2026:2</id>", ""),
            Atom(
                "atom-element-repeated",
                "<id>tag:quillmoor.example,2026:2</id>",
                "<id>tag:quillmoor.example,2026:2</id><id>tag:quillmoor.example,2026:3</id>"
            ),
            Atom(
                "atom-id-duplicate",
                "<id>tag:quillmoor.example,2026:2</id>\n<updated>2026-11-23T09:30:00Z",
                "<id>https://quillmoor.example/1</id>\n<updated>2026-11-24T09:30:00Z"
            ),
            Atom("atom-id-not-absolute", "tag:quillmoor.example,2026:2", "two"),
            Atom(
                "atom-link-href-missing",
                "<link href=\"https://quillmoor.example/2\"/>",
                "<link/><link href=\"https://quillmoor.example/2\"/>"
            ),
            Atom("atom-person-name-missing", "<name>Ida Marsh</name>", ""),
            Atom("atom-self-link-missing", "<link rel=\"self\" href=\"https://quillmoor.example/feed\"/>", ""),
            Atom("atom-text-type", "<title type=\"html\">", "<title type=\"markdown\">"),
            Atom(
                "atom-xhtml-div-missing",
                "<div xmlns=\"http://www.w3.org/1999/xhtml\"><p>Clear.</p></div>",
                "<p xmlns=\"http://www.w3.org/1999/xhtml\">Clear.</p>"
            ),
        ];

    private static IEnumerable<(string Id, Spoilt Case)> AtomDetails() =>
        [
            Atom(
                "atom-content-src-and-text",
                "type=\"audio/mpeg\"/>\n</entry>\n</feed>",
                "type=\"audio/mpeg\">and text</content>\n</entry>\n</feed>"
            ),
            Atom(
                "atom-content-src-type-missing",
                "<content src=\"https://quillmoor.example/b.mp3\" type=\"audio/mpeg\"/>",
                "<content src=\"https://quillmoor.example/b.mp3\"/>"
            ),
            Atom("atom-element-unknown", "<summary>Clear and cold</summary>", "<summery>Clear and cold</summery>"),
            Atom("atom-icon-empty", "<icon>https://quillmoor.example/i.png</icon>", "<icon/>"),
            Atom("atom-link-language", "hreflang=\"en\"", "hreflang=\"the English one\""),
            Atom("atom-link-length", "length=\"1200\"", "length=\"1.2 kB\""),
            Atom("atom-link-type", "type=\"text/html\"", "type=\"page\""),
            Atom("atom-mail-invalid", "<email>ida@quillmoor.example", "<email>ida at quillmoor"),
            Atom("atom-person-address", "<uri>https://quillmoor.example/ida", "<uri>ask at the desk"),
            Atom("atom-summary-missing", "<summary>A recording</summary>", ""),
            Atom("atom-text-markup", "<summary>Clear and cold", "<summary>Clear &lt;b&gt;and&lt;/b&gt; cold"),
            Atom("atom-updated-before-published", "<published>2026-11-24T09:00:00Z", "<published>2026-11-24T09:40:00Z"),
            Atom(
                "atom-version-outdated",
                "<feed xmlns=\"http://www.w3.org/2005/Atom\"",
                "<feed version=\"0.3\" xmlns=\"http://purl.org/atom/ns#\""
            ),
        ];

    private static IEnumerable<(string Id, Spoilt Case)> Json() =>
        [
            Json("json-attachment-incomplete", ", \"mime_type\": \"audio/mpeg\"", ""),
            Json("json-author-empty", "[{ \"name\": \"Ida Marsh\" }]", "[{}]"),
            Json(
                "json-author-outdated",
                "\"authors\": [{ \"name\": \"Ida Marsh\" }]",
                "\"author\": { \"name\": \"Ida Marsh\" }"
            ),
            Json("json-content-missing", "\"content_text\": \"Cloud.\",", ""),
            Json("json-date-invalid", "2026-11-23T09:30:00Z", "23 Nov 2026"),
            Json("json-feed-url-missing", "\"feed_url\": \"https://quillmoor.example/feed.json\",", ""),
            Json("json-hub-incomplete", ", \"url\": \"https://hub.example/\"", ""),
            Json(
                "json-id-duplicate",
                "\"id\": \"https://quillmoor.example/2\"",
                "\"id\": \"https://quillmoor.example/1\""
            ),
            Json("json-member-missing", "\"title\": \"Night Log\",", ""),
            Json("json-member-unknown", "\"title\": \"Night Log\"", "\"title\": \"Night Log\", \"subtitle\": \"x\""),
            Json("json-next-is-self", "feed.json?page=2", "feed.json"),
            Json("json-not-a-feed", "", "{\"name\": \"Ida Marsh\"}"),
            Json("json-not-well-formed", GoodFeeds.Json[^60..], ""),
            Json("json-not-well-formed", "\"tags\": [\"log\"]", "\"tags\": [\"log\""),
            Json("json-tag-not-text", "[\"log\"]", "[7]"),
            Json("json-version-unknown", "https://jsonfeed.org/version/1.1", "https://jsonfeed.org/version/9"),
            Json("json-wrong-type", "\"title\": \"First light\"", "\"title\": 7"),
        ];

    private static IEnumerable<(string Id, Spoilt Case)> Texts() =>
        [
            Rss("html-alt-missing", " alt=\"The moor\"", ""),
            Rss("html-event-attribute", "&lt;p&gt;Clear", "&lt;p onclick=\"x()\"&gt;Clear"),
            Rss("html-relative-address", "a href=\"https://quillmoor.example/dome\"", "a href=\"dome\""),
            Rss("html-script-address", "a href=\"https://quillmoor.example/dome\"", "a href=\"javascript:x()\""),
            Rss("html-unsafe", "<p>Cloud.</p>", "<p>Cloud.</p><script>x()</script>"),
            Rss("language-invalid", "<language>en-gb", "<language>the Queen's"),
            Rss(
                "link-duplicate",
                "<link>https://quillmoor.example/2</link>",
                "<link>https://quillmoor.example/1</link>"
            ),
            Rss("link-not-absolute", "<link>https://quillmoor.example/2</link>", "<link>/2</link>"),
            Rss(
                "link-with-space",
                "<link>https://quillmoor.example/2</link>",
                "<link>https://quillmoor.example/second light</link>"
            ),
            Rss("text-escaped-twice", "<title>Second light</title>", "<title>Second &amp;amp;amp; light</title>"),
            Rss("title-long", "<title>Second light</title>", $"<title>{new string('x', 201)}</title>"),
        ];
}
