using System.Globalization;
using System.Text;
using System.Text.Json;

namespace Antiphon.StandIns.World;

/// <summary>
/// The feeds of the outside world, each written the way its owner's program would: by hand, and not always well.
/// </summary>
internal static class OutsideFeeds
{
    /// <summary>The feed of a blog with the Content-Type its server sends.</summary>
    public static (string Body, string ContentType) Write(OutsideBlog blog, StandInPorts ports, DateTimeOffset epoch) => blog.Name switch
    {
        "darksky" => (Atom(blog, ports, epoch), "application/atom+xml; charset=utf-8"),
        "weather" => (Json(blog, ports, epoch), "application/feed+json; charset=utf-8"),
        "walkers" => (Faulty(ports), "application/xml"),
        _ => (Rss(blog, ports, epoch), "application/rss+xml; charset=utf-8"),
    };

    /// <summary>Address of a post.</summary>
    public static string AddressOf(OutsideBlog blog, OutsidePost post, StandInPorts ports) =>
        string.Create(CultureInfo.InvariantCulture, $"{ports.WorldAddress}{blog.Name}/{post.Number}");

    /// <summary>Address of a post's picture, or null.</summary>
    public static string? PictureOf(OutsidePost post, StandInPorts ports) => post.Picture is null
        ? null
        : string.Create(CultureInfo.InvariantCulture, $"{ports.WorldAddress}pictures/{post.Picture}-{post.Number}.svg");

    private static string Rss(OutsideBlog blog, StandInPorts ports, DateTimeOffset epoch)
    {
        var items = new StringBuilder();
        foreach (var post in blog.Posts)
        {
            var address = AddressOf(blog, post, ports);
            var picture = PictureOf(post, ports) is { } url ? $"<img src=\"{url}\" width=\"800\" height=\"500\" alt=\"\">" : string.Empty;
            items.Append(CultureInfo.InvariantCulture, $"""
                <item><title>{PlainPage.Encode(post.Title)}</title><link>{address}</link><guid>{address}</guid><pubDate>{epoch.AddDays(-post.DaysAgo):ddd, dd MMM yyyy HH:mm:ss} GMT</pubDate>
                <dc:creator>{post.Author}</dc:creator><category>{post.Category}</category><description>{PlainPage.Encode(post.Body.Split("</p>")[0].Replace("<p>", string.Empty, StringComparison.Ordinal))}</description>
                <content:encoded><![CDATA[{picture}{post.Body}]]></content:encoded></item>

                """);
        }

        return $"""
            <?xml version="1.0" encoding="utf-8"?>
            <rss version="2.0" xmlns:content="http://purl.org/rss/1.0/modules/content/" xmlns:dc="http://purl.org/dc/elements/1.1/" xmlns:atom="http://www.w3.org/2005/Atom">
            <channel><title>{blog.Title}</title><link>{ports.WorldAddress}{blog.Name}/</link><description>{blog.Description}</description><language>en-gb</language>
            <atom:link rel="self" type="application/rss+xml" href="{ports.WorldAddress}{blog.Name}/{blog.Feed}"/>
            {items}</channel></rss>
            """;
    }

    private static string Atom(OutsideBlog blog, StandInPorts ports, DateTimeOffset epoch)
    {
        var entries = string.Concat(blog.Posts.Select(post =>
        {
            var date = epoch.AddDays(-post.DaysAgo).ToString("yyyy-MM-dd'T'HH:mm:ss'Z'", CultureInfo.InvariantCulture);
            return $"<entry><id>tag:darksky.example,2024:{post.Number}</id><title>{PlainPage.Encode(post.Title)}</title><link href=\"{AddressOf(blog, post, ports)}\"/><published>{date}</published><updated>{date}</updated><author><name>{post.Author}</name></author><category term=\"{post.Category}\"/><content type=\"html\">{PlainPage.Encode(post.Body)}</content></entry>\n";
        }));
        var updated = epoch.AddDays(-blog.Posts[0].DaysAgo).ToString("yyyy-MM-dd'T'HH:mm:ss'Z'", CultureInfo.InvariantCulture);
        return $"""
            <?xml version="1.0" encoding="utf-8"?>
            <feed xmlns="http://www.w3.org/2005/Atom" xml:lang="en-GB"><id>tag:darksky.example,2024:feed</id><title>{blog.Title}</title><subtitle>{blog.Description}</subtitle><updated>{updated}</updated>
            <link href="{ports.WorldAddress}{blog.Name}/"/><link rel="self" href="{ports.WorldAddress}{blog.Name}/{blog.Feed}"/>
            {entries}</feed>
            """;
    }

    private static string Json(OutsideBlog blog, StandInPorts ports, DateTimeOffset epoch) => JsonSerializer.Serialize(new
    {
        version = "https://jsonfeed.org/version/1.1",
        title = blog.Title,
        description = blog.Description,
        home_page_url = $"{ports.WorldAddress}{blog.Name}/",
        feed_url = $"{ports.WorldAddress}{blog.Name}/{blog.Feed}",
        language = "en-GB",
        items = blog.Posts.Select(post => new
        {
            id = $"weather-{post.Number}",
            url = AddressOf(blog, post, ports),
            title = post.Title,
            content_html = post.Body,
            date_published = epoch.AddDays(-post.DaysAgo).ToString("yyyy-MM-dd'T'HH:mm:ss'Z'", CultureInfo.InvariantCulture),
            authors = new[] { new { name = post.Author } },
            tags = new[] { post.Category },
        }),
    });

    // Faults a program of long ago makes: a day that does not exist, a guid used twice, text escaped twice, a relative
    // picture.
    private static string Faulty(StandInPorts ports) => $"""
        <?xml version="1.0" encoding="utf-8"?>
        <rss version="2.0" xmlns:content="http://purl.org/rss/1.0/modules/content/">
        <channel>
          <title>Fellside Walkers</title>
          <link>{ports.WorldAddress}walkers/</link>
          <description>Paths, gates and weather</description>
          <item>
            <title>March walks</title>
            <link>{ports.WorldAddress}walkers/3</link>
            <pubDate>Fri, 06 Mar 2026 09:30:00 GMT</pubDate>
            <guid>{ports.WorldAddress}walkers/2</guid>
            <category>Walks</category>
            <description>Three walks, one of them short.</description>
          </item>
          <item>
            <title>The gate at Cold Clough</title>
            <description>Tea &amp;amp;amp; cake afterwards</description>
            <link>{ports.WorldAddress}walkers/2</link>
            <pubDate>Tue, 31 Feb 2026 10:00:00 GMT</pubDate>
            <guid>{ports.WorldAddress}walkers/2</guid>
            <content:encoded><![CDATA[
              <p>The gate is mended. <img src="/img/gate.jpg" alt="The gate"></p>
              <p>Thank you to everybody who carried timber up.</p>
            ]]></content:encoded>
          </item>
          <item>
            <title>Boots</title>
            <link>{ports.WorldAddress}walkers/1</link>
            <pubDate>Wed, 18 Feb 2026 18:00:00 GMT</pubDate>
            <guid>{ports.WorldAddress}walkers/1</guid>
            <author>Tom Ashdown</author>
            <description>Somebody left a pair at the stile. They are dry now.</description>
          </item>
        </channel>
        </rss>
        """;
}
