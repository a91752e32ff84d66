using System.Xml.Linq;

namespace Antiphon.Core.Channels.Protocols;

/// <summary>An entry as a partner keeps it.</summary>
/// <param name="Id">Its id there.</param>
/// <param name="Canonical">The address it names as the text's own (RFC 6596), or null.</param>
/// <param name="Page">Where people read it, or null.</param>
/// <param name="Edit">Where it is changed (RFC 5023, 11.1), or null.</param>
public sealed record MemberEntry(string? Id, string? Canonical, string? Page, string? Edit)
{
    /// <summary>The entry of a document; null where it is none.</summary>
    /// <param name="bytes">The document.</param>
    /// <param name="address">Where it was read.</param>
    public static MemberEntry? Read(byte[] bytes, Uri address) =>
        AtomPubXml.Read(bytes) is { } root && root.Name == AtomPubXml.Atom + "entry" ? Of(root, address) : null;

    /// <summary>What an element says.</summary>
    internal static MemberEntry Of(XElement entry, Uri address) =>
        new(
            entry.Element(AtomPubXml.Atom + "id")?.Value.Trim(),
            AtomPubXml.Link(entry, "canonical", address)?.AbsoluteUri,
            AtomPubXml.Link(entry, "alternate", address)?.AbsoluteUri,
            AtomPubXml.Link(entry, "edit", address)?.AbsoluteUri
        );
}
