using System.Xml;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Html;

namespace Antiphon.Core.Feeds.Reading.Atom;

/// <summary>Reads one Atom entry.</summary>
internal static class AtomEntryReader
{
    /// <summary>Reads the entry the reader stands on, gives it to <paramref name="take"/> once it is whole, and leaves the reader after it.</summary>
    public static void Read(XmlReader reader, Uri? baseAddress, Action<FeedItem> take)
    {
        var narrowed = LinkResolver.Narrow(baseAddress, reader.GetAttribute("base", FeedNamespaces.Xml));
        var item = new FeedItem();
        var links = new AtomLinks();
        XmlWalk.Children(reader, child => ReadChild(child, item, links, narrowed), Complete);

        void Complete()
        {
            item.Link = links.Alternate ?? item.Link;
            item.CommentsUrl = links.Replies;
            item.Enclosures.AddRange(links.Enclosures);
            item.Image ??= Picture(item, narrowed);
            take(item);
        }
    }

    private static void ReadChild(XmlReader reader, FeedItem item, AtomLinks links, Uri? baseAddress)
    {
        switch (reader.LocalName)
        {
            case "link": links.Take(reader, baseAddress); break;
            case "id": item.Id ??= XmlText.ReadTrimmed(reader); break;
            case "title": item.Title ??= AtomText.ReadPlain(reader); break;
            case "summary": item.Summary ??= AtomText.ReadHtml(reader); break;
            case "content": ReadContent(reader, item, baseAddress); break;
            case "published": item.Published ??= PublishedDateParser.Parse(XmlText.Read(reader)); break;
            case "updated": item.Updated ??= PublishedDateParser.Parse(XmlText.Read(reader)); break;
            case "author": AtomPerson.AddTo(item.Authors, reader, baseAddress); break;
            case "category": AtomCategory.AddTo(item.Categories, reader); break;
            case "source": ReadSource(reader, item); break;
            default: ReadForeign(reader, item, baseAddress); break;
        }
    }

    private static void ReadContent(XmlReader reader, FeedItem item, Uri? baseAddress)
    {
        // Content kept elsewhere (RFC 4287 §4.1.3.2) makes its address the entry's link when there is no other.
        if (reader.GetAttribute("src") is { } source)
        {
            item.Link ??= LinkResolver.Resolve(source, baseAddress);
            reader.Skip();
            return;
        }

        item.ContentHtml ??= AtomText.ReadHtml(reader);
    }

    private static void ReadSource(XmlReader reader, FeedItem item) => XmlWalk.Children(reader, child =>
    {
        if (child.LocalName == "title") item.Source ??= AtomText.ReadPlain(child);
        else child.Skip();
    });

    private static void ReadForeign(XmlReader reader, FeedItem item, Uri? baseAddress)
    {
        if (reader.NamespaceURI == FeedNamespaces.Media && reader.LocalName is "thumbnail")
        {
            item.Image ??= LinkResolver.Resolve(reader.GetAttribute("url"), baseAddress);
        }

        reader.Skip();
    }

    private static string? Picture(FeedItem item, Uri? baseAddress)
    {
        var enclosed = item.Enclosures.FirstOrDefault(file => file.Type?.StartsWith("image/", StringComparison.OrdinalIgnoreCase) == true)?.Url;
        return LinkResolver.Resolve(enclosed ?? FirstPicture.In(item.ContentHtml)?.Url ?? FirstPicture.In(item.Summary)?.Url, baseAddress);
    }
}
