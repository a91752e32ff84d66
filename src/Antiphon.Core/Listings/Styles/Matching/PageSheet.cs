namespace Antiphon.Core.Listings.Styles.Matching;

/// <summary>A style sheet of a page.</summary>
/// <param name="Name">File name, or "the page itself".</param>
/// <param name="Css">Its text; null until it is fetched.</param>
/// <param name="Address">Where it is; null for one in the page.</param>
public sealed record PageSheet(string Name, string? Css, Uri? Address);
