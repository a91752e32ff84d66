using System.Globalization;
using System.Xml;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading.Modules;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Reading.Atom;

/// <summary>The links of a feed or an entry, sorted by relation (RFC 4287 §4.2.7).</summary>
internal sealed class AtomLinks(FeedPaging? paging = null)
{
    public string? Alternate { get; private set; }
    public string? Self { get; private set; }
    public string? Replies { get; private set; }
    public string? ReplyFeed { get; private set; }
    public int? ReplyCount { get; private set; }
    public string? Related { get; private set; }
    public List<string> Hubs { get; } = [];
    public List<FeedEnclosure> Enclosures { get; } = [];

    private List<RelatedLink>? _others;
    private List<string>? _licenses;

    /// <summary>Gives the links that have no place of their own, and the licences.</summary>
    public void GiveOthers(List<RelatedLink> links, List<string> licenses)
    {
        if (_others is not null)
            links.AddRange(_others);
        if (_licenses is not null)
            licenses.AddRange(_licenses);
    }

    /// <summary>
    /// Takes the link element the reader stands on and leaves the reader after it. A missing rel means alternate.
    /// </summary>
    public void Take(XmlReader reader, Uri? baseAddress)
    {
        var narrowed = LinkResolver.Narrow(baseAddress, reader.GetAttribute("base", FeedNamespaces.Xml));
        // An empty reference is the address it is resolved against (RFC 3986 §4.4).
        var address = reader.GetAttribute("href") is { Length: 0 }
            ? narrowed?.AbsoluteUri
            : LinkResolver.Resolve(reader.GetAttribute("href"), narrowed);
        var type = reader.GetAttribute("type");
        var written = reader.GetAttribute("rel");
        switch (Relation(written))
        {
            case "alternate" when IsItself(written, type, address, narrowed):
                Self ??= address;
                break;
            case "alternate" when Alternate is null || type is "text/html":
                Alternate = address;
                break;
            case "self":
                Self ??= address;
                break;
            case "replies" when type is null or "text/html" or "application/xhtml+xml":
                Replies ??= address;
                ReplyCount ??= Count(reader);
                break;
            case "replies":
                ReplyFeed ??= address;
                ReplyCount ??= Count(reader);
                break;
            case "hub" when address is not null:
                Hubs.Add(address);
                break;
            case "related":
                Related ??= address;
                break;
            case "enclosure":
                Enclosures.Add(new FeedEnclosure(address, type, Length(reader)));
                break;
            case "license" when address is not null:
                (_licenses ??= []).Add(address);
                break;
            case var relation when paging is null || !PagingLinks.Take(paging, relation, address):
                AddOther(relation, address, reader);
                break;
        }

        reader.Skip();
    }

    // Without a relation a feed that links to a feed of its own format, or to the very address it stands at, names
    // itself: nothing else is meant by either.
    private bool IsItself(string? relation, string? type, string? address, Uri? baseAddress) =>
        paging is not null
        && string.IsNullOrWhiteSpace(relation)
        && address is not null
        && (
            type?.StartsWith("application/atom+xml", StringComparison.OrdinalIgnoreCase) == true
            || (address == baseAddress?.AbsoluteUri && baseAddress.AbsolutePath != "/")
        );

    // Another form of the page is an alternate as well, told apart by its type.
    private void AddOther(string relation, string? address, XmlReader reader)
    {
        if (address is not null && relation.Length > 0)
            (_others ??= []).Add(OtherLink.Of(reader, relation, address));
    }

    // A relation may be written as the address of its registration (RFC 4287 §4.2.7.2).
    private static string Relation(string? text)
    {
        var relation = string.IsNullOrWhiteSpace(text) ? "alternate" : text.Trim().ToLowerInvariant();
        var slash = relation.StartsWith("http://www.iana.org/assignments/relation", StringComparison.Ordinal)
            ? relation.LastIndexOf('/')
            : -1;
        return relation[(slash + 1)..];
    }

    private static int? Count(XmlReader reader) =>
        int.TryParse(
            reader.GetAttribute("count", FeedNamespaces.Threading),
            NumberStyles.None,
            CultureInfo.InvariantCulture,
            out var count
        )
            ? count
            : null;

    private static long? Length(XmlReader reader) =>
        long.TryParse(reader.GetAttribute("length"), NumberStyles.None, CultureInfo.InvariantCulture, out var bytes)
            ? bytes
            : null;
}
