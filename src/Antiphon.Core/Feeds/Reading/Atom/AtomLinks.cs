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

    /// <summary>
    /// Takes the link element the reader stands on and leaves the reader after it. A missing rel means alternate.
    /// </summary>
    public void Take(XmlReader reader, Uri? baseAddress)
    {
        var narrowed = LinkResolver.Narrow(baseAddress, reader.GetAttribute("base", FeedNamespaces.Xml));
        var address = LinkResolver.Resolve(reader.GetAttribute("href"), narrowed);
        var type = reader.GetAttribute("type");
        switch (Relation(reader.GetAttribute("rel")))
        {
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
            case var relation when paging is not null:
                PagingLinks.Take(paging, relation, address);
                break;
        }

        reader.Skip();
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
