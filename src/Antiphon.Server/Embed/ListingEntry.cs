namespace Antiphon.Server.Embed;

/// <summary>An entry of a listing as readers get it, in .json and in the fragment.</summary>
internal sealed record ListingEntry(
    string Id, string Title, string Link, DateTimeOffset? Published, string? Date, string? Author, string? Category, string? Excerpt, string? Picture, string? PictureAlt);
