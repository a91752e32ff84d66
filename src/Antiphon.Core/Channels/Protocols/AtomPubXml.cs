using System.Xml;
using System.Xml.Linq;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Channels.Protocols;

/// <summary>Opens documents of partners: no document type, no entity, bounded by who fetched them.</summary>
internal static class AtomPubXml
{
    /// <summary>Namespace of service documents (RFC 5023, 8.1).</summary>
    public static readonly XNamespace App = "http://www.w3.org/2007/app";

    /// <summary>Namespace of feeds and entries (RFC 4287).</summary>
    public static readonly XNamespace Atom = FeedNamespaces.Atom;

    /// <summary>The root; null where the bytes are no XML.</summary>
    public static XElement? Read(byte[] bytes)
    {
        try
        {
            using var reader = XmlReader.Create(
                new MemoryStream(bytes),
                new XmlReaderSettings { DtdProcessing = DtdProcessing.Prohibit, XmlResolver = null }
            );
            return XDocument.Load(reader).Root;
        }
        catch (XmlException)
        {
            return null;
        }
    }

    /// <summary>
    /// Where a link of an element leads; null where there is none. A link without relation is an alternate one (RFC
    /// 4287, 4.2.7.2).
    /// </summary>
    public static Uri? Link(XElement of, string relation, Uri address) =>
        of.Elements(Atom + "link").FirstOrDefault(link => ((string?)link.Attribute("rel") ?? "alternate") == relation)
            is { } found
            ? Target(found, address)
            : null;

    /// <summary>
    /// Where the href of an element leads, resolved against the bases around it (XML Base) and where the document was
    /// read; null where it leads to no web address.
    /// </summary>
    public static Uri? Target(XElement of, Uri read) =>
        LinkResolver.Web(
            of.AncestorsAndSelf()
                .Reverse()
                .Aggregate(read, (outer, around) =>
                    LinkResolver.Narrow(outer, around.Attribute(XNamespace.Xml + "base")?.Value)!
                ),
            of.Attribute("href")?.Value
        );
}
