using Antiphon.Core.Languages;

namespace Antiphon.Server.Feeds.Published.Pages;

/// <summary>What the page of a feed says, in the site's language.</summary>
internal sealed record FeedPageTexts(string Feed, string What, string How)
{
    private static readonly Catalogue<FeedPageTexts> All = new("feedPage");

    /// <summary>The texts for a language tag; English for a language without texts.</summary>
    public static FeedPageTexts For(string? language) => All.For(language);
}
