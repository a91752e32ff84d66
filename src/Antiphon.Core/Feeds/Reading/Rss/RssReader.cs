using System.Xml;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading.Atom;
using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Reading.Modules;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Reading.Rss;

/// <summary>Reads the channel of RSS 0.9x, 1.0 and 2.0; items may stand inside the channel or beside it.</summary>
internal sealed class RssReader
{
    private readonly Feed _feed;
    private Uri? _base;
    private string? _podcastAuthor;
    private string? _podcastSummary;
    private readonly RhythmElements _rhythm = new();
    private string? _atomAlternate;

    private RssReader(Feed feed, Uri? baseAddress) => (_feed, _base) = (feed, baseAddress);

    /// <summary>
    /// Fills the feed as far as the document goes; an <see cref="XmlException"/> leaves what was read before the break.
    /// </summary>
    public static void Fill(XmlReader reader, Feed feed, Uri? address)
    {
        var state = new RssReader(feed, LinkResolver.Narrow(address, reader.GetAttribute("base", FeedNamespaces.Xml)));
        feed.Language = reader.GetAttribute("lang", FeedNamespaces.Xml);
        if (reader.LocalName == "channel")
            state.ReadChannel(reader);
        else
            XmlWalk.Children(reader, state.ReadTop);
    }

    private void ReadTop(XmlReader reader)
    {
        switch (reader.LocalName)
        {
            case "channel":
                ReadChannel(reader);
                break;
            case "item":
                RssItemReader.Read(reader, _base, item => _feed.Items.Add(RssTranslator.Translate(item)));
                break;
            case "image":
                ReadImage(reader);
                break;
            default:
                reader.Skip();
                break;
        }
    }

    private void ReadChannel(XmlReader reader)
    {
        _base = LinkResolver.Narrow(_base, reader.GetAttribute("base", FeedNamespaces.Xml));
        _feed.Language ??= reader.GetAttribute("lang", FeedNamespaces.Xml);
        XmlWalk.Children(reader, ReadChild);
        // What modules say stands in only where the feed's own elements said nothing.
        if (_feed.Authors.Count == 0)
            AddAuthor(_podcastAuthor ?? string.Empty);
        var authors = NamedTwice.LeftOut([.. _feed.Authors]).ToList();
        _feed.Authors.Clear();
        _feed.Authors.AddRange(authors);
        _feed.Description ??= _podcastSummary;
        _feed.Link ??= _atomAlternate;
    }

    private void ReadChild(XmlReader reader)
    {
        switch (FeedNamespaces.Meant(reader.NamespaceURI))
        {
            case "" or FeedNamespaces.Rss10 or FeedNamespaces.Rss090:
                ReadOwn(reader);
                break;
            case FeedNamespaces.Atom or FeedNamespaces.Atom03:
                ReadAtom(reader);
                break;
            case FeedNamespaces.DublinCore:
                ReadDublinCore(reader);
                break;
            case FeedNamespaces.DublinCoreTerms when reader.LocalName == "modified":
                _feed.Updated ??= PublishedDateParser.Parse(XmlText.Read(reader));
                break;
            case FeedNamespaces.Podcast:
                ReadPodcast(reader);
                break;
            case FeedNamespaces.Licence when reader.LocalName == "license":
                if (LinkResolver.Resolve(XmlText.ReadTrimmed(reader), _base) is { } licence)
                    _feed.Licenses.Add(licence);
                break;
            case FeedNamespaces.Syndication:
                _rhythm.ReadModule(reader, _feed.Rhythm);
                break;
            case FeedNamespaces.History:
                ReadHistory(reader);
                break;
            default:
                ForeignElement.Keep(reader, _feed.Extensions);
                break;
        }
    }

    private void ReadOwn(XmlReader reader)
    {
        switch (reader.LocalName)
        {
            case "item" or "image":
                ReadTop(reader);
                break;
            case "title":
                _feed.Title ??= XmlText.ReadTrimmed(reader);
                break;
            case "link" when _feed.Link is null:
                ReadLink(reader);
                break;
            case "description":
                _feed.Description ??= XmlText.ReadTrimmed(reader);
                break;
            case "language":
                _feed.Language ??= XmlText.ReadTrimmed(reader);
                break;
            case "copyright":
                _feed.Copyright ??= XmlText.ReadTrimmed(reader);
                break;
            case "generator":
                _feed.Generator ??= XmlText.ReadTrimmed(reader);
                break;
            case "pubDate":
                _feed.Published ??= PublishedDateParser.Parse(XmlText.Read(reader));
                break;
            case "lastBuildDate":
                _feed.Updated ??= PublishedDateParser.Parse(XmlText.Read(reader));
                break;
            case "managingEditor":
                AddAuthor(XmlText.Read(reader));
                break;
            case "category":
                AddCategory(XmlText.ReadTrimmed(reader));
                break;
            default:
                ReadRest(reader);
                break;
        }
    }

    // Some feeds write the address as Atom does.
    private void ReadLink(XmlReader reader)
    {
        var narrowed = LinkResolver.Narrow(_base, reader.GetAttribute("base", FeedNamespaces.Xml));
        var written = reader.GetAttribute("href");
        _feed.Link = LinkResolver.Resolve(XmlText.ReadTrimmed(reader) ?? written, narrowed);
    }

    private void ReadDublinCore(XmlReader reader)
    {
        switch (reader.LocalName)
        {
            case "creator":
                AddAuthor(XmlText.Read(reader));
                break;
            case "language":
                _feed.Language ??= XmlText.ReadTrimmed(reader);
                break;
            case "rights":
                _feed.Copyright ??= XmlText.ReadTrimmed(reader);
                break;
            case "title":
                _feed.Title ??= XmlText.ReadTrimmed(reader);
                break;
            case "description":
                _feed.Description ??= XmlText.ReadTrimmed(reader);
                break;
            case "subject":
                AddCategory(XmlText.ReadTrimmed(reader));
                break;
            case "date":
                _feed.Updated ??= PublishedDateParser.Parse(XmlText.Read(reader));
                break;
            default:
                reader.Skip();
                break;
        }
    }

    private void ReadRest(XmlReader reader)
    {
        if (RhythmElements.ReadOwn(reader, _feed.Rhythm))
            return;
        // The table of contents of RSS 1.0 says nothing that the items do not say.
        if (reader.LocalName is "items" or "textinput")
            reader.Skip();
        else
            ForeignElement.Keep(reader, _feed.Extensions);
    }

    private void ReadHistory(XmlReader reader)
    {
        PagingLinks.TakeMark(_feed.Paging, reader.LocalName);
        reader.Skip();
    }

    private void ReadAtom(XmlReader reader)
    {
        switch (reader.LocalName)
        {
            case "link":
                ReadAtomLink(reader);
                break;
            case "id":
                _feed.Id ??= XmlText.ReadTrimmed(reader);
                break;
            case "icon":
                _feed.Icon ??= LinkResolver.Resolve(XmlText.Read(reader), _base);
                break;
            case "updated":
                _feed.Updated ??= PublishedDateParser.Parse(XmlText.Read(reader));
                break;
            case "author":
                AtomPerson.AddTo(_feed.Authors, reader, _base);
                break;
            case "contributor":
                AtomPerson.AddTo(_feed.Contributors, reader, _base);
                break;
            default:
                ForeignElement.Keep(reader, _feed.Extensions);
                break;
        }
    }

    private void ReadAtomLink(XmlReader reader)
    {
        var address = LinkResolver.Resolve(reader.GetAttribute("href"), _base);
        switch (reader.GetAttribute("rel"))
        {
            case "self":
                _feed.FeedLink ??= address;
                break;
            case "hub" when address is not null:
                _feed.Hubs.Add(address);
                break;
            case null or "alternate":
                _atomAlternate ??= address;
                break;
            case "license" when address is not null:
                _feed.Licenses.Add(address);
                break;
            case var relation when !PagingLinks.Take(_feed.Paging, relation, address) && address is not null:
                _feed.Links.Add(OtherLink.Of(reader, relation, address));
                break;
        }

        reader.Skip();
    }

    private void ReadPodcast(XmlReader reader)
    {
        switch (reader.LocalName)
        {
            case "image":
                if (LinkResolver.Resolve(reader.GetAttribute("href"), _base) is { } url)
                    _feed.Image ??= new FeedImage(url, null);
                reader.Skip();
                break;
            case "author":
                _podcastAuthor ??= XmlText.ReadTrimmed(reader);
                break;
            case "summary":
                _podcastSummary ??= XmlText.ReadTrimmed(reader);
                break;
            default:
                ForeignElement.Keep(reader, _feed.Extensions);
                break;
        }
    }

    private void ReadImage(XmlReader reader)
    {
        string? url = null,
            title = null,
            link = null;
        // In RSS 1.0 the channel names the image's address, and the image itself stands beside it.
        var named = LinkResolver.Resolve(
            reader.GetAttribute("resource", FeedNamespaces.Rdf) ?? reader.GetAttribute("about", FeedNamespaces.Rdf),
            _base
        );
        var narrowed = LinkResolver.Narrow(_base, reader.GetAttribute("base", FeedNamespaces.Xml));
        XmlWalk.Children(reader, child =>
        {
            if (child.LocalName == "url" && url is null)
                url = LinkResolver.Resolve(
                    XmlText.Read(child),
                    LinkResolver.Narrow(narrowed, child.GetAttribute("base", FeedNamespaces.Xml))
                );
            else if (child.LocalName == "title")
                title ??= XmlText.ReadTrimmed(child);
            else if (child.LocalName == "link")
                link ??= LinkResolver.Resolve(XmlText.ReadTrimmed(child), narrowed);
            else
                child.Skip();
        });
        // What the image beside the channel leaves out is what the channel said of it.
        if ((url ?? _feed.Image?.Url ?? named) is { } address)
            _feed.Image = new FeedImage(address, title ?? _feed.Image?.Title) { Link = link ?? _feed.Image?.Link };
    }

    private void AddAuthor(string text)
    {
        if (PersonParser.Parse(text) is { } person)
            _feed.Authors.Add(person);
    }

    private void AddCategory(string? text)
    {
        if (text is not null)
            _feed.Categories.Add(text);
    }
}
