using System.Xml;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading.Modules.Extensions;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Reading.Modules;

/// <summary>What modules say of one entry, the same for every XML format.</summary>
internal sealed class EntryModules
{
    private readonly List<FeedExtension> _extensions = [];
    private MediaElements? _media;
    private List<FeedReply>? _replies;
    private List<FeedPerson>? _contributors;
    private FeedPlace? _place;
    private string? _latitude;
    private string? _longitude;
    private string? _commentsFeed;
    private int? _commentCount;
    private string? _rights;
    private string? _language;

    /// <summary>The picture Media RSS gives the entry, or null.</summary>
    public string? Picture => _media?.Picture();

    /// <summary>
    /// Reads an element of a module that is known here, keeps any other element of another namespace, and leaves the
    /// reader after it.
    /// </summary>
    public void Read(XmlReader reader, Uri? baseAddress)
    {
        switch (FeedNamespaces.Meant(reader.NamespaceURI))
        {
            case FeedNamespaces.Media when MediaElements.Knows(reader.LocalName):
                (_media ??= new()).Read(reader, baseAddress);
                break;
            case FeedNamespaces.CommentApi when reader.LocalName is "commentRss" or "commentRSS":
                _commentsFeed ??= LinkResolver.Resolve(XmlText.Read(reader), baseAddress);
                break;
            case FeedNamespaces.Slash when reader.LocalName == "comments":
                _commentCount ??= WholeNumber.Parse(XmlText.Read(reader));
                break;
            case FeedNamespaces.Threading when reader.LocalName == "total":
                _commentCount ??= WholeNumber.Parse(XmlText.Read(reader));
                break;
            case FeedNamespaces.Threading when reader.LocalName == "in-reply-to":
                AddReply(reader, baseAddress);
                break;
            case FeedNamespaces.GeoRss when reader.LocalName == "point":
                _place ??= PlaceParser.Parse(XmlText.Read(reader));
                break;
            case FeedNamespaces.GeoRss when reader.LocalName == "where":
                ReadWhere(reader);
                break;
            case FeedNamespaces.Wgs84 when reader.LocalName == "Point":
                XmlWalk.Children(reader, child => Read(child, baseAddress));
                break;
            case FeedNamespaces.Wgs84 when reader.LocalName == "lat":
                _latitude ??= XmlText.ReadTrimmed(reader);
                break;
            case FeedNamespaces.Wgs84 when reader.LocalName is "long" or "lon":
                _longitude ??= XmlText.ReadTrimmed(reader);
                break;
            case FeedNamespaces.DublinCore when reader.LocalName == "rights":
                _rights ??= XmlText.ReadTrimmed(reader);
                break;
            case FeedNamespaces.DublinCore when reader.LocalName == "language":
                _language ??= XmlText.ReadTrimmed(reader);
                break;
            case FeedNamespaces.DublinCore when reader.LocalName == "contributor":
                AddContributor(reader);
                break;
            default:
                ForeignElement.Keep(reader, _extensions);
                break;
        }
    }

    /// <summary>Gives the entry what was found, where its own format did not say it.</summary>
    public void ApplyTo(FeedItem item)
    {
        item.CommentsFeed ??= _commentsFeed;
        item.CommentCount ??= _commentCount;
        item.Copyright ??= _rights;
        item.Language ??= _language;
        item.Place ??= _place ?? PlaceParser.Of(_latitude, _longitude);
        if (_media is not null)
            item.Media.AddRange(_media.Found());
        if (_replies is not null)
            item.RepliesTo.AddRange(_replies);
        if (_contributors is not null)
            item.Contributors.AddRange(_contributors);
        if (_extensions.Count > 0)
            item.Extensions.AddRange(_extensions);
    }

    // A point is one however it is written; lines and areas are kept as they are.
    private void ReadWhere(XmlReader reader)
    {
        var kept = new List<FeedExtension>();
        ForeignElement.Keep(reader, kept);
        if (AreaReader.PointIn(kept) is { } point)
            _place ??= point;
        else
            _extensions.AddRange(kept);
    }

    private void AddReply(XmlReader reader, Uri? baseAddress)
    {
        var link = LinkResolver.Resolve(reader.GetAttribute("href"), baseAddress);
        // The identifier is required (RFC 4685 §3); where it was left out the page serves.
        if ((reader.GetAttribute("ref") ?? link) is { } reference)
            (_replies ??= []).Add(new FeedReply(reference, link));
        reader.Skip();
    }

    private void AddContributor(XmlReader reader)
    {
        if (PersonParser.Parse(XmlText.Read(reader)) is { } person)
            (_contributors ??= []).Add(person);
    }
}
