using System.Xml;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Reading.Modules;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Reading.Atom;

/// <summary>Reads feed and entry documents of Atom 1.0 (RFC 4287) and 0.3.</summary>
internal sealed class AtomReader
{
    private readonly Feed _feed;
    private readonly Uri? _base;
    private readonly AtomLinks _links;
    private readonly RhythmElements _rhythm = new();

    private AtomReader(Feed feed, Uri? baseAddress) =>
        (_feed, _base, _links) = (feed, baseAddress, new AtomLinks(feed.Paging));

    /// <summary>Fills the feed as far as the document goes; an entry document becomes a feed with one entry.</summary>
    public static void Fill(XmlReader reader, Feed feed, Uri? address)
    {
        if (reader.LocalName == "entry")
        {
            AtomEntryReader.Read(reader, address, feed.Items.Add);
            return;
        }

        var state = new AtomReader(feed, LinkResolver.Narrow(address, reader.GetAttribute("base", FeedNamespaces.Xml)));
        feed.Language = reader.GetAttribute("lang", FeedNamespaces.Xml);
        try
        {
            XmlWalk.Children(reader, state.ReadChild);
        }
        finally
        {
            state.TakeLinks();
        }
    }

    private void TakeLinks()
    {
        _feed.Link = _links.Alternate;
        _feed.FeedLink = _links.Self;
        _feed.Hubs.AddRange(_links.Hubs);
        _links.GiveOthers(_feed.Links, _feed.Licenses);
    }

    private void ReadChild(XmlReader reader)
    {
        if (!FeedNamespaces.IsAtom(reader.NamespaceURI))
        {
            ReadModule(reader);
            return;
        }

        switch (reader.LocalName)
        {
            case "entry":
                AtomEntryReader.Read(reader, _base, _feed.Items.Add);
                break;
            case "link":
                _links.Take(reader, _base);
                break;
            case "id":
                _feed.Id ??= XmlText.ReadTrimmed(reader);
                break;
            case "title":
                _feed.Title ??= AtomText.ReadPlain(reader);
                break;
            // Atom 0.3 had tagline, copyright and modified.
            case "subtitle" or "tagline":
                _feed.Description ??= AtomText.ReadPlain(reader);
                break;
            case "rights" or "copyright":
                _feed.Copyright ??= AtomText.ReadPlain(reader);
                break;
            case "generator":
                _feed.Generator ??= XmlText.ReadTrimmed(reader);
                break;
            case "updated" or "modified":
                _feed.Updated ??= PublishedDateParser.Parse(XmlText.Read(reader));
                break;
            case "icon" when _feed.Icon is null:
                _feed.Icon = ReadAddress(reader);
                break;
            case "logo" when _feed.Image is null:
                _feed.Image = new FeedImage(ReadAddress(reader), null);
                break;
            case "author":
                AtomPerson.AddTo(_feed.Authors, reader, _base);
                break;
            case "contributor":
                AtomPerson.AddTo(_feed.Contributors, reader, _base);
                break;
            case "category":
                AtomCategory.AddTo(_feed.Categories, reader);
                break;
            default:
                reader.Skip();
                break;
        }
    }

    private void ReadModule(XmlReader reader)
    {
        switch (FeedNamespaces.Meant(reader.NamespaceURI))
        {
            case FeedNamespaces.Syndication:
                _rhythm.ReadModule(reader, _feed.Rhythm);
                break;
            case FeedNamespaces.History:
                PagingLinks.TakeMark(_feed.Paging, reader.LocalName);
                reader.Skip();
                break;
            default:
                ForeignElement.Keep(reader, _feed.Extensions);
                break;
        }
    }

    private string? ReadAddress(XmlReader reader)
    {
        var narrowed = LinkResolver.Narrow(_base, reader.GetAttribute("base", FeedNamespaces.Xml));
        return LinkResolver.Resolve(XmlText.Read(reader), narrowed);
    }
}
