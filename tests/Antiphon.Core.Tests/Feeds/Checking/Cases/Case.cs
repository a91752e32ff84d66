namespace Antiphon.Core.Tests.Feeds.Checking.Cases;

/// <summary>A case for a rule, made of a good feed by changing one place of it.</summary>
internal static class Case
{
    /// <summary>RSS 2.0 with one place replaced.</summary>
    public static (string Id, Spoilt Case) Rss(string id, string good, string bad) => (id, new(GoodFeeds.Rss, good, bad));

    /// <summary>RSS 2.0 with something more in the channel.</summary>
    public static (string Id, Spoilt Case) Channel(string id, string more) => Rss(id, "<ttl>60</ttl>", "<ttl>60</ttl>\n" + more);

    /// <summary>RSS 2.0 with something more in the second item.</summary>
    public static (string Id, Spoilt Case) Item(string id, string more) =>
        Rss(id, "<content:encoded><![CDATA[<p>Cloud.</p>]]></content:encoded>", "<content:encoded><![CDATA[<p>Cloud.</p>]]></content:encoded>\n" + more);

    /// <summary>RSS 2.0 with another link of the second item.</summary>
    public static (string Id, Spoilt Case) Link(string id, string address) =>
        Rss(id, "<link>https://quillmoor.example/2</link>", $"<link>{address}</link>");

    /// <summary>RSS 2.0 with another date of the second item.</summary>
    public static (string Id, Spoilt Case) Date(string id, string date) =>
        Rss(id, "<pubDate>Mon, 23 Nov 2026 09:30:00 GMT</pubDate>", $"<pubDate>{date}</pubDate>");

    /// <summary>RSS 2.0 with another HTML in the second item.</summary>
    public static (string Id, Spoilt Case) Html(string id, string html) =>
        Rss(id, "<![CDATA[<p>Cloud.</p>]]>", $"<![CDATA[{html}]]>");

    /// <summary>RSS 1.0 with one place replaced.</summary>
    public static (string Id, Spoilt Case) Rdf(string id, string good, string bad) => (id, new(GoodFeeds.Rdf, good, bad));

    /// <summary>Atom with one place replaced.</summary>
    public static (string Id, Spoilt Case) Atom(string id, string good, string bad) => (id, new(GoodFeeds.Atom, good, bad));

    /// <summary>Atom with something more in the feed.</summary>
    public static (string Id, Spoilt Case) Feed(string id, string more) =>
        Atom(id, "<subtitle>What was seen</subtitle>", "<subtitle>What was seen</subtitle>\n" + more);

    /// <summary>Atom with something more in the second entry.</summary>
    public static (string Id, Spoilt Case) Entry(string id, string more) =>
        Atom(id, "<summary>A recording</summary>", "<summary>A recording</summary>\n" + more);

    /// <summary>Atom with another content of the second entry.</summary>
    public static (string Id, Spoilt Case) Content(string id, string content) =>
        Atom(id, "<content src=\"https://quillmoor.example/b.mp3\" type=\"audio/mpeg\"/>", content);

    /// <summary>JSON Feed with one place replaced.</summary>
    public static (string Id, Spoilt Case) Json(string id, string good, string bad) => (id, new(GoodFeeds.Json, good, bad));

    /// <summary>JSON Feed with another member at the top.</summary>
    public static (string Id, Spoilt Case) JsonTop(string id, string member) =>
        Json(id, "\"title\": \"Night Log\",", "\"title\": \"Night Log\", " + member + ",");

    /// <summary>JSON Feed with another member of the second item.</summary>
    public static (string Id, Spoilt Case) JsonItem(string id, string member) =>
        Json(id, "\"content_text\": \"Cloud.\",", "\"content_text\": \"Cloud.\", " + member + ",");
}
