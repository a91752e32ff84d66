using Antiphon.Core.Languages;

namespace Antiphon.Server.Pages.Texts;

/// <summary>What listings say beside the posts' own words, in the site's language.</summary>
internal sealed record ListingTexts(
    string Newer,
    string Older,
    string Pages,
    string More,
    Phrase Minutes,
    Phrase Comments,
    Phrase From,
    string Feed,
    string AllPosts,
    string Categories,
    string Archive,
    string Search,
    string SearchFor,
    Phrase Found,
    string Gone,
    Phrase ReadAt,
    string Close
)
{
    private static readonly Catalogue<ListingTexts> All = new("listings");

    /// <summary>The texts for a language tag; English for a language without texts.</summary>
    public static ListingTexts For(string? language) => All.For(language);
}
