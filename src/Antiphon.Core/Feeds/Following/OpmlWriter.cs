using Antiphon.Core.Feeds.Writing;

namespace Antiphon.Core.Feeds.Following;

/// <summary>Writes lists of subscriptions (OPML 2.0).</summary>
public static class OpmlWriter
{
    /// <summary>The list in UTF-8; feeds of one folder stand together. The same list gives the same bytes.</summary>
    public static byte[] Write(string title, IReadOnlyList<OpmlOutline> feeds)
    {
        using var writer = new FeedXmlWriter();
        writer.Xml.WriteStartElement("opml");
        writer.Attribute("version", "2.0");
        writer.Xml.WriteStartElement("head");
        writer.Text("title", title);
        writer.Xml.WriteEndElement();
        writer.Xml.WriteStartElement("body");
        foreach (var folder in feeds.GroupBy(feed => feed.Folder))
            WriteFolder(writer, folder.Key, folder);
        writer.Xml.WriteEndElement();
        writer.Xml.WriteEndElement();
        return writer.Finish();
    }

    private static void WriteFolder(FeedXmlWriter writer, string? name, IEnumerable<OpmlOutline> feeds)
    {
        if (name is not null)
        {
            writer.Xml.WriteStartElement("outline");
            writer.Attribute("text", name);
        }

        foreach (var feed in feeds)
            WriteFeed(writer, feed);
        if (name is not null)
            writer.Xml.WriteEndElement();
    }

    // type and text are asked for (OPML 2.0, Subscription lists); title says the same to older programs.
    private static void WriteFeed(FeedXmlWriter writer, OpmlOutline feed)
    {
        writer.Xml.WriteStartElement("outline");
        writer.Attribute("type", "rss");
        writer.Attribute("text", feed.Title);
        writer.Attribute("title", feed.Title);
        writer.Attribute("xmlUrl", feed.FeedAddress);
        writer.Attribute("htmlUrl", feed.PageAddress);
        writer.Xml.WriteEndElement();
    }
}
