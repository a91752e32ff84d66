using System.Globalization;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Writing;

/// <summary>Writes Atom 1.0 (RFC 4287).</summary>
public static class AtomWriter
{
    /// <summary>The document in UTF-8. The same feed gives the same bytes.</summary>
    public static byte[] Write(Feed feed)
    {
        using var writer = new FeedXmlWriter();
        var xml = writer.Xml;
        xml.WriteStartElement("feed", FeedNamespaces.Atom);
        if (feed.Language is not null)
            xml.WriteAttributeString("xml", "lang", null, feed.Language);
        ModuleWriter.Declare(writer, feed);
        WriteId(writer, feed.Id ?? feed.FeedLink ?? feed.Link);
        Text(writer, "title", feed.Title ?? feed.Link);
        Text(writer, "subtitle", feed.Description);
        Text(
            writer,
            "updated",
            Date(
                feed.Updated
                    ?? feed.Items.Select(item => item.Updated ?? item.Published).Max()
                    ?? DateTimeOffset.UnixEpoch
            )
        );
        Text(writer, "rights", feed.Copyright);
        Text(writer, "generator", feed.Generator);
        WriteLink(writer, "alternate", feed.Link, "text/html");
        WriteLink(writer, "self", feed.FeedLink, "application/atom+xml");
        foreach (var hub in feed.Hubs)
            WriteLink(writer, "hub", hub, null);
        foreach (var (relation, address) in ModuleWriter.PagingLinks(feed.Paging))
            WriteLink(writer, relation, address, null);
        WriteOthers(writer, feed.Links, feed.Licenses);
        Text(writer, "logo", feed.Image?.Url);
        Text(writer, "icon", feed.Icon);
        // Every entry needs an author somewhere (§4.1.1), so a feed that names none is signed with its title.
        WritePeople(
            writer,
            "author",
            feed.Authors.Count > 0 ? feed.Authors : [new FeedPerson(feed.Title ?? feed.Link ?? "unknown", null, null)]
        );
        WritePeople(writer, "contributor", feed.Contributors);
        foreach (var category in feed.Categories)
            WriteCategory(writer, category);
        ModuleWriter.WriteFeed(writer, feed);
        ModuleWriter.WriteExtensions(writer, feed.Extensions, withOwn: false);
        foreach (var item in feed.Items)
            WriteEntry(writer, item);
        xml.WriteEndElement();
        return writer.Finish();
    }

    /// <summary>
    /// One entry as a document of its own (RFC 4287, section 2), with further links, each a relation and an address.
    /// </summary>
    public static byte[] WriteEntry(FeedItem item, params (string Relation, string Address)[] links)
    {
        using var writer = new FeedXmlWriter();
        WriteEntry(writer, item, links);
        return writer.Finish();
    }

    /// <summary>RFC 3339 in UTC to the second.</summary>
    public static string Date(DateTimeOffset date) =>
        date.UtcDateTime.ToString("yyyy-MM-dd'T'HH:mm:ss'Z'", CultureInfo.InvariantCulture);

    private static void WriteEntry(
        FeedXmlWriter writer,
        FeedItem item,
        params ReadOnlySpan<(string Relation, string Address)> links
    )
    {
        writer.Xml.WriteStartElement("entry", FeedNamespaces.Atom);
        if (item.Language is not null)
            writer.Xml.WriteAttributeString("xml", "lang", null, item.Language);
        WriteId(writer, item.Id ?? item.Link);
        if (item.TitleHtml is not null)
            WriteHtml(writer, "title", item.TitleHtml);
        else
            writer.Xml.WriteElementString("title", FeedNamespaces.Atom, XmlSafe.Clean(item.Title ?? string.Empty));
        if (item.Published is { } published)
            Text(writer, "published", Date(published));
        Text(writer, "updated", Date(item.Updated ?? item.Published ?? DateTimeOffset.UnixEpoch));
        WriteLink(writer, "alternate", item.Link, "text/html");
        WriteLink(writer, "replies", item.CommentsUrl, "text/html");
        WriteLink(writer, "replies", item.CommentsFeed, "application/atom+xml");
        WriteLink(writer, "related", item.ExternalLink == item.Link ? null : item.ExternalLink, null);
        foreach (var (relation, address) in links)
            WriteLink(writer, relation, address, null);
        foreach (var file in item.Enclosures)
            WriteLink(writer, "enclosure", file.Url, file.Type, file.Length);
        WriteOthers(writer, item.Links, item.Licenses);
        WritePeople(writer, "author", item.Authors);
        WritePeople(writer, "contributor", item.Contributors);
        foreach (var category in item.Categories)
            WriteCategory(writer, category);
        WriteHtml(writer, "summary", item.Summary);
        WriteHtml(writer, "content", item.ContentHtml);
        Text(writer, "rights", item.Copyright);
        WriteSource(writer, item);
        ModuleWriter.WriteItem(writer, item);
        ModuleWriter.WriteExtensions(writer, item.Extensions, withOwn: false);
        writer.Xml.WriteEndElement();
    }

    // An id is an IRI (§4.2.6). Feeds of other formats have any text there; it is kept beside the name made of it.
    private static void WriteId(FeedXmlWriter writer, string? id)
    {
        if (id is null || AddressForm.Name(id) is not { Rule.Severity: Severity.Error })
        {
            Text(writer, "id", id?.Trim());
            return;
        }

        Text(writer, "id", StableName.Of(id.Trim()));
        writer.Xml.WriteElementString("dc", "identifier", FeedNamespaces.DublinCore, XmlSafe.Clean(id.Trim()));
    }

    private static void Text(FeedXmlWriter writer, string name, string? text) =>
        writer.Text(name, text, FeedNamespaces.Atom);

    private static void WriteHtml(FeedXmlWriter writer, string name, string? html)
    {
        if (string.IsNullOrEmpty(html))
            return;
        writer.Xml.WriteStartElement(name, FeedNamespaces.Atom);
        writer.Attribute("type", "html");
        writer.Xml.WriteString(XmlSafe.Clean(html));
        writer.Xml.WriteEndElement();
    }

    // Where an entry comes from is told by the title and address of its feed (RFC 4287 §4.2.11); an id is asked for as
    // well, and the address is one.
    private static void WriteSource(FeedXmlWriter writer, FeedItem item)
    {
        if (item.Source is null && item.SourceFeed is null)
            return;
        writer.Xml.WriteStartElement("source", FeedNamespaces.Atom);
        Text(writer, "id", item.SourceFeed);
        Text(writer, "title", item.Source);
        WriteLink(writer, "self", item.SourceFeed, null);
        writer.Xml.WriteEndElement();
    }

    private static void WriteLink(
        FeedXmlWriter writer,
        string relation,
        string? address,
        string? type,
        long? length = null
    )
    {
        if (address is null)
            return;
        writer.Xml.WriteStartElement("link", FeedNamespaces.Atom);
        writer.Attribute("rel", relation);
        writer.Attribute("href", address);
        writer.Attribute("type", type);
        writer.Attribute("length", length?.ToString(CultureInfo.InvariantCulture));
        writer.Xml.WriteEndElement();
    }

    private static void WriteOthers(FeedXmlWriter writer, List<RelatedLink> links, List<string> licenses)
    {
        foreach (var licence in licenses)
            WriteLink(writer, "license", licence, null);
        foreach (var link in links)
        {
            writer.Xml.WriteStartElement("link", FeedNamespaces.Atom);
            ModuleWriter.WriteLinkParts(writer, link);
            writer.Xml.WriteEndElement();
        }
    }

    private static void WritePeople(FeedXmlWriter writer, string element, IEnumerable<FeedPerson> people)
    {
        foreach (var person in people)
        {
            writer.Xml.WriteStartElement(element, FeedNamespaces.Atom);
            Text(writer, "name", person.Name ?? person.Email ?? person.Url);
            Text(writer, "email", person.Email);
            Text(writer, "uri", person.Url);
            writer.Xml.WriteEndElement();
        }
    }

    private static void WriteCategory(FeedXmlWriter writer, string category)
    {
        writer.Xml.WriteStartElement("category", FeedNamespaces.Atom);
        writer.Attribute("term", category);
        writer.Xml.WriteEndElement();
    }
}
