namespace Antiphon.Core.Listings.Definition;

/// <summary>Which details an entry shows beside its title.</summary>
/// <param name="Picture">The post's picture, when it has one.</param>
/// <param name="Excerpt">The excerpt.</param>
/// <param name="Date">The date of publication in the site's zone and language.</param>
/// <param name="Author">The author's name.</param>
/// <param name="Category">The category.</param>
public sealed record EntryDetails(bool Picture, bool Excerpt, bool Date, bool Author, bool Category);
