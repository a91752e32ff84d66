namespace Antiphon.Server.Embed;

/// <summary>An entry of a listing as readers get it, in .json and in the fragment.</summary>
internal sealed record ListingEntry(
    string Id, string Title, string Link, DateTimeOffset? Published, string? Date, string? Author, string? Category, string? Excerpt, string? Picture, string? PictureAlt)
{
    /// <summary>Tags.</summary>
    public IReadOnlyList<string> Tags { get; init; } = [];

    /// <summary>The blog it comes from.</summary>
    public string Source { get; init; } = string.Empty;

    /// <summary>Where that blog is.</summary>
    public string SourceLink { get; init; } = string.Empty;

    /// <summary>Minutes of reading, at least one.</summary>
    public int Minutes { get; init; }

    /// <summary>Public comments; null unless the listing shows them.</summary>
    public int? Comments { get; init; }
}
