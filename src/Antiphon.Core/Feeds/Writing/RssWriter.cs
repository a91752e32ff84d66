using System.Globalization;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;

namespace Antiphon.Core.Feeds.Writing;

/// <summary>Writes RSS 2.0 with the content, Dublin Core, Media RSS and Atom link modules.</summary>
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
        xml.WriteAttributeString("xmlns", "media", null, FeedNamespaces.Media);
        xml.WriteStartElement("channel");
        WriteChannel(writer, feed);
        foreach (var item in feed.Items) WriteItem(writer, item);
        xml.WriteEndElement();
        xml.WriteEndElement();
        return writer.Finish();
    }

    /// <summary>RFC 822 with a four-digit year, always in GMT.</summary>
    public static string Date(DateTimeOffset date) => date.UtcDateTime.ToString("ddd, dd MMM yyyy HH:mm:ss 'GMT'", CultureInfo.InvariantCulture);

    private static void WriteChannel(FeedXmlWriter writer, Feed feed)
    {
        writer.Text("title", feed.Title ?? feed.Link);
        writer.Text("link", feed.Link);
        // Required, also when there is nothing to say (RSS 2.0, Required channel elements).
        writer.Xml.WriteElementString("description", XmlSafe.Clean(feed.Description ?? feed.Title ?? string.Empty));
        writer.Text("language", feed.Language);
        writer.Text("copyright", feed.Copyright);
        if (feed.Updated is { } updated) writer.Text("lastBuildDate", Date(updated));
        writer.Text("generator", feed.Generator);
        WriteLink(writer, "self", feed.FeedLink, "application/rss+xml");
        foreach (var hub in feed.Hubs) WriteLink(writer, "hub", hub, null);
    }

    private static void WriteLink(FeedXmlWriter writer, string relation, string? address, string? type)
    {
        if (address is null) return;
        writer.Xml.WriteStartElement("atom", "link", FeedNamespaces.Atom);
        writer.Attribute("rel", relation);
        writer.Attribute("href", address);
        writer.Attribute("type", type);
        writer.Xml.WriteEndElement();
    }

    private static void WriteItem(FeedXmlWriter writer, FeedItem item)
    {
        writer.Xml.WriteStartElement("item");
        writer.Text("title", item.Title);
        writer.Text("link", item.Link);
        WriteGuid(writer, item);
        if (item.Published is { } date) writer.Text("pubDate", Date(date));
        foreach (var author in item.Authors) writer.Text("creator", author.Name ?? author.Email, FeedNamespaces.DublinCore, "dc");
        foreach (var category in item.Categories) writer.Text("category", category);
        writer.Text("description", item.Summary);
        writer.Text("encoded", item.ContentHtml, FeedNamespaces.Content, "content");
        writer.Text("comments", item.CommentsUrl);
        foreach (var file in item.Enclosures.Where(file => file.Url is not null)) WriteEnclosure(writer, file);
        WritePicture(writer, item.Image);
        writer.Xml.WriteEndElement();
    }

    private static void WriteGuid(FeedXmlWriter writer, FeedItem item)
    {
        if ((item.Id ?? item.Link) is not { } id) return;
        writer.Xml.WriteStartElement("guid");
        if (id != item.Link) writer.Attribute("isPermaLink", "false");
        writer.Xml.WriteString(XmlSafe.Clean(id));
        writer.Xml.WriteEndElement();
    }

    private static void WriteEnclosure(FeedXmlWriter writer, FeedEnclosure file)
    {
        writer.Xml.WriteStartElement("enclosure");
        writer.Attribute("url", file.Url);
        writer.Attribute("length", (file.Length ?? 0).ToString(CultureInfo.InvariantCulture));
        writer.Attribute("type", file.Type ?? "application/octet-stream");
        writer.Xml.WriteEndElement();
    }

    private static void WritePicture(FeedXmlWriter writer, string? address)
    {
        if (address is null) return;
        writer.Xml.WriteStartElement("media", "content", FeedNamespaces.Media);
        writer.Attribute("url", address);
        writer.Attribute("medium", "image");
        writer.Xml.WriteEndElement();
    }
}
