using Antiphon.Core.Posts.Fields;

namespace Antiphon.Core.Posts;

/// <summary>
/// What is written in a post and said about it: everything a person, an import or a followed feed can give it,
/// whichever way it comes. Where it stands, its dates and its address are not content.
/// </summary>
public sealed record PostContent
{
    /// <summary>Title, without spaces around it.</summary>
    public required string Title { get; init; }

    /// <summary>Body as cleaned HTML.</summary>
    public required string BodyHtml { get; init; }

    /// <summary>Own short text, or null for the beginning of the body.</summary>
    public string? Excerpt { get; init; }

    /// <summary>Absolute address of the picture, or null.</summary>
    public string? PictureAddress { get; init; }

    /// <summary>What the picture shows, or null.</summary>
    public string? PictureAlt { get; init; }

    /// <summary>How far from the left the point of the picture is that cuts keep, 0 to 100.</summary>
    public int FocusX { get; init; } = 50;

    /// <summary>How far from the top it is, 0 to 100.</summary>
    public int FocusY { get; init; } = 50;

    /// <summary>Name of who wrote it, or null.</summary>
    public string? Author { get; init; }

    /// <summary>First category, or null.</summary>
    public string? Category { get; init; }

    /// <summary>Other categories it belongs to as well.</summary>
    public IReadOnlyList<string> MoreCategories { get; init; } = [];

    /// <summary>Tags, in the order they were given.</summary>
    public IReadOnlyList<string> Tags { get; init; } = [];

    /// <summary>Whether it is worth showing first.</summary>
    public bool IsFeatured { get; init; }

    /// <summary>Whether it is kept above others.</summary>
    public bool IsPinned { get; init; }

    /// <summary>What it is about, published elsewhere; absolute, or null.</summary>
    public string? AboutAddress { get; init; }

    /// <summary>What is said beside the text.</summary>
    public PostDetails Details { get; init; } = PostDetails.None;

    /// <summary>Values of the blog's own fields.</summary>
    public IReadOnlyList<FieldValue> OwnValues { get; init; } = [];

    /// <summary>Whether both say the same, lists by what stands in them.</summary>
    public bool Equals(PostContent? other) =>
        other is not null
        && WithoutLists.Equals(other.WithoutLists)
        && MoreCategories.SequenceEqual(other.MoreCategories)
        && Tags.SequenceEqual(other.Tags)
        && OwnValues.SequenceEqual(other.OwnValues);

    /// <inheritdoc/>
    public override int GetHashCode() => WithoutLists.GetHashCode();

    private object WithoutLists =>
        (
            (Title, BodyHtml, Excerpt, PictureAddress, PictureAlt, FocusX, FocusY),
            (Author, Category, IsFeatured, IsPinned, AboutAddress, Details)
        );
}
