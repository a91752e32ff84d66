namespace Antiphon.Core.Channels.Protocols;

/// <summary>A page of what a collection holds (RFC 5023, section 10).</summary>
/// <param name="Members">Its entries, in their order.</param>
/// <param name="Next">Where the next page is, or null.</param>
public sealed record CollectionPage(IReadOnlyList<MemberEntry> Members, Uri? Next)
{
    /// <summary>Reads one; null where the document is no feed.</summary>
    /// <param name="bytes">The document.</param>
    /// <param name="address">Where it was read, after redirects.</param>
    public static CollectionPage? Read(byte[] bytes, Uri address)
    {
        var root = AtomPubXml.Read(bytes);
        if (root?.Name != AtomPubXml.Atom + "feed")
            return null;
        return new CollectionPage(
            [.. root.Elements(AtomPubXml.Atom + "entry").Select(entry => MemberEntry.Of(entry, address))],
            AtomPubXml.Link(root, "next", address)
        );
    }

    /// <summary>The entry that is known by an id, or names an address as its own; null where none does.</summary>
    public MemberEntry? Find(string id, string canonical) =>
        Members.FirstOrDefault(entry => entry.Canonical == canonical || entry.Id == id);
}
