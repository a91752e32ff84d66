using Antiphon.Core.Posts;
using Antiphon.Core.Posts.Fields;

namespace Antiphon.Core.Importing;

/// <summary>A row read as a post.</summary>
/// <param name="Number">Its number, from 1.</param>
/// <param name="Key">What tells it from other rows.</param>
/// <param name="Mark">Hash of everything it says, by which a changed row is told.</param>
/// <param name="Title">Title.</param>
/// <param name="BodyHtml">Cleaned body.</param>
/// <param name="Status">Where it shall stand.</param>
/// <param name="Date">Date of publication, or null.</param>
public sealed record ImportedRow(
    int Number,
    string Key,
    string Mark,
    string Title,
    string BodyHtml,
    PostStatus Status,
    DateTimeOffset? Date
)
{
    /// <summary>Own short text.</summary>
    public string? Excerpt { get; init; }

    /// <summary>Author.</summary>
    public string? Author { get; init; }

    /// <summary>The first category.</summary>
    public string? Category { get; init; }

    /// <summary>Other categories.</summary>
    public IReadOnlyList<string> MoreCategories { get; init; } = [];

    /// <summary>Tags.</summary>
    public IReadOnlyList<string> Tags { get; init; } = [];

    /// <summary>Wished last part of the address.</summary>
    public string? Slug { get; init; }

    /// <summary>Address of a picture.</summary>
    public string? Picture { get; init; }

    /// <summary>What it shows.</summary>
    public string? PictureAlt { get; init; }

    /// <summary>Whether it is featured.</summary>
    public bool IsFeatured { get; init; }

    /// <summary>Address it had before.</summary>
    public string? Link { get; init; }

    /// <summary>Values of own fields.</summary>
    public IReadOnlyList<FieldValue> OwnValues { get; init; } = [];

    /// <summary>Pieces of clutter taken out of the body.</summary>
    public int Tidied { get; init; }

    /// <summary>What could not be taken over as it was, in words.</summary>
    public IReadOnlyList<string> Reservations { get; init; } = [];
}
