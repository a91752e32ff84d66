using System.Globalization;
using System.Xml;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading.Atom;
using Antiphon.Core.Feeds.Reading.Modules;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Reading.Rss;

/// <summary>Reads one item element into the faithful model.</summary>
internal static class RssItemReader
{
    /// <summary>
    /// Reads the item the reader stands on, gives it to <paramref name="take"/> once it is whole, and leaves the reader
    /// after it.
    /// </summary>
    public static void Read(XmlReader reader, Uri? baseAddress, Action<RssItem> take)
    {
        var item = new RssItem
        {
            Base = LinkResolver.Narrow(baseAddress, reader.GetAttribute("base", FeedNamespaces.Xml)),
            About = reader.GetAttribute("about", FeedNamespaces.Rdf),
            Language =
                reader.XmlLang is { Length: > 0 } language
                && reader.GetAttribute("lang", FeedNamespaces.Xml) is not null
                    ? language
                    : null,
        };
        XmlWalk.Children(reader, child => ReadChild(child, item), () => take(item));
    }

    private static void ReadChild(XmlReader reader, RssItem item)
    {
        switch (FeedNamespaces.Meant(reader.NamespaceURI))
        {
            case "" or FeedNamespaces.Rss10 or FeedNamespaces.Rss090:
                ReadOwn(reader, item);
                break;
            case FeedNamespaces.Content when reader.LocalName == "encoded" && item.ContentEncoded.IsNone:
                item.ContentEncoded = ReadText(reader, item);
                break;
            case FeedNamespaces.Xhtml when reader.LocalName is "body" or "div":
                item.XhtmlBody ??= XhtmlText.Read(reader, item.Base);
                break;
            case FeedNamespaces.DublinCore:
                ReadDublinCore(reader, item);
                break;
            case FeedNamespaces.DublinCoreTerms:
                ReadTerms(reader, item);
                break;
            case FeedNamespaces.Atom or FeedNamespaces.Atom03:
                ReadAtom(reader, item);
                break;
            case FeedNamespaces.Podcast:
                ReadPodcast(reader, item);
                break;
            case FeedNamespaces.Licence when reader.LocalName == "license":
                if (LinkResolver.Resolve(XmlText.ReadTrimmed(reader), item.Base) is { } licence)
                    item.Licenses.Add(licence);
                break;
            default:
                item.Modules.Read(reader, item.Base);
                break;
        }
    }

    private static void ReadOwn(XmlReader reader, RssItem item)
    {
        switch (reader.LocalName)
        {
            case "title":
                item.Title ??= XmlText.ReadTrimmed(reader);
                break;
            case "link" when item.Link is null:
                ReadLink(reader, item);
                break;
            case "description" when item.Description.IsNone:
                item.Description = ReadText(reader, item);
                break;
            case "pubDate" or "pubdate":
                item.PubDate ??= XmlText.ReadTrimmed(reader);
                break;
            case "comments":
                item.Comments ??= XmlText.ReadTrimmed(reader);
                break;
            case "source":
                item.SourceFeed ??= reader.GetAttribute("url");
                item.Source ??= XmlText.ReadTrimmed(reader);
                break;
            case "author":
                AddText(reader, item.Authors);
                break;
            case "category":
                AddText(reader, item.Categories);
                break;
            case "guid":
                ReadGuid(reader, item);
                break;
            case "enclosure":
                ReadEnclosure(reader, item);
                break;
            default:
                item.Modules.Read(reader, item.Base);
                break;
        }
    }

    // Some feeds write the address as Atom does.
    private static void ReadLink(XmlReader reader, RssItem item)
    {
        item.LinkBase = reader.HasAttributes
            ? LinkResolver.Narrow(item.Base, reader.GetAttribute("base", FeedNamespaces.Xml))
            : item.Base;
        var written = reader.HasAttributes ? reader.GetAttribute("href") : null;
        item.Link = XmlText.ReadTrimmed(reader) ?? written;
    }

    /// <summary>A text that may be HTML; an xml:base on it counts for the addresses in it.</summary>
    private static LateText ReadText(XmlReader reader, RssItem item)
    {
        var narrowed = reader.HasAttributes
            ? LinkResolver.Narrow(item.Base, reader.GetAttribute("base", FeedNamespaces.Xml))
            : item.Base;
        return HtmlAddresses.Late(XmlText.ReadTrimmed(reader), narrowed);
    }

    private static void ReadGuid(XmlReader reader, RssItem item)
    {
        if (item.Guid is not null)
            return;
        item.GuidIsPermaLink = !string.Equals(
            reader.GetAttribute("isPermaLink"),
            "false",
            StringComparison.OrdinalIgnoreCase
        );
        item.Guid = XmlText.ReadTrimmed(reader);
    }

    private static void ReadEnclosure(XmlReader reader, RssItem item)
    {
        var length = long.TryParse(
            reader.GetAttribute("length"),
            NumberStyles.None,
            CultureInfo.InvariantCulture,
            out var bytes
        )
            ? bytes
            : (long?)null;
        item.Enclosures.Add(new FeedEnclosure(reader.GetAttribute("url"), reader.GetAttribute("type"), length));
        reader.Skip();
    }

    private static void ReadDublinCore(XmlReader reader, RssItem item)
    {
        switch (reader.LocalName)
        {
            case "creator":
                AddText(reader, item.Creators);
                break;
            case "subject":
                AddText(reader, item.Categories);
                break;
            case "title":
                item.DublinCoreTitle ??= XmlText.ReadTrimmed(reader);
                break;
            case "description":
                item.DublinCoreDescription ??= XmlText.ReadTrimmed(reader);
                break;
            case "date":
                item.DublinCoreDate ??= XmlText.ReadTrimmed(reader);
                break;
            default:
                item.Modules.Read(reader, item.Base);
                break;
        }
    }

    private static void ReadTerms(XmlReader reader, RssItem item)
    {
        switch (reader.LocalName)
        {
            case "issued" or "created":
                item.TermsIssued ??= XmlText.ReadTrimmed(reader);
                break;
            case "modified":
                item.TermsModified ??= XmlText.ReadTrimmed(reader);
                break;
            default:
                item.Modules.Read(reader, item.Base);
                break;
        }
    }

    private static void ReadAtom(XmlReader reader, RssItem item)
    {
        switch (reader.LocalName)
        {
            case "updated" or "modified":
                item.AtomUpdated ??= XmlText.ReadTrimmed(reader);
                break;
            case "published" or "issued":
                item.AtomPublished ??= XmlText.ReadTrimmed(reader);
                break;
            case "summary" when item.AtomSummary.IsNone:
                item.AtomSummary = AtomText.ReadLate(reader, item.Base);
                break;
            case "content" when item.AtomContent.IsNone:
                item.AtomContent = AtomText.ReadLate(reader, item.Base);
                break;
            case "author":
                AtomPerson.AddTo(item.AtomAuthors, reader, item.Base);
                break;
            case "contributor":
                AtomPerson.AddTo(item.AtomContributors, reader, item.Base);
                break;
            case "rights":
                item.AtomRights ??= AtomText.ReadPlain(reader);
                break;
            case "link":
                ReadAtomLink(reader, item);
                break;
            default:
                item.Modules.Read(reader, item.Base);
                break;
        }
    }

    private static void ReadAtomLink(XmlReader reader, RssItem item)
    {
        var address = reader.GetAttribute("href");
        if (reader.GetAttribute("rel") is null or "alternate")
            item.AtomLink ??= address;
        else if (reader.GetAttribute("rel") == "related")
            item.AtomRelated ??= address;
        else if (reader.GetAttribute("rel") == "replies")
            item.AtomReplies ??= address;
        else if (LinkResolver.Resolve(address, item.Base) is { } resolved)
            AddOther(reader, item, resolved);
        reader.Skip();
    }

    private static void AddOther(XmlReader reader, RssItem item, string address)
    {
        var relation = reader.GetAttribute("rel")!;
        if (relation == "license")
            item.Licenses.Add(address);
        else if (relation.Length > 0)
            item.AtomLinks.Add(OtherLink.Of(reader, relation, address));
    }

    private static void ReadPodcast(XmlReader reader, RssItem item)
    {
        if (reader.LocalName == "image")
            item.PodcastPicture ??= reader.GetAttribute("href");
        if (reader.LocalName == "author")
            AddText(reader, item.Creators);
        else if (reader.LocalName == "summary")
            item.PodcastSummary ??= XmlText.ReadTrimmed(reader);
        else
            item.Modules.Read(reader, item.Base);
    }

    private static void AddText(XmlReader reader, List<string> list)
    {
        if (XmlText.ReadTrimmed(reader) is { } text)
            list.Add(text);
    }
}
