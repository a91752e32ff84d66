namespace Antiphon.Core.Tests.Feeds.Checking.Cases;

/// <summary>
/// One feed of each format that uses much of what the format offers, all of it right: the check says nothing about
/// them. Each case of a rule spoils one place of one of them.
/// </summary>
internal static class GoodFeeds
{
    /// <summary>RSS 2.0 with its modules.</summary>
    public const string Rss = """
        <?xml version="1.0" encoding="UTF-8"?>
        <rss version="2.0" xmlns:atom="http://www.w3.org/2005/Atom" xmlns:dc="http://purl.org/dc/elements/1.1/" xmlns:sy="http://purl.org/rss/1.0/modules/syndication/" xmlns:slash="http://purl.org/rss/1.0/modules/slash/" xmlns:wfw="http://wellformedweb.org/CommentAPI/" xmlns:thr="http://purl.org/syndication/thread/1.0" xmlns:media="http://search.yahoo.com/mrss/" xmlns:itunes="http://www.itunes.com/dtds/podcast-1.0.dtd" xmlns:georss="http://www.georss.org/georss" xmlns:content="http://purl.org/rss/1.0/modules/content/">
        <channel>
        <title>Night Log</title>
        <link>https://quillmoor.example/</link>
        <description>What was seen over the moor</description>
        <language>en-gb</language>
        <managingEditor>ida@quillmoor.example (Ida Marsh)</managingEditor>
        <lastBuildDate>Tue, 24 Nov 2026 09:30:00 GMT</lastBuildDate>
        <ttl>60</ttl>
        <skipHours><hour>3</hour></skipHours>
        <skipDays><day>Sunday</day></skipDays>
        <image><url>https://quillmoor.example/i.png</url><title>Night Log</title><link>https://quillmoor.example/</link><width>88</width></image>
        <textInput><title>Ask</title><description>Ask the observers</description><name>q</name><link>https://quillmoor.example/ask</link></textInput>
        <cloud domain="quillmoor.example" port="80" path="/told" registerProcedure="tell" protocol="http-post"/>
        <atom:link rel="self" href="https://quillmoor.example/feed" type="application/rss+xml"/>
        <atom:link rel="next" href="https://quillmoor.example/feed?page=2"/>
        <sy:updatePeriod>daily</sy:updatePeriod>
        <sy:updateFrequency>2</sy:updateFrequency>
        <itunes:image href="https://quillmoor.example/i.png"/>
        <item>
        <title>First light</title>
        <link>https://quillmoor.example/1</link>
        <guid>https://quillmoor.example/1</guid>
        <pubDate>Tue, 24 Nov 2026 09:30:00 GMT</pubDate>
        <author>ida@quillmoor.example (Ida Marsh)</author>
        <category>Log</category>
        <source url="https://bench.example/feed">Workshop Bench</source>
        <enclosure url="https://quillmoor.example/a.mp3" length="1200" type="audio/mpeg"/>
        <description>&lt;p&gt;Clear &amp;amp; cold, see &lt;a href="https://quillmoor.example/dome"&gt;the dome&lt;/a&gt;. &lt;img src="https://quillmoor.example/m.png" alt="The moor"&gt;&lt;/p&gt;</description>
        <dc:date>2026-11-24T09:30:00Z</dc:date>
        <slash:comments>3</slash:comments>
        <wfw:commentRss>https://quillmoor.example/1/comments</wfw:commentRss>
        <thr:in-reply-to ref="https://bench.example/7" href="https://bench.example/7"/>
        <thr:total>3</thr:total>
        <media:thumbnail url="https://quillmoor.example/p.png" width="320"/>
        <itunes:duration>12:30</itunes:duration>
        <itunes:explicit>false</itunes:explicit>
        <georss:point>54.1 -2.3</georss:point>
        </item>
        <item>
        <title>Second light</title>
        <link>https://quillmoor.example/2</link>
        <guid isPermaLink="false">two</guid>
        <pubDate>Mon, 23 Nov 2026 09:30:00 GMT</pubDate>
        <content:encoded><![CDATA[<p>Cloud.</p>]]></content:encoded>
        </item>
        </channel>
        </rss>
        """;

    /// <summary>Atom 1.0.</summary>
    public const string Atom = """
        <?xml version="1.0" encoding="UTF-8"?>
        <feed xmlns="http://www.w3.org/2005/Atom" xml:lang="en-GB">
        <title>Night Log</title>
        <subtitle>What was seen</subtitle>
        <id>https://quillmoor.example/</id>
        <updated>2026-11-24T09:30:00Z</updated>
        <author><name>Ida Marsh</name><email>ida@quillmoor.example</email><uri>https://quillmoor.example/ida</uri></author>
        <icon>https://quillmoor.example/i.png</icon>
        <link rel="self" href="https://quillmoor.example/feed"/>
        <link rel="alternate" href="https://quillmoor.example/" type="text/html" hreflang="en"/>
        <entry>
        <title>First light</title>
        <id>https://quillmoor.example/1</id>
        <published>2026-11-24T09:00:00Z</published>
        <updated>2026-11-24T09:30:00Z</updated>
        <link href="https://quillmoor.example/1"/>
        <link rel="enclosure" href="https://quillmoor.example/a.mp3" length="1200" type="audio/mpeg"/>
        <category term="log"/>
        <summary>Clear and cold</summary>
        <content type="xhtml"><div xmlns="http://www.w3.org/1999/xhtml"><p>Clear.</p></div></content>
        </entry>
        <entry>
        <title type="html">Second light</title>
        <id>tag:quillmoor.example,2026:2</id>
        <updated>2026-11-23T09:30:00Z</updated>
        <link href="https://quillmoor.example/2"/>
        <summary>A recording</summary>
        <content src="https://quillmoor.example/b.mp3" type="audio/mpeg"/>
        </entry>
        </feed>
        """;

    /// <summary>JSON Feed 1.1.</summary>
    public const string Json = """
        {
          "version": "https://jsonfeed.org/version/1.1",
          "title": "Night Log",
          "home_page_url": "https://quillmoor.example/",
          "feed_url": "https://quillmoor.example/feed.json",
          "next_url": "https://quillmoor.example/feed.json?page=2",
          "language": "en-GB",
          "authors": [{ "name": "Ida Marsh" }],
          "hubs": [{ "type": "WebSub", "url": "https://hub.example/" }],
          "items": [
            {
              "id": "https://quillmoor.example/1",
              "url": "https://quillmoor.example/1",
              "title": "First light",
              "content_html": "<p>Clear.</p>",
              "date_published": "2026-11-24T09:30:00Z",
              "tags": ["log"],
              "attachments": [{ "url": "https://quillmoor.example/a.mp3", "mime_type": "audio/mpeg" }]
            },
            {
              "id": "https://quillmoor.example/2",
              "url": "https://quillmoor.example/2",
              "content_text": "Cloud.",
              "date_published": "2026-11-23T09:30:00Z"
            }
          ]
        }
        """;

    /// <summary>RSS 1.0.</summary>
    public const string Rdf = """
        <?xml version="1.0" encoding="UTF-8"?>
        <rdf:RDF xmlns="http://purl.org/rss/1.0/" xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#" xmlns:atom="http://www.w3.org/2005/Atom" xmlns:dc="http://purl.org/dc/elements/1.1/">
        <channel rdf:about="https://quillmoor.example/feed">
        <title>Night Log</title>
        <link>https://quillmoor.example/</link>
        <description>What was seen</description>
        <atom:link rel="self" href="https://quillmoor.example/feed"/>
        <items><rdf:Seq><rdf:li rdf:resource="https://quillmoor.example/1"/></rdf:Seq></items>
        </channel>
        <item rdf:about="https://quillmoor.example/1">
        <title>First light</title>
        <link>https://quillmoor.example/1</link>
        <description>Clear and cold</description>
        <dc:date>2026-11-24T09:30:00Z</dc:date>
        </item>
        </rdf:RDF>
        """;
}
