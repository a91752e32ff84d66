namespace Antiphon.Core.Tests.Feeds.Checking.Cases;

/// <summary>More cases of the rules of RSS.</summary>
internal static class RssCases
{
    /// <summary>Rules with the document that raises them.</summary>
    public static IEnumerable<(string Id, Spoilt Case)> All => [.. Structure(), .. OfAtom(), .. Dates(), .. Values(), .. Channel(), .. Old()];

    private static IEnumerable<(string Id, Spoilt Case)> Structure() =>
        [
            ("rss-root-missing", new(GoodFeeds.Rss, "", "<channel><title>Log</title><link>https://quillmoor.example/</link><description>x</description></channel>")),
            Case.Channel("rss-element-misplaced", "<guid>https://quillmoor.example/</guid>"),
            Case.Channel("rss-element-misplaced", "<enclosure url=\"https://quillmoor.example/a.mp3\" length=\"1\" type=\"audio/mpeg\"/>"),
            Case.Item("rss-element-misplaced", "<ttl>60</ttl>"),
            Case.Item("rss-element-misplaced", "<item><title>x</title></item>"),
            Case.Rss("rss-element-misplaced", "<channel>\n<title>", "<language>en</language><channel>\n<title>"),
            Case.Rss("rss-element-case", "<pubDate>Mon, 23 Nov 2026 09:30:00 GMT</pubDate>", "<pubdate>Mon, 23 Nov 2026 09:30:00 GMT</pubdate>"),
            Case.Rss("rss-element-case", "<lastBuildDate>Tue, 24 Nov 2026 09:30:00 GMT</lastBuildDate>", "<LastBuildDate>Tue, 24 Nov 2026 09:30:00 GMT</LastBuildDate>"),
            Case.Rss("rss-attribute-unknown", "<category>Log</category>", "<category tag=\"1\">Log</category>"),
            Case.Rss("rss-attribute-unknown", "rss version=\"2.0\"", "rss version=\"2.0\" lang=\"en\""),
            Case.Rss("rss-attribute-unknown", "<guid isPermaLink=\"false\">two", "<guid isPermaLink=\"false\" ispermalink=\"true\">two"),
            Case.Rss("rss-stray-text", "<ttl>60</ttl>", "<ttl>60</ttl> of the moor"),
            Case.Rss("rss-stray-text", "<category>Log</category>", "<category>Log</category> and so on"),
            Case.Rss("rss-stray-text", "<hour>3</hour>", "<hour>3</hour>4"),
            Case.Rss("rss-stray-text", "type=\"audio/mpeg\"/>", "type=\"audio/mpeg\">x</enclosure>"),
            Case.Rss("rss-markup-not-escaped", "<title>Second light</title>", "<title>Second <b>light</b></title>"),
            Case.Item("rss-markup-not-escaped", "<description><p>Cloud.</p></description>"),
            Case.Rss("rss-markup-not-escaped", "<description>What was seen over the moor</description>", "<description>What was <i>seen</i></description>"),
            Case.Rss("rss-element-unknown", "<ttl>60</ttl>", "<ttl>60</ttl><subtitle>x</subtitle>"),
            Case.Item("rss-element-unknown", "<summary>x</summary>"),
            Case.Rss("rss-element-unknown", "<width>88</width>", "<width>88</width><alt>x</alt>"),
            Case.Rss("rss-skip-day-invalid", "<skipDays>", "<skipDays><day>friday</day>"),
            Case.Rss("rss-cloud-incomplete", " registerProcedure=\"tell\"", ""),
            Case.Item("rss-element-empty", "<link></link>"),
            Case.Rss("rss-element-repeated", "<ttl>60</ttl>", "<ttl>60</ttl><ttl>30</ttl>"),
            Case.Rss("rss-element-repeated", "<guid isPermaLink=\"false\">two</guid>", "<guid isPermaLink=\"false\">two</guid><guid isPermaLink=\"false\">zwei</guid>"),
            Case.Rss("rss-element-repeated", "<width>88</width>", "<width>88</width><width>88</width>"),
            Case.Rss("rss-element-repeated", "<skipDays>", "<skipDays><day>Monday</day></skipDays><skipDays>"),
            Case.Rss("rss-channel-element-empty", "<title>Night Log</title>\n<link>", "<title></title>\n<link>"),
            Case.Rss("rss-channel-element-empty", "<link>https://quillmoor.example/</link>\n<description>", "<link> </link>\n<description>"),
            Case.Rss("rss-channel-element-missing", "<title>Night Log</title>\n<link>", "<link>"),
        ];

    private static IEnumerable<(string Id, Spoilt Case)> OfAtom() =>
        [
            Case.Channel("atom-link-href-missing", "<atom:link rel=\"hub\"/>"),
            Case.Channel("atom-link-rel-empty", "<atom:link rel=\"\" href=\"https://quillmoor.example/c\"/>"),
            Case.Channel("atom-link-type", "<atom:link rel=\"related\" type=\"html\" href=\"https://quillmoor.example/c\"/>"),
            Case.Channel("atom-link-language", "<atom:link rel=\"related\" hreflang=\"en_GB\" href=\"https://quillmoor.example/c\"/>"),
            Case.Channel("atom-person-name-missing", "<atom:author><atom:email>ida@quillmoor.example</atom:email></atom:author>"),
            Case.Channel("atom-attribute-unknown", "<atom:link rel=\"related\" url=\"x\" href=\"https://quillmoor.example/c\"/>"),
            Case.Rss("atom-self-relative", "href=\"https://quillmoor.example/feed\"", "href=\"/feed\""),
            Case.Item("atom-date-invalid", "<atom:updated>yesterday</atom:updated>"),
            Case.Item("atom-mail-invalid", "<atom:author><atom:name>Ida</atom:name><atom:email>nobody</atom:email></atom:author>"),
            Case.Item("atom-category-term-missing", "<atom:category label=\"Moor\"/>"),
            Case.Item("atom-text-type", "<atom:summary type=\"markdown\">x</atom:summary>"),
            Case.Rdf("atom-link-href-missing", "<items>", "<link xmlns=\"http://www.w3.org/2005/Atom\" rel=\"hub\"/><items>"),
        ];

    private static IEnumerable<(string Id, Spoilt Case)> Dates() =>
        [
            Case.Date("rss-date-form", "Mon, 23 Nov 2026 09:30:00 UTC"),
            Case.Date("rss-date-form", "Mon, 23 Nov 2026 09:30:00 CET"),
            Case.Date("rss-date-form", "Mon, 23 Nov 2026 09:30:00 +01:00"),
            Case.Date("rss-date-form", "Mon, 23 Nov 2026 09:30:00 GMT+1"),
            Case.Date("rss-date-form", "Mon, 23 Nov 2026 09:30:00"),
            Case.Date("rss-date-form", "Mon, 23 Nov 2026"),
            Case.Date("rss-date-form", "Mon, 23 Nov 2026 9:30:00 GMT"),
            Case.Date("rss-date-form", "Monday, 23 Nov 2026 09:30:00 GMT"),
            Case.Date("rss-date-form", "Mon, 23 November 2026 09:30:00 GMT"),
            Case.Date("rss-date-form", "Mon, Nov 23 2026 09:30:00 GMT"),
            Case.Date("rss-date-form", "Mon 23 Nov 2026 09:30:00 GMT"),
            Case.Date("rss-date-form", "Mo, 23 Nov 2026 09:30:00 GMT"),
            Case.Date("rss-date-form", "Mon, 23 Nov 2026 09:30:00 AM GMT"),
            Case.Date("rss-date-form", "Mon, 23. Nov 2026 09:30:00 GMT"),
            Case.Date("rss-date-form", "23/11/2026 09:30"),
            Case.Date("rss-date-form", "Mon, 23-Nov-2026 09:30:00 GMT"),
            Case.Date("rss-date-form", "1795426200"),
            Case.Date("rss-date-unreadable", "Mon, 31 Feb 2026 09:30:00 GMT"),
            Case.Date("rss-date-unreadable", "Mon, 23 Nov 2026 25:30:00 GMT"),
            Case.Date("rss-date-unreadable", "Mon, 23 Nov 2026 09:75:00 GMT"),
            Case.Date("rss-date-unreadable", "Mon, 23 Nox 2026 09:30:00 GMT"),
            Case.Date("rss-element-empty", ""),
            Case.Date("rss-weekday-wrong", "Sun, 23 Nov 2026 09:30:00 GMT"),
            Case.Date("rss-year-short", "Mon, 23 Nov 26 09:30:00 GMT"),
            Case.Date("rss-zone-letter", "Mon, 23 Nov 2026 09:30:00 A"),
            Case.Date("date-in-future", "Thu, 23 Nov 2056 09:30:00 GMT"),
            Case.Date("date-implausible", "Thu, 23 Nov 1905 09:30:00 GMT"),
            Case.Rss("rss-date-form", "<lastBuildDate>Tue, 24 Nov 2026 09:30:00 GMT", "<lastBuildDate>2026-11-24 09:30"),
            Case.Channel("rss-date-unreadable", "<pubDate>today</pubDate>"),
            Case.Rss("rss-dates-disagree", "<dc:date>2026-11-24T09:30:00Z", "<dc:date>2026-11-23T09:30:00Z"),
        ];

    private static IEnumerable<(string Id, Spoilt Case)> Values() =>
        [
            Case.Rss("rss-guid-permalink-value", "isPermaLink=\"false\"", "isPermaLink=\"no\""),
            Case.Rss("rss-guid-permalink-value", "isPermaLink=\"false\"", "isPermaLink=\"False\""),
            Case.Rss("rss-guid-not-address", "<guid isPermaLink=\"false\">two", "<guid isPermaLink=\"true\">two"),
            Case.Rss("rss-guid-not-address", "<guid isPermaLink=\"false\">two", "<guid>urn:uuid:1225c695-cfb8-4ebb-aaaa-80da344efa6a"),
            Case.Rss("address-host", "<guid>https://quillmoor.example/1", "<guid>https://quillmoor..example/1"),
            Case.Rss("rss-author-not-mail", "<author>ida@quillmoor.example (Ida Marsh)", "<author>ida@ (Ida Marsh)"),
            Case.Rss("rss-author-not-mail", "<author>ida@quillmoor.example (Ida Marsh)", "<author>ida@@quillmoor.example"),
            Case.Rss("rss-author-not-mail", "<author>ida@quillmoor.example (Ida Marsh)", "<author>@ida"),
            Case.Rss("rss-person-form", "<author>ida@quillmoor.example (Ida Marsh)", "<author>Ida Marsh &lt;ida@quillmoor.example&gt;"),
            Case.Rss("rss-person-form", "<author>ida@quillmoor.example (Ida Marsh)", "<author>Ida Marsh (ida@quillmoor.example)"),
            Case.Rss("rss-person-form", "<author>ida@quillmoor.example (Ida Marsh)", "<author>mailto:ida@quillmoor.example"),
            Case.Rss("rss-editor-not-mail", "<managingEditor>ida@quillmoor.example (Ida Marsh)", "<managingEditor>ida at quillmoor.example"),
            Case.Channel("rss-editor-not-mail", "<webMaster>The web team</webMaster>"),
            Case.Rss("rss-enclosure-length", "length=\"1200\"", "length=\"-1\""),
            Case.Rss("rss-enclosure-length", "length=\"1200\"", "length=\"1,200\""),
            Case.Rss("rss-enclosure-type", "type=\"audio/mpeg\"/>", "type=\"mp3\"/>"),
            Case.Rss("rss-enclosure-type", "type=\"audio/mpeg\"/>", "type=\"sound/mpeg\"/>"),
            Case.Rss("rss-enclosure-repeated", "<category>Log</category>", "<enclosure url=\"https://quillmoor.example/a.mp3\" length=\"1200\" type=\"audio/mpeg\"/>"),
            Case.Rss("rss-source-url-missing", "<source url=\"https://bench.example/feed\">", "<source url=\"\">"),
            Case.Rss("rss-title-markup", "<title>Night Log</title>\n<link>", "<title>&lt;b&gt;Night&lt;/b&gt; Log</title>\n<link>"),
            Case.Item("rss-element-empty", "<author></author>"),
            Case.Item("rss-element-empty", "<comments/>"),
        ];

    private static IEnumerable<(string Id, Spoilt Case)> Channel() =>
        [
            Case.Channel("rss-text-empty", "<copyright/>"),
            Case.Rss("rss-element-empty", "<language>en-gb</language>", "<language/>"),
            Case.Rss("rss-ttl-invalid", "<ttl>60</ttl>", "<ttl>-5</ttl>"),
            Case.Rss("rss-ttl-invalid", "<ttl>60</ttl>", "<ttl>1.5</ttl>"),
            Case.Rss("rss-ttl-invalid", "<ttl>60</ttl>", "<ttl/>"),
            Case.Rss("rss-skip-repeated", "<hour>3</hour>", "<hour>3</hour><hour>03</hour>"),
            Case.Rss("rss-skip-repeated", "<day>Sunday</day>", "<day>Sunday</day><day>Sunday</day>"),
            Case.Rss("rss-skip-hour-invalid", "<hour>3</hour>", "<hour>three</hour>"),
            Case.Rss("rss-skip-day-invalid", "<day>Sunday</day>", "<day>Sun</day>"),
            Case.Rss("rss-cloud-port", "port=\"80\"", "port=\"eighty\""),
            Case.Rss("rss-cloud-port", "port=\"80\"", "port=\"70000\""),
            Case.Rss("rss-cloud-protocol", "protocol=\"http-post\"", "protocol=\"https\""),
            Case.Rss("rss-cloud-address", "domain=\"quillmoor.example\"", "domain=\"https://quillmoor.example\""),
            Case.Rss("rss-cloud-address", "path=\"/told\"", "path=\"told\""),
            Case.Rss("rss-image-format", "<url>https://quillmoor.example/i.png</url>", "<url>https://quillmoor.example/i.svg</url>"),
            Case.Rss("rss-image-size", "<width>88</width>", "<width>0</width>"),
            Case.Rss("rss-image-size", "<width>88</width>", "<height>401</height>"),
            Case.Rss("rss-image-differs", "</url><title>Night Log</title>", "</url><title>The moor</title>"),
            Case.Rss("rss-image-differs", "Night Log</title><link>https://quillmoor.example/</link><width>", "Night Log</title><link>https://bench.example/</link><width>"),
            Case.Rss("rss-image-incomplete", "<image><url>https://quillmoor.example/i.png</url>", "<image>"),
            Case.Rss("rss-text-input-incomplete", "<link>https://quillmoor.example/ask</link>", ""),
            Case.Rss("rss-version-unknown", "rss version=\"2.0\"", "rss version=\"2\""),
        ];

    private static IEnumerable<(string Id, Spoilt Case)> Old() =>
        [
            (
                "rss-091-missing",
                new(
                    GoodFeeds.Rss,
                    "",
                    "<rss version=\"0.91\"><channel><title>Log</title><link>https://quillmoor.example/</link><description>x</description><language>en</language><item><title>a</title><link>https://quillmoor.example/1</link></item></channel></rss>"
                )
            ),
            (
                "rss-091-many-items",
                new(
                    GoodFeeds.Rss,
                    "",
                    "<rss version=\"0.91\"><channel><title>Log</title><link>https://quillmoor.example/</link><description>x</description><language>en</language><image><title>Log</title><url>https://quillmoor.example/i.png</url><link>https://quillmoor.example/</link></image>"
                        + string.Concat(Enumerable.Range(1, 16).Select(n => $"<item><title>{n}</title><link>https://quillmoor.example/{n}</link></item>"))
                        + "</channel></rss>"
                )
            ),
        ];
}
