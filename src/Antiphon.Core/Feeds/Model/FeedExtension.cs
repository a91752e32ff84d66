namespace Antiphon.Core.Feeds.Model;

/// <summary>
/// Something a feed says in words this product does not know. It is kept as it stands and written back where the format
/// allows.
/// </summary>
/// <param name="Namespace">Namespace of an element, empty for one without; null for a member of a JSON Feed.</param>
/// <param name="Name">Local name of the element, or name of the member with its underscore.</param>
/// <param name="Raw">The element as well-formed XML that declares its own namespaces, or the value as JSON.</param>
public sealed record FeedExtension(string? Namespace, string Name, string Raw)
{
    /// <summary>True for a member of a JSON Feed.</summary>
    public bool IsJson => Namespace is null;
}
