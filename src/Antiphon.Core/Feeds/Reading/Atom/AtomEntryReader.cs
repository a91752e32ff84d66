using System.Xml;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Reading.Modules;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Html;

namespace Antiphon.Core.Feeds.Reading.Atom;

/// <summary>Reads one Atom entry.</summary>
internal static class AtomEntryReader
{
    /// <summary>
    /// Reads the entry the reader stands on, gives it to <paramref name="take"/> once it is whole, and leaves the
    /// reader after it.
    /// </summary>
    public static void Read(XmlReader reader, Uri? baseAddress, Action<FeedItem> take)
    {
        var narrowed = LinkResolver.Narrow(baseAddress, reader.GetAttribute("base", FeedNamespaces.Xml));
        var item = new FeedItem { Language = reader.GetAttribute("lang", FeedNamespaces.Xml) };
        var (links, modules) = (new AtomLinks(), new EntryModules());
        var parts = new EntryParts(links, modules, narrowed);
        XmlWalk.Children(reader, child => ReadChild(child, item, parts), Complete);

        void Complete()
        {
            item.Link = links.Alternate ?? item.Link;
            item.CommentsUrl = links.Replies;
            item.CommentsFeed = links.ReplyFeed;
            item.CommentCount ??= links.ReplyCount;
            item.Enclosures.AddRange(links.Enclosures);
            item.ExternalLink = links.Related;
            links.GiveOthers(item.Links, item.Licenses);
            modules.ApplyTo(item);
            if (modules.Picture is { } picture)
                item.Image = picture;
            else
                item.FindImage(Picture, narrowed);
            take(item);
        }
    }

    private static void ReadChild(XmlReader reader, FeedItem item, EntryParts parts)
    {
        if (!FeedNamespaces.IsAtom(reader.NamespaceURI))
        {
            ReadForeign(reader, item, parts);
            return;
        }

        var baseAddress = parts.Base;
        switch (reader.LocalName)
        {
            case "link":
                parts.Links.Take(reader, baseAddress);
                break;
            case "id":
                item.Id ??= XmlText.ReadTrimmed(reader);
                break;
            case "title" when item.Title is null:
                (item.Title, item.TitleHtml) = AtomText.ReadTitle(reader, baseAddress);
                break;
            case "summary" when !item.HasSummary:
                item.SetSummary(AtomText.ReadLate(reader, baseAddress));
                break;
            case "content":
                ReadContent(reader, item, baseAddress);
                break;
            // Atom 0.3 had issued, created and modified.
            case "published" or "issued":
                item.Published = PublishedDateParser.Parse(XmlText.Read(reader)) ?? item.Published;
                break;
            case "created":
                item.Published ??= PublishedDateParser.Parse(XmlText.Read(reader));
                break;
            case "updated" or "modified":
                item.Updated ??= PublishedDateParser.Parse(XmlText.Read(reader));
                break;
            case "author":
                AtomPerson.AddTo(item.Authors, reader, baseAddress);
                break;
            case "contributor":
                AtomPerson.AddTo(item.Contributors, reader, baseAddress);
                break;
            case "rights" or "copyright":
                item.Copyright ??= AtomText.ReadPlain(reader);
                break;
            case "category":
                AtomCategory.AddTo(item.Categories, reader);
                break;
            case "source":
                ReadSource(reader, item, baseAddress);
                break;
            default:
                ReadForeign(reader, item, parts);
                break;
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

        // Several forms of one text (Atom 0.3, multipart/alternative): the first that is there.
        if (reader.GetAttribute("type")?.StartsWith("multipart/", StringComparison.OrdinalIgnoreCase) == true)
        {
            XmlWalk.Children(reader, child => ReadContent(child, item, baseAddress));
            return;
        }

        if (!item.HasContent)
            item.SetContent(AtomText.ReadLate(reader, baseAddress));
    }

    private static void ReadSource(XmlReader reader, FeedItem item, Uri? baseAddress)
    {
        var links = new AtomLinks();
        string? id = null;
        XmlWalk.Children(reader, child =>
        {
            if (child.LocalName == "title")
                item.Source ??= AtomText.ReadPlain(child);
            else if (child.LocalName == "link")
                links.Take(child, baseAddress);
            else if (child.LocalName == "id")
                id ??= XmlText.ReadTrimmed(child);
            else
                child.Skip();
        });
        // An id that is the address of a feed names it as well as a link does (§4.2.11).
        item.SourceFeed ??= links.Self ?? links.Alternate ?? (LinkResolver.IsWeb(id) ? id : null);
    }

    private static void ReadForeign(XmlReader reader, FeedItem item, EntryParts parts)
    {
        switch (FeedNamespaces.Meant(reader.NamespaceURI))
        {
            case FeedNamespaces.DublinCore when reader.LocalName == "creator":
                AddCreator(reader, item);
                break;
            case FeedNamespaces.DublinCore when reader.LocalName == "date":
                item.Published ??= PublishedDateParser.Parse(XmlText.Read(reader));
                break;
            case FeedNamespaces.DublinCore when reader.LocalName == "subject":
                AddSubject(reader, item);
                break;
            default:
                parts.Modules.Read(reader, parts.Base);
                break;
        }
    }

    private static void AddCreator(XmlReader reader, FeedItem item)
    {
        if (PersonParser.Parse(XmlText.Read(reader)) is { } person)
            item.Authors.Add(person);
    }

    private static void AddSubject(XmlReader reader, FeedItem item)
    {
        if (XmlText.ReadTrimmed(reader) is { } subject && !item.Categories.Contains(subject))
            item.Categories.Add(subject);
    }

    private static string? Picture(FeedItem item, Uri? baseAddress)
    {
        var enclosed = item
            .Enclosures.FirstOrDefault(file =>
                file.Type?.StartsWith("image/", StringComparison.OrdinalIgnoreCase) == true
            )
            ?.Url;
        return LinkResolver.Resolve(
            enclosed ?? FirstPicture.In(item.ContentHtml)?.Url ?? FirstPicture.In(item.Summary)?.Url,
            baseAddress
        );
    }

    /// <summary>What is gathered on the way through an entry.</summary>
    private sealed record EntryParts(AtomLinks Links, EntryModules Modules, Uri? Base);
}
