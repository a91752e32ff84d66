namespace Antiphon.Server.Posts.Terms;

/// <summary>Everything by which a site's posts are sorted.</summary>
internal sealed record TermsPage(
    IReadOnlyList<CategoryView> Categories,
    IReadOnlyList<TermView> Tags,
    IReadOnlyList<AuthorView> Authors
);

/// <summary>A category.</summary>
/// <param name="Path">The way to it from the top, itself last.</param>
/// <param name="Posts">How many posts are in it, those below it left out.</param>
internal sealed record CategoryView(
    string Name,
    string? Above,
    string? Description,
    IReadOnlyList<string> Path,
    int Posts
);

/// <summary>A tag.</summary>
internal sealed record TermView(string Name, int Posts);

/// <summary>An author.</summary>
/// <param name="Posts">How many posts are by this name.</param>
internal sealed record AuthorView(string Name, string? About, string? Link, string? PictureAddress, int Posts);

/// <summary>What is said about a category.</summary>
internal sealed record CategoryRequest(string Name, string? Above, string? Description);

/// <summary>What is said about an author.</summary>
internal sealed record AuthorRequest(string Name, string? About, string? Link, string? PictureAddress);

/// <summary>Which kind of term.</summary>
internal enum TermKind
{
    /// <summary>Categories.</summary>
    Category,

    /// <summary>Tags.</summary>
    Tag,

    /// <summary>Authors.</summary>
    Author,
}

/// <summary>A new name. A name that is in use already brings both together.</summary>
/// <param name="To">The name; empty takes the term off every post.</param>
internal sealed record RenameRequest(TermKind Kind, string Name, string To);

/// <summary>What a new name did.</summary>
/// <param name="Posts">How many posts changed.</param>
/// <param name="Merged">Whether it brought two together.</param>
internal sealed record RenameResult(int Posts, bool Merged);
