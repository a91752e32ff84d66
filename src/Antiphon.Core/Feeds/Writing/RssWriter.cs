using System.Globalization;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Writing;

/// <summary>Writes RSS 2.0 with the content, Dublin Core, Media RSS, threading, GeoRSS and Atom modules.</summary>
public static class RssWriter
{
    /// <summary>The document in UTF-8. The same feed gives the same bytes.</summary>
    public static byte[] Write(Feed feed)
    {
        using var writer = new FeedXmlWriter();
        var xml = writer.Xml;
        xml.WriteStartElement("rss");
        xml.WriteAttributeString("version", "2.0");
        xml.WriteAttributeString("xmlns", "atom", null, FeedNamespaces.Atom);
        xml.WriteAttributeString("xmlns", "content", null, FeedNamespaces.Content);
        xml.WriteAttributeString("xmlns", "dc", null, FeedNamespaces.DublinCore);
        ModuleWriter.Declare(writer, feed);
        xml.WriteStartElement("channel");
        WriteChannel(writer, feed);
        foreach (var item in feed.Items)
            RssItemWriter.Write(writer, item);
        xml.WriteEndElement();
        xml.WriteEndElement();
        return writer.Finish();
    }

    /// <summary>RFC 822 with a four-digit year, always in GMT.</summary>
    public static string Date(DateTimeOffset date) =>
        date.UtcDateTime.ToString("ddd, dd MMM yyyy HH:mm:ss 'GMT'", CultureInfo.InvariantCulture);

    private static void WriteChannel(FeedXmlWriter writer, Feed feed)
    {
        writer.Text("title", feed.Title ?? feed.Link);
        writer.Text("link", feed.Link);
        // Required, also when there is nothing to say (RSS 2.0, Required channel elements).
        writer.Xml.WriteElementString("description", XmlSafe.Clean(feed.Description ?? feed.Title ?? string.Empty));
        writer.Text("language", feed.Language);
        writer.Text("copyright", feed.Copyright);
        foreach (var author in feed.Authors)
            RssItemWriter.WritePerson(writer, author, "author", "creator");
        if (feed.Published is { } published)
            writer.Text("pubDate", Date(published));
        if (feed.Updated is { } updated)
            writer.Text("lastBuildDate", Date(updated));
        foreach (var helper in feed.Contributors)
            RssItemWriter.WritePerson(writer, helper, "contributor", null);
        foreach (var category in feed.Categories)
            writer.Text("category", category);
        writer.Text("generator", feed.Generator);
        WriteRhythm(writer, feed.Rhythm);
        if (feed.Image is { Url: not null } image)
            WriteImage(writer, image, feed);
        writer.Text("id", feed.Id, FeedNamespaces.Atom, "atom");
        writer.Text("icon", feed.Icon, FeedNamespaces.Atom, "atom");
        WriteLink(writer, "self", feed.FeedLink, "application/rss+xml");
        foreach (var hub in feed.Hubs)
            WriteLink(writer, "hub", hub, null);
        foreach (var (relation, address) in ModuleWriter.PagingLinks(feed.Paging))
            WriteLink(writer, relation, address, null);
        WriteOthers(writer, feed.Links, feed.Licenses);
        ModuleWriter.WriteFeed(writer, feed);
        ModuleWriter.WriteExtensions(writer, feed.Extensions, withOwn: true);
    }

    /// <summary>A link of the Atom module; nothing without an address.</summary>
    internal static void WriteLink(FeedXmlWriter writer, string relation, string? address, string? type)
    {
        if (address is null)
            return;
        writer.Xml.WriteStartElement("atom", "link", FeedNamespaces.Atom);
        writer.Attribute("rel", relation);
        writer.Attribute("href", address);
        writer.Attribute("type", type);
        writer.Xml.WriteEndElement();
    }

    /// <summary>Licences in their module, other links in that of Atom.</summary>
    internal static void WriteOthers(FeedXmlWriter writer, List<RelatedLink> links, List<string> licenses)
    {
        foreach (var licence in licenses)
            writer.Text("license", licence, FeedNamespaces.Licence, "creativeCommons");
        foreach (var link in links)
        {
            writer.Xml.WriteStartElement("atom", "link", FeedNamespaces.Atom);
            ModuleWriter.WriteLinkParts(writer, link);
            writer.Xml.WriteEndElement();
        }
    }

    private static void WriteRhythm(FeedXmlWriter writer, FeedRhythm rhythm)
    {
        if (rhythm.TimeToLive is { } kept)
            writer.Text("ttl", Math.Max(1, (int)kept.TotalMinutes).ToString(CultureInfo.InvariantCulture));
        WriteList(
            writer,
            "skipHours",
            "hour",
            [.. rhythm.SkipHours.Select(hour => hour.ToString(CultureInfo.InvariantCulture))]
        );
        WriteList(writer, "skipDays", "day", [.. rhythm.SkipDays.Select(day => day.ToString())]);
    }

    private static void WriteList(FeedXmlWriter writer, string name, string each, IReadOnlyList<string> values)
    {
        if (values.Count == 0)
            return;
        writer.Xml.WriteStartElement(name);
        foreach (var value in values)
            writer.Text(each, value);
        writer.Xml.WriteEndElement();
    }

    // Title and link of the image should be those of the channel (RSS 2.0, image).
    private static void WriteImage(FeedXmlWriter writer, FeedImage image, Feed feed)
    {
        writer.Xml.WriteStartElement("image");
        writer.Text("url", image.Url);
        writer.Xml.WriteElementString("title", XmlSafe.Clean(image.Title ?? feed.Title ?? string.Empty));
        writer.Text("link", image.Link ?? feed.Link);
        writer.Xml.WriteEndElement();
    }
}
