using Antiphon.Core.Posts;
using Antiphon.Core.Posts.Fields;

namespace Antiphon.Core.Listings.Entries;

/// <summary>A post as far as choosing needs it.</summary>
/// <param name="Id">The post.</param>
/// <param name="BlogId">The blog it belongs to.</param>
/// <param name="Title">Its title.</param>
/// <param name="Status">Its status.</param>
/// <param name="PublishedAt">When it was or will be published; null for a draft without a date.</param>
public sealed record ListingCandidate(
    long Id,
    long BlogId,
    string Title,
    PostStatus Status,
    DateTimeOffset? PublishedAt
)
{
    /// <summary>When it was last changed.</summary>
    public DateTimeOffset UpdatedAt { get; init; }

    /// <summary>Its categories, and those above them.</summary>
    public IReadOnlyList<string> Categories { get; init; } = [];

    /// <summary>Values of the blog's own fields; read only where a listing asks for them.</summary>
    public IReadOnlyList<FieldValue> OwnValues { get; init; } = [];

    /// <summary>Its tags.</summary>
    public IReadOnlyList<string> Tags { get; init; } = [];

    /// <summary>Its author's name, or null.</summary>
    public string? Author { get; init; }

    /// <summary>Whether the team marked it as featured.</summary>
    public bool IsFeatured { get; init; }

    /// <summary>Whether it has a picture.</summary>
    public bool HasPicture { get; init; }

    /// <summary>How many public comments it has.</summary>
    public int Comments { get; init; }

    /// <summary>
    /// Its canonical address, folded (see <see cref="Text.FoldedAddress"/>); null when it has none elsewhere.
    /// </summary>
    public string? Address { get; init; }

    /// <summary>Its key in public addresses.</summary>
    public string Key { get; init; } = string.Empty;

    /// <summary>Its identifier where it comes from, or null.</summary>
    public string? SourceId { get; init; }
}
