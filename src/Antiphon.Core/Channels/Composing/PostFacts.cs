namespace Antiphon.Core.Channels.Composing;

/// <summary>What a channel can say of a post.</summary>
/// <param name="Title">Title.</param>
/// <param name="Excerpt">Short text; empty for none.</param>
/// <param name="Link">Address.</param>
/// <param name="Author">Author, or null.</param>
/// <param name="Category">First category, or null.</param>
/// <param name="Tags">Tags.</param>
/// <param name="Date">Date as readers of the site read it.</param>
/// <param name="Blog">Name of the blog.</param>
/// <param name="Site">Name of the site.</param>
public sealed record PostFacts(
    string Title,
    string Excerpt,
    string Link,
    string? Author,
    string? Category,
    IReadOnlyList<string> Tags,
    string Date,
    string Blog,
    string Site
);
