using System.Globalization;
using System.Xml;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Writing;

/// <summary>Writes the modules that RSS and Atom share.</summary>
internal static class ModuleWriter
{
    /// <summary>
    /// The prefixes of the modules a feed uses, declared on its first element, so that the entries stay readable.
    /// </summary>
    public static void Declare(FeedXmlWriter writer, Feed feed)
    {
        Declare(
            writer,
            "media",
            FeedNamespaces.Media,
            feed.Items.Any(item => item.Media.Count > 0 || item.Image is not null)
        );
        Declare(writer, "georss", FeedNamespaces.GeoRss, feed.Items.Any(item => item.Place is not null));
        Declare(
            writer,
            "thr",
            FeedNamespaces.Threading,
            feed.Items.Any(item => item.RepliesTo.Count > 0 || item.CommentCount is not null)
        );
        Declare(writer, "fh", FeedNamespaces.History, feed.Paging.IsArchive || feed.Paging.IsComplete);
        Declare(writer, "sy", FeedNamespaces.Syndication, feed.Rhythm.UpdateEvery is not null);
    }

    /// <summary>The links to the other documents of the feed.</summary>
    public static IEnumerable<(string Relation, string? Address)> PagingLinks(FeedPaging paging) =>
        [
            ("first", paging.First),
            ("previous", paging.Previous),
            ("next", paging.Next),
            ("last", paging.Last),
            ("current", paging.Current),
            ("prev-archive", paging.PreviousArchive),
            ("next-archive", paging.NextArchive),
        ];

    /// <summary>The attributes of a link, in whatever element the format writes it.</summary>
    public static void WriteLinkParts(FeedXmlWriter writer, RelatedLink link)
    {
        writer.Attribute("rel", link.Relation);
        writer.Attribute("href", link.Address);
        writer.Attribute("type", link.Type);
        writer.Attribute("title", link.Title);
        writer.Attribute("hreflang", link.Language);
    }

    /// <summary>Marks of RFC 5005, how often the feed changes, and what is not known here.</summary>
    public static void WriteFeed(FeedXmlWriter writer, Feed feed)
    {
        if (feed.Paging.IsArchive)
            Empty(writer, "fh", "archive", FeedNamespaces.History);
        if (feed.Paging.IsComplete)
            Empty(writer, "fh", "complete", FeedNamespaces.History);
        if (feed.Rhythm.UpdateEvery is { } every)
            WriteUpdates(writer, every);
    }

    /// <summary>What modules say of an entry.</summary>
    public static void WriteItem(FeedXmlWriter writer, FeedItem item)
    {
        foreach (var reply in item.RepliesTo)
            WriteReply(writer, reply);
        if (item.CommentCount is { } count)
            writer.Text("total", Number(count), FeedNamespaces.Threading, "thr");
        if (item.Place is { } place)
            writer.Text(
                "point",
                $"{Number(place.Latitude)} {Number(place.Longitude)}",
                FeedNamespaces.GeoRss,
                "georss"
            );
        foreach (var media in item.Media.Where(media => media.Url is not null))
            WriteMedia(writer, media);
        if (item.Image is not null && item.Image != FoundAgain(item))
            WritePicture(writer, item.Image, item.Media.Count > 0 ? "thumbnail" : "content");
    }

    /// <summary>
    /// Elements of other namespaces as they were; those without a namespace only where <paramref name="withOwn"/>, as
    /// they mean nothing in another format.
    /// </summary>
    public static void WriteExtensions(FeedXmlWriter writer, IEnumerable<FeedExtension> extensions, bool withOwn)
    {
        foreach (
            var extension in extensions.Where(feedExtension =>
                !feedExtension.IsJson && (withOwn || feedExtension.Namespace!.Length > 0)
            )
        )
        {
            using var reader = XmlReader.Create(new StringReader(extension.Raw), FeedXml.Settings);
            writer.Xml.WriteNode(reader, defattr: false);
        }
    }

    // The picture a reader takes for the entry's without being told: of the media, else of the files.
    private static string? FoundAgain(FeedItem item) =>
        item.Media.Select(media => media.Thumbnail).FirstOrDefault(text => text is not null)
        ?? item.Media.FirstOrDefault(media => media.IsPicture)?.Url
        ?? item.Enclosures.FirstOrDefault(file =>
            file.Type?.StartsWith("image/", StringComparison.OrdinalIgnoreCase) == true
        )?.Url;

    private static void WritePicture(FeedXmlWriter writer, string address, string element)
    {
        writer.Xml.WriteStartElement("media", element, FeedNamespaces.Media);
        writer.Attribute("url", address);
        if (element == "content")
            writer.Attribute("medium", "image");
        writer.Xml.WriteEndElement();
    }

    private static void WriteReply(FeedXmlWriter writer, FeedReply reply)
    {
        writer.Xml.WriteStartElement("thr", "in-reply-to", FeedNamespaces.Threading);
        writer.Attribute("ref", reply.Ref);
        writer.Attribute("href", reply.Link);
        writer.Xml.WriteEndElement();
    }

    private static void WriteMedia(FeedXmlWriter writer, FeedMedia media)
    {
        writer.Xml.WriteStartElement("media", "content", FeedNamespaces.Media);
        writer.Attribute("url", media.Url);
        writer.Attribute("type", media.Type);
        writer.Attribute("medium", media.Medium);
        writer.Attribute("width", Number(media.Width));
        writer.Attribute("height", Number(media.Height));
        writer.Attribute("fileSize", Number(media.Length));
        writer.Text("title", media.Title, FeedNamespaces.Media, "media");
        writer.Text("description", media.Description, FeedNamespaces.Media, "media");
        if (media.Thumbnail is not null)
        {
            writer.Xml.WriteStartElement("media", "thumbnail", FeedNamespaces.Media);
            writer.Attribute("url", media.Thumbnail);
            writer.Xml.WriteEndElement();
        }

        writer.Text("credit", media.Credit, FeedNamespaces.Media, "media");
        writer.Xml.WriteEndElement();
    }

    // The module counts in whole hours, days, weeks, months or years, so that a rhythm is told as so many times in the
    // smallest of them it divides.
    private static void WriteUpdates(FeedXmlWriter writer, TimeSpan every)
    {
        var (period, length) =
            every <= TimeSpan.FromHours(1) ? ("hourly", 1d)
            : every <= TimeSpan.FromDays(1) ? ("daily", 24)
            : every <= TimeSpan.FromDays(7) ? ("weekly", 168)
            : ("monthly", 720);
        writer.Text("updatePeriod", period, FeedNamespaces.Syndication, "sy");
        writer.Text(
            "updateFrequency",
            Number(Math.Max(1, (int)Math.Round(length / Math.Max(every.TotalHours, 0.01)))),
            FeedNamespaces.Syndication,
            "sy"
        );
    }

    private static void Empty(FeedXmlWriter writer, string prefix, string name, string ns)
    {
        writer.Xml.WriteStartElement(prefix, name, ns);
        writer.Xml.WriteEndElement();
    }

    private static void Declare(FeedXmlWriter writer, string prefix, string ns, bool isUsed)
    {
        if (isUsed)
            writer.Xml.WriteAttributeString("xmlns", prefix, null, ns);
    }

    private static string? Number(IFormattable? number) => number?.ToString(null, CultureInfo.InvariantCulture);
}
