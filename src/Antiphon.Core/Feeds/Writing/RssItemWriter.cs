using System.Globalization;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Writing;

/// <summary>Writes one item of RSS 2.0.</summary>
internal static class RssItemWriter
{
    /// <summary>Writes the item; what RSS has no element for goes into the module that has one.</summary>
    public static void Write(FeedXmlWriter writer, FeedItem item)
    {
        writer.Xml.WriteStartElement("item");
        if (item.Language is not null)
            writer.Xml.WriteAttributeString("xml", "lang", null, item.Language);
        writer.Text("title", item.Title);
        writer.Text("link", item.Link);
        WriteGuid(writer, item);
        if (item.Published is { } date)
            writer.Text("pubDate", RssWriter.Date(date));
        // RSS has one date; a later change stands in the Atom module.
        if (item.Updated is { } updated && updated != item.Published)
            writer.Text("updated", AtomWriter.Date(updated), FeedNamespaces.Atom, "atom");
        foreach (var author in item.Authors)
            WritePerson(writer, author, "author", "creator");
        foreach (var helper in item.Contributors)
            WritePerson(writer, helper, "contributor", null);
        foreach (var category in item.Categories)
            writer.Text("category", category);
        writer.Text("description", item.Summary);
        writer.Text("encoded", item.ContentHtml, FeedNamespaces.Content, "content");
        writer.Text("comments", item.CommentsUrl);
        writer.Text("commentRss", item.CommentsFeed, FeedNamespaces.CommentApi, "wfw");
        writer.Text("rights", item.Copyright, FeedNamespaces.DublinCore, "dc");
        RssWriter.WriteLink(writer, "related", item.ExternalLink == item.Link ? null : item.ExternalLink, null);
        RssWriter.WriteOthers(writer, item.Links, item.Licenses);
        WriteSource(writer, item);
        foreach (var file in item.Enclosures.Where(file => file.Url is not null))
            WriteEnclosure(writer, file);
        ModuleWriter.WriteItem(writer, item);
        ModuleWriter.WriteExtensions(writer, item.Extensions, withOwn: true);
        writer.Xml.WriteEndElement();
    }

    /// <summary>A person: by name for simple readers, and in the Atom module where there is more to say.</summary>
    public static void WritePerson(FeedXmlWriter writer, FeedPerson person, string atomName, string? simpleName)
    {
        if (simpleName is not null)
            writer.Text(
                simpleName,
                person.Name ?? (person.Url is null ? person.Email : null),
                FeedNamespaces.DublinCore,
                "dc"
            );
        if (person.Email is null && person.Url is null && simpleName is not null)
            return;
        writer.Xml.WriteStartElement("atom", atomName, FeedNamespaces.Atom);
        writer.Text("name", person.Name ?? person.Email ?? person.Url, FeedNamespaces.Atom, "atom");
        writer.Text("email", person.Email, FeedNamespaces.Atom, "atom");
        writer.Text("uri", person.Url, FeedNamespaces.Atom, "atom");
        writer.Xml.WriteEndElement();
    }

    private static void WriteGuid(FeedXmlWriter writer, FeedItem item)
    {
        if ((item.Id ?? item.Link) is not { } id)
            return;
        writer.Xml.WriteStartElement("guid");
        if (id != item.Link)
            writer.Attribute("isPermaLink", "false");
        writer.Xml.WriteString(XmlSafe.Clean(id));
        writer.Xml.WriteEndElement();
    }

    private static void WriteSource(FeedXmlWriter writer, FeedItem item)
    {
        if (item.SourceFeed is null)
            return;
        writer.Xml.WriteStartElement("source");
        writer.Attribute("url", item.SourceFeed);
        writer.Xml.WriteString(XmlSafe.Clean(item.Source ?? item.SourceFeed));
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
}
