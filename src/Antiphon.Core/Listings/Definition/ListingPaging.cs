namespace Antiphon.Core.Listings.Definition;

/// <summary>How readers reach the entries after the first page.</summary>
public enum ListingPaging
{
    /// <summary>They do not; the rest is left out.</summary>
    None,

    /// <summary>Links to the page before and after.</summary>
    PreviousNext,

    /// <summary>Links to each page.</summary>
    Numbered,

    /// <summary>A button that adds the next entries below.</summary>
    More,
}
