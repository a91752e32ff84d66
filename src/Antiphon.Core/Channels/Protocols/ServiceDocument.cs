namespace Antiphon.Core.Channels.Protocols;

/// <summary>Reads what a site offers to take (RFC 5023, section 8).</summary>
public static class ServiceDocument
{
    /// <summary>Media type of service documents.</summary>
    public const string MediaType = "application/atomsvc+xml";

    private const string Entry = "application/atom+xml";

    /// <summary>
    /// Addresses of the collections that take entries, in their order; null where the document is no service document.
    /// </summary>
    /// <param name="bytes">The document.</param>
    /// <param name="address">Where it was read, after redirects.</param>
    public static IReadOnlyList<Uri>? Collections(byte[] bytes, Uri address)
    {
        var root = AtomPubXml.Read(bytes);
        if (root?.Name != AtomPubXml.App + "service")
            return null;
        return
        [
            .. root.Descendants(AtomPubXml.App + "collection")
                .Where(TakesEntries)
                .Select(element => AtomPubXml.Target(element, address))
                .OfType<Uri>(),
        ];
    }

    // A collection that names no type takes entries; one with an empty name takes nothing (8.3.4).
    private static bool TakesEntries(System.Xml.Linq.XElement collection)
    {
        var accepts = collection.Elements(AtomPubXml.App + "accept").ToList();
        return accepts.Count == 0
            || accepts.Exists(element =>
                element.Value.Trim().StartsWith(Entry, StringComparison.OrdinalIgnoreCase)
                && !element.Value.Contains("type=feed", StringComparison.OrdinalIgnoreCase)
            );
    }
}
