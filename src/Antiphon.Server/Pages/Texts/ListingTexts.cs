namespace Antiphon.Server.Pages.Texts;

/// <summary>What listings say beside the posts' own words, in the site's language; English for languages not translated yet.</summary>
internal sealed record ListingTexts(
    string Newer,
    string Older,
    string Pages,
    string More,
    string Minutes,
    string OneComment,
    string Comments,
    string From,
    string Feed,
    string AllPosts,
    string Categories,
    string Archive,
    string Search,
    string SearchFor,
    string NothingFound,
    string FoundOne,
    string Found,
    string Gone,
    string ReadAt,
    string Close
)
{
    private static readonly ListingTexts English = new(
        "Newer",
        "Older",
        "Pages",
        "More",
        "{0} min",
        "1 comment",
        "{0} comments",
        "from",
        "Follow by feed",
        "All posts",
        "Categories",
        "Archive",
        "Search",
        "Search the posts",
        "Nothing was found. Try fewer or other words.",
        "1 post was found.",
        "{0} posts were found.",
        "This post is not here, or no longer is.",
        "Read it at",
        "Close"
    );
    private static readonly ListingTexts German = new(
        "Neuere",
        "Ältere",
        "Seiten",
        "Mehr",
        "{0} Min.",
        "1 Kommentar",
        "{0} Kommentare",
        "aus",
        "Als Feed folgen",
        "Alle Beiträge",
        "Kategorien",
        "Archiv",
        "Suchen",
        "Beiträge durchsuchen",
        "Nichts gefunden. Versuchen Sie weniger oder andere Wörter.",
        "1 Beitrag gefunden.",
        "{0} Beiträge gefunden.",
        "Dieser Beitrag ist nicht oder nicht mehr hier.",
        "Lesen bei",
        "Schließen"
    );
    private static readonly ListingTexts French = new(
        "Plus récents",
        "Plus anciens",
        "Pages",
        "Plus",
        "{0} min",
        "1 commentaire",
        "{0} commentaires",
        "de",
        "Suivre par flux",
        "Tous les articles",
        "Catégories",
        "Archives",
        "Chercher",
        "Chercher dans les articles",
        "Rien n’a été trouvé. Essayez moins de mots, ou d’autres.",
        "1 article trouvé.",
        "{0} articles trouvés.",
        "Cet article n’est pas ou plus ici.",
        "Lire sur",
        "Fermer"
    );

    /// <summary>Texts for a language tag.</summary>
    public static ListingTexts For(string language) =>
        language.Split('-')[0].ToLowerInvariant() switch
        {
            "de" => German,
            "fr" => French,
            _ => English,
        };

    /// <summary>A text with its number or word in it.</summary>
    public static string With(string text, object value) =>
        string.Format(System.Globalization.CultureInfo.InvariantCulture, text, value);
}
