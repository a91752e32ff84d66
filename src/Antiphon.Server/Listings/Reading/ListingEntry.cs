using System.Text.Json.Serialization;

namespace Antiphon.Server.Listings.Reading;

/// <summary>An entry of a listing as readers get it, in .json and in the fragment.</summary>
internal sealed record ListingEntry(
    string Id,
    string Title,
    string Link,
    DateTimeOffset? Published,
    string? Date,
    string? Author,
    string? Category,
    string? Excerpt,
    string? Picture,
    string? PictureAlt
)
{
    /// <summary>Tags.</summary>
    public IReadOnlyList<string> Tags { get; init; } = [];

    /// <summary>The blog it comes from.</summary>
    public string Source { get; init; } = string.Empty;

    /// <summary>Where that blog is.</summary>
    public string SourceLink { get; init; } = string.Empty;

    /// <summary>Minutes of reading, at least one.</summary>
    public int Minutes { get; init; }

    /// <summary>Own fields that the listing shows, with their label and their value in words.</summary>
    public IReadOnlyList<EntryField> Fields { get; init; } = [];

    /// <summary>Public comments; null unless the listing shows them.</summary>
    public int? Comments { get; init; }

    /// <summary>What it has in common with the post of the page; null unless the listing shows related posts.</summary>
    public IReadOnlyList<string>? RelatedBy { get; init; }

    /// <summary>Address of its conversation.</summary>
    [JsonIgnore]
    public string CommentsLink { get; init; } = string.Empty;

    /// <summary>Readable words of its address.</summary>
    [JsonIgnore]
    public string Slug { get; init; } = string.Empty;

    /// <summary>The point of the picture that a crop keeps, in hundredths from left and top.</summary>
    [JsonIgnore]
    public (int X, int Y) Focus { get; init; } = (50, 50);

    /// <summary>Title and extract with the words that were searched for between marks; null unless they were.</summary>
    [JsonIgnore]
    public (string Title, string Extract)? Match { get; init; }
}

/// <summary>An own field of an entry.</summary>
internal sealed record EntryField(string Key, string Label, string Value);
