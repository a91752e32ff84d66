namespace Antiphon.Core.Tests.Feeds.Checking.Cases;

/// <summary>What the standards allow, however odd: advice aside, nothing is said of it.</summary>
internal static class LegalCases
{
    /// <summary>What is unusual, with the document.</summary>
    public static IEnumerable<(string Name, Spoilt Case)> All => [.. Xml(), .. Rss(), .. Dates(), .. Addresses(), .. Texts(), .. Atom(), .. Json(), .. Modules()];

    private static IEnumerable<(string Name, Spoilt Case)> Xml() =>
        [
            Case.Rss("comments everywhere", "<channel>", "<!-- a --><channel><!-- b -->"),
            Case.Rss("a comment in a text", "<title>Second light</title>", "<title>Second<!-- x --> light</title>"),
            Case.Rss("an instruction", "<channel>", "<?xml-stylesheet href=\"/s.xsl\" type=\"text/xsl\"?><channel>"),
            Case.Rss("several sections", "<title>Second light</title>", "<title><![CDATA[Second]]> <![CDATA[light]]></title>"),
            Case.Rss("a section that holds its own end", "<p>Cloud.</p>", "<p>Cloud ]]]]><![CDATA[> .</p>"),
            Case.Rss("characters by number", "Second light", "Second&#32;l&#x69;ght"),
            Case.Rss("a character beyond the first plane", "Second light", "Second light \U0001F319"),
            Case.Rss("attributes in single quotes", "isPermaLink=\"false\"", "isPermaLink = 'false'"),
            Case.Rss("language of an element", "<title>Second light</title>", "<title xml:lang=\"de-AT\">Zweites Licht</title>"),
            Case.Rss("a language taken away", "<title>Second light</title>", "<title xml:lang=\"\">Second light</title>"),
            Case.Rss("kept white space", "<title>Second light</title>", "<title xml:space=\"preserve\">Second light</title>"),
            Case.Rss("foreign elements", "<ttl>60</ttl>", "<ttl>60</ttl><q:moon xmlns:q=\"urn:example:q\" phase=\"full\"><q:a/>text</q:moon>"),
            Case.Rss("foreign attributes", "<category>Log</category>", "<category q:k=\"1\" xmlns:q=\"urn:example:q\">Log</category>"),
            Case.Rss("a prefix of another name", "xmlns:dc=", "xmlns:moor=\"http://purl.org/dc/elements/1.1/\" xmlns:dc="),
            Case.Rss("a namespace on the element itself", "<dc:date>2026-11-24T09:30:00Z</dc:date>", "<date xmlns=\"http://purl.org/dc/elements/1.1/\">2026-11-24T09:30:00Z</date>"),
        ];

    private static IEnumerable<(string Name, Spoilt Case)> Rss() =>
        [
            Case.Rss("another order", "<title>Night Log</title>\n<link>https://quillmoor.example/</link>", "<link>https://quillmoor.example/</link>\n<title>Night Log</title>"),
            Case.Rss("an item without a title", "<title>First light</title>", ""),
            Case.Rss("an empty description", "<description>What was seen over the moor</description>", "<description/>"),
            Case.Rss("several categories with domains", "<category>Log</category>", "<category domain=\"https://quillmoor.example/kinds\">Log</category><category>Moor/Night</category>"),
            Case.Rss("categories of the channel", "<ttl>60</ttl>", "<ttl>60</ttl><category>Moor</category><category domain=\"x\">Sky</category>"),
            Case.Rss("comments of another site", "<category>Log</category>", "<comments>https://talk.example/1#all</comments>"),
            Case.Rss("a guid that says it is an address", "<guid>https", "<guid isPermaLink=\"true\">https"),
            Case.Rss("a name as guid", "<guid isPermaLink=\"false\">two", "<guid isPermaLink=\"false\">tag:quillmoor.example,2026:two words"),
            Case.Rss("an address alone as author", "ida@quillmoor.example (Ida Marsh)</author>", "ida@quillmoor.example</author>"),
            Case.Rss("an author with an unusual address", "<author>ida@quillmoor.example (Ida Marsh)", "<author>ida+log.o'neil@mail.quillmoor.example (Ida \"Owl\" Marsh)"),
            Case.Rss("all hours and days", "<hour>3</hour>", "<hour>0</hour><hour>23</hour>"),
            Case.Rss("an enclosure of unknown size", "length=\"1200\"", "length=\"0\""),
            Case.Rss("an enclosure with codecs", "type=\"audio/mpeg\"/>", "type=\"audio/ogg; codecs=opus\"/>"),
            Case.Rss("a media type with a plus", "type=\"audio/mpeg\"/>", "type=\"application/vnd.quillmoor.sky+zip\"/>"),
            Case.Rss("elements of atom", "<ttl>60</ttl>", "<ttl>60</ttl><atom:author><atom:name>Ida Marsh</atom:name></atom:author><atom:updated>2026-11-24T09:30:00Z</atom:updated><atom:link rel=\"hub\" href=\"https://hub.example/\"/><atom:link href=\"mailto:ida@quillmoor.example?subject=log\" rel=\"related\"/>"),
            Case.Rss("several pages of atom in rss", "<ttl>60</ttl>", "<ttl>60</ttl><atom:link href=\"https://quillmoor.example/a\"/><atom:link href=\"https://quillmoor.example/b\"/>"),
            Case.Rss("a cloud that names nothing", "registerProcedure=\"tell\"", "registerProcedure=\"\""),
            Case.Rss("everything a channel may have", "<ttl>60</ttl>", "<ttl>60</ttl><copyright>© Quillmoor</copyright><webMaster>web@quillmoor.example</webMaster><pubDate>Tue, 24 Nov 2026 09:00:00 GMT</pubDate><generator>Desk</generator><docs>https://quillmoor.example/rss</docs><rating>(PICS-1.1)</rating>"),
            ("rss 0.92", new(GoodFeeds.Rss, "", "<rss version=\"0.92\"><channel><title>Log</title><link>https://quillmoor.example/</link><description>x</description><item><description>a</description></item></channel></rss>")),
            ("rss 0.91 whole", new(GoodFeeds.Rss, "", "<rss version=\"0.91\"><channel><title>Log</title><link>https://quillmoor.example/</link><description>x</description><language>en</language><image><title>Log</title><url>https://quillmoor.example/i.gif</url><link>https://quillmoor.example/</link></image><skipHours><hour>24</hour></skipHours><item><title>a</title><link>https://quillmoor.example/1</link></item></channel></rss>")),
            ("no items", new(GoodFeeds.Rss, "", "<rss version=\"2.0\"><channel><title>Log</title><link>https://quillmoor.example/</link><description>x</description></channel></rss>")),
            Case.Rdf("a picture that is referred to", "<items>", "<image rdf:resource=\"https://quillmoor.example/i.png\"/><items>") with
            {
                Case = new(
                    GoodFeeds.Rdf.Replace("</channel>", "</channel><image rdf:about=\"https://quillmoor.example/i.png\"><title>Log</title><url>https://quillmoor.example/i.png</url><link>https://quillmoor.example/</link></image>", StringComparison.Ordinal),
                    "<items>",
                    "<image rdf:resource=\"https://quillmoor.example/i.png\"/><items>"
                ),
            },
            Case.Rdf("a list without prefixes", "rdf:li rdf:resource", "rdf:li resource"),
        ];

    private static IEnumerable<(string Name, Spoilt Case)> Dates() =>
        [
            .. new[]
            {
                "23 Nov 2026 09:30:00 GMT",
                "Mon, 23 Nov 2026 09:30 GMT",
                "Mon,23 Nov 2026 09:30:00 GMT",
                "Mon, 23 Nov 2026 09:30:00 UT",
                "Mon, 23 Nov 2026 09:30:00 Z",
                "Mon, 23 Nov 2026 04:30:00 EST",
                "Mon, 23 Nov 2026 10:30:00 +0100",
                "Mon, 23 Nov 2026 09:30:00 -0000",
                "Mon, 23 Nov 26 09:30:00 GMT",
                "mon, 23 nov 2026 09:30:00 gmt",
                "Mon, 9 Nov 2026 09:30:00 GMT",
                "Wed, 31 Dec 2008 23:59:60 GMT",
                "Mon, 23 Nov 2026 09:30:00 (at night) GMT",
                "Mon,  23   Nov 2026\n09:30:00 GMT",
                "Mon, 23 Nov 2026 09:30:00 A",
            }.Select(date => Case.Date("the date " + date.Replace('\n', ' '), date)),
            Case.Atom("a fraction of a second", "2026-11-23T09:30:00Z", "2026-11-23T09:30:00.123456789Z"),
            Case.Atom("an offset", "2026-11-23T09:30:00Z", "2026-11-23T10:30:00+01:00"),
            Case.Atom("an unknown offset", "2026-11-23T09:30:00Z", "2026-11-23T09:30:00-00:00"),
            Case.Atom("a leap second", "2026-11-23T09:30:00Z", "2016-12-31T23:59:60Z"),
            Case.Json("an offset in json", "2026-11-23T09:30:00Z", "2026-11-23T10:30:00.5+01:00"),
            Case.Rss("a day of dublin core", "<dc:date>2026-11-24T09:30:00Z", "<dc:date>2026-11-24"),
        ];

    private static IEnumerable<(string Name, Spoilt Case)> Addresses() =>
        [
            .. new[]
            {
                "https://quillmoor.example",
                "HTTPS://QUILLMOOR.EXAMPLE/2",
                "https://quillmoor.example:8443/2",
                "https://quillmoor.example:/2",
                "https://quillmoor.example/2?a=1&amp;b=%20c#d",
                "https://quillmoor.example/a;b=c,d/(e)!$'*+@:",
                "https://quillmoor.example/münchen/日本",
                "https://bücher.example/2",
                "https://пример.example/",
                "https://xn--bcher-kva.example/2",
                "https://203.0.113.7/2",
                "https://[2001:db8::1]/2",
                "https://my_host.example/2",
            }.Select(address => Case.Link("the address " + address, address)),
            Case.Link("a link to mail", "mailto:ida@quillmoor.example"),
            Case.Link("white space around a link", "\n  https://quillmoor.example/2\n"),
            Case.Atom("an address in another script", "<link href=\"https://quillmoor.example/2\"/>", "<link href=\"https://quillmoor.example/zweites-licht-ü\"/>"),
            Case.Atom("a relative address under a base", "<entry>\n<title type=\"html\">", "<entry xml:base=\"https://quillmoor.example/a/\"><link rel=\"related\" href=\"b\"/>\n<title type=\"html\">"),
            Case.Atom("a relation that is an address", "<link href=\"https://quillmoor.example/2\"/>", "<link href=\"https://quillmoor.example/2\"/><link rel=\"https://quillmoor.example/rel#moon\" href=\"/moon\"/>"),
            Case.Atom("a uuid", "tag:quillmoor.example,2026:2", "urn:uuid:1225c695-cfb8-4ebb-aaaa-80da344efa6a"),
            Case.Atom("a number of a book", "tag:quillmoor.example,2026:2", "urn:isbn:0451450523"),
            Case.Atom("a day in a name", "tag:quillmoor.example,2026:2", "tag:ida@quillmoor.example,2026-11-23:/2"),
            .. new[] { "en", "de-AT", "zh-Hant-TW", "sr-Latn", "sl-rozaj-biske", "de-CH-1996", "en-US-x-twain", "x-moor", "i-klingon", "gsw", "es-419", "zh-yue", "qaa", "en-a-bbb-x-a" }.Select(tag =>
                Case.Atom("the language " + tag, "xml:lang=\"en-GB\"", $"xml:lang=\"{tag}\"")
            ),
        ];

    private static IEnumerable<(string Name, Spoilt Case)> Texts() =>
        [
            Case.Html("tags that are spoken of", "<p>Write &lt;p&gt;this&lt;/p&gt; there.</p>"),
            Case.Html("a tag that is spoken of first", "&lt;p&gt; opens a paragraph, &lt;/p&gt; closes it."),
            Case.Html("ends left out", "<ul><li>a<li>b</ul><p>c<p>d"),
            Case.Html("parts within their wholes", "<dl><div><dt>a<dd>b</div></dl><figure><picture><source srcset=\"https://quillmoor.example/a.webp\"><img src=\"https://quillmoor.example/a.png\" alt=\"a\"></picture><figcaption>c</figcaption></figure><details><summary>d</summary>e</details><ruby>f<rt>g</ruby>"),
            Case.Html("characters of HTML by number", "<p>Owl &#128; &#x1F989; &#8217;</p>"),
            Case.Html("a table without ends", "<table><tr><td>a<td>b<tr><td>c</table>"),
            Case.Html("lists in lists", "<ul><li>a<ul><li>b</li></ul></li></ul>"),
            Case.Html("elements without an end", "<p>a<br>b<br/>c<hr><img src=\"https://quillmoor.example/i.png\" alt=\"\"></p>"),
            Case.Html("capitals and attributes bare", "<P CLASS=x>a <A HREF=https://quillmoor.example/>b</A></P>"),
            Case.Html("anchors", "<p><a href=\"#note\">1</a> <a id=\"note\">2</a> <a name=\"n\">3</a></p>"),
            Case.Html("mail and telephone", "<p><a href=\"mailto:ida@quillmoor.example\">a</a> <a href=\"tel:+4411\">b</a></p>"),
            Case.Html("a picture in the text", "<p><img src=\"data:image/png;base64,iVBORw0KGgo=\" alt=\"x\"></p>"),
            Case.Html("comments", "<!-- <b> --><p>a</p>"),
            Case.Html("entities", "<p>a &nbsp; &eacute; &hellip; &#8217; &amp; b &copy</p>"),
            Case.Html("an ampersand alone", "<p>Salt & pepper</p>"),
            Case.Html("a comparison", "<p>1 < 2 and 3 > 2</p>"),
            Case.Html("an element of its author", "<p><moon-phase>full</moon-phase></p>"),
            Case.Html("code about html", "<pre><code>&lt;b&gt;</code></pre>"),
            Case.Html("figures", "<figure><picture><source srcset=\"https://quillmoor.example/i.webp 2x\"><img src=\"https://quillmoor.example/i.png\" alt=\"x\"></picture><figcaption>x</figcaption></figure>"),
            Case.Html("right to left", "<p dir=\"rtl\">שלום</p>"),
        ];

    private static IEnumerable<(string Name, Spoilt Case)> Atom() =>
        [
            ("a prefix for atom", new(GoodFeeds.Atom, "", "<a:feed xmlns:a=\"http://www.w3.org/2005/Atom\"><a:id>urn:isbn:1</a:id><a:title/><a:updated>2026-11-24T09:30:00Z</a:updated><a:link rel=\"self\" href=\"https://quillmoor.example/feed\"/></a:feed>")),
            Case.Atom("xhtml with a prefix", "<div xmlns=\"http://www.w3.org/1999/xhtml\"><p>Clear.</p></div>", "<h:div xmlns:h=\"http://www.w3.org/1999/xhtml\"><h:p>Clear.</h:p></h:div>"),
            Case.Entry("several authors", "<author><name>Ada</name></author><author><name>Bo</name></author><contributor><name>Cy</name></contributor>"),
            Case.Feed("foreign markup", "<q:moon xmlns:q=\"urn:example:q\"/>"),
            Case.Atom("markup within a person", "<name>Ida Marsh</name>", "<name>Ida Marsh</name><q:moon xmlns:q=\"urn:example:q\"/>"),
            Case.Atom("markup within a link", "<link href=\"https://quillmoor.example/2\"/>", "<link href=\"https://quillmoor.example/2\"><q:moon xmlns:q=\"urn:example:q\"/></link>"),
            Case.Atom("two alternates of two types", "<link href=\"https://quillmoor.example/2\"/>", "<link href=\"https://quillmoor.example/2\"/><link type=\"application/pdf\" href=\"https://quillmoor.example/2.pdf\"/>"),
            Case.Atom("several enclosures", "<category term=\"log\"/>", "<link rel=\"enclosure\" href=\"https://quillmoor.example/b.mp3\" length=\"1\"/>"),
            Case.Content("drawing as content", "<content type=\"image/svg+xml\"><svg xmlns=\"http://www.w3.org/2000/svg\"/></content>"),
            Case.Content("markdown as content", "<content type=\"text/markdown\"># Cloud</content>"),
            Case.Content("bytes as content", "<content type=\"image/png\">iVBO\nRw0KGgo=</content>"),
            Case.Content("no content", "<rights>x</rights>"),
            Case.Entry("a whole source", "<source><id>https://bench.example/</id><title>Bench</title><updated>2026-11-23T09:30:00Z</updated><author><name>Bo</name></author></source>"),
            Case.Atom("one id in two versions", "<id>tag:quillmoor.example,2026:2</id>", "<id>https://quillmoor.example/1</id>"),
            Case.Feed("a complete feed", "<fh:complete xmlns:fh=\"http://purl.org/syndication/history/1.0\"/>"),
            Case.Feed("a deleted entry", "<at:deleted-entry xmlns:at=\"http://purl.org/atompub/tombstones/1.0\" ref=\"tag:quillmoor.example,2026:0\" when=\"2026-11-23T09:30:00Z\"/>"),
            Case.Feed("a hub and a licence", "<link rel=\"hub\" href=\"https://hub.example/\"/><link rel=\"license\" href=\"https://quillmoor.example/licence\"/>"),
            Case.Feed("two categories and a scheme", "<category term=\"a\" scheme=\"https://quillmoor.example/kinds#\" label=\"A\"/><category term=\"b\"/>"),
        ];

    private static IEnumerable<(string Name, Spoilt Case)> Json() =>
        [
            Case.JsonTop("extensions", "\"_moor\": { \"about\": \"https://quillmoor.example/\", \"any\": [1, null] }"),
            Case.JsonItem("an empty title", "\"title\": \"\""),
            Case.JsonItem("both contents", "\"content_html\": \"<p>Cloud.</p>\""),
            Case.JsonTop("a finished feed", "\"expired\": true"),
            Case.JsonTop("icons", "\"icon\": \"https://quillmoor.example/i.png\", \"favicon\": \"https://quillmoor.example/f.png\""),
            Case.Json("another order", "\"version\": \"https://jsonfeed.org/version/1.1\",\n  \"title\": \"Night Log\",", "\"title\": \"Night Log\",\n  \"version\": \"https://jsonfeed.org/version/1.1\","),
            Case.Json("escapes", "Cloud.", "Cl\\u006fud \\ud83c\\udf19 \\\\u12 \\/."),
            Case.Json("a backslash before what looks like half a character", "Cloud.", "C:\\\\ud83d"),
            Case.Json("a name as id", "\"id\": \"https://quillmoor.example/2\"", "\"id\": \"two\""),
            Case.JsonItem("sizes", "\"attachments\": [{ \"url\": \"https://quillmoor.example/b.mp3\", \"mime_type\": \"audio/mpeg\", \"title\": \"b\", \"size_in_bytes\": 0, \"duration_in_seconds\": 1.5 }]"),
            Case.Json("no items", "\"items\": [", "\"items\": [") with { Case = new(GoodFeeds.Json, "", "{\"version\":\"https://jsonfeed.org/version/1.1\",\"title\":\"Log\",\"items\":[]}") },
            Case.Json("version 1", "\"items\": [", "\"items\": [") with { Case = new(GoodFeeds.Json, "", "{\"version\":\"https://jsonfeed.org/version/1\",\"title\":\"Log\",\"author\":{\"name\":\"Ida\"},\"items\":[{\"id\":\"1\",\"content_text\":\"x\"}]}") },
        ];

    private static IEnumerable<(string Name, Spoilt Case)> Modules() =>
        [
            Case.Item("dublin core many times", "<dc:creator>Ida</dc:creator><dc:creator>Bo</dc:creator><dc:subject>a</dc:subject><dc:subject>b</dc:subject>"),
            Case.Item("a group of files", "<media:group><media:content url=\"https://quillmoor.example/a.mp4\" medium=\"video\" duration=\"12\" isDefault=\"true\"/><media:content url=\"https://quillmoor.example/a.webm\"/><media:title type=\"plain\">x</media:title><media:credit role=\"author\">Ida</media:credit></media:group>"),
            Case.Channel("everything of a podcast", "<itunes:author>Ida</itunes:author><itunes:category text=\"Science\"><itunes:category text=\"Astronomy\"/></itunes:category><itunes:explicit>no</itunes:explicit><itunes:owner><itunes:name>Ida</itunes:name><itunes:email>ida@quillmoor.example</itunes:email></itunes:owner><itunes:type>serial</itunes:type>"),
            Case.Item("an episode", "<itunes:title>x</itunes:title><itunes:season>1</itunes:season><itunes:episode>3</itunes:episode><itunes:episodeType>full</itunes:episodeType><itunes:duration>3600</itunes:duration>"),
            Case.Item("lines and rings", "<georss:line>54 -2 55 -3</georss:line><georss:polygon>54 -2 55 -2 55 -3 54 -2</georss:polygon><georss:box>54 -3 55 -2</georss:box><georss:elev>313.5</georss:elev><georss:circle>54 -2 250</georss:circle>"),
            Case.Item("a place", "<geo:lat xmlns:geo=\"http://www.w3.org/2003/01/geo/wgs84_pos#\">54.1</geo:lat><geo:long xmlns:geo=\"http://www.w3.org/2003/01/geo/wgs84_pos#\">-2.3</geo:long>"),
        ];
}
