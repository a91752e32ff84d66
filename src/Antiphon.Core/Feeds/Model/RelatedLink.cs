namespace Antiphon.Core.Feeds.Model;

/// <summary>A link whose relation has no place of its own in the model (RFC 4287 §4.2.7).</summary>
/// <param name="Relation">Name of the relation as registered, such as "via", or the address of one that is not.</param>
/// <param name="Address">Where it leads, absolute where that is known.</param>
/// <param name="Type">Media type as given, or null.</param>
/// <param name="Title">Its title, or null.</param>
/// <param name="Language">Language of what is there (hreflang), or null.</param>
public sealed record RelatedLink(
    string Relation,
    string Address,
    string? Type = null,
    string? Title = null,
    string? Language = null
);
