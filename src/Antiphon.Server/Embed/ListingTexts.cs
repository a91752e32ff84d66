namespace Antiphon.Server.Embed;

/// <summary>What listings say beside the posts' own words, in the site's language; English for languages not translated yet.</summary>
internal sealed record ListingTexts(string Newer, string Older, string Pages, string More, string Minutes, string OneComment, string Comments, string From, string Feed)
{
    private static readonly ListingTexts English = new("Newer", "Older", "Pages", "More", "{0} min", "1 comment", "{0} comments", "from", "Follow by feed");
    private static readonly ListingTexts German = new("Neuere", "Ältere", "Seiten", "Mehr", "{0} Min.", "1 Kommentar", "{0} Kommentare", "aus", "Als Feed folgen");
    private static readonly ListingTexts French = new("Plus récents", "Plus anciens", "Pages", "Plus", "{0} min", "1 commentaire", "{0} commentaires", "de", "Suivre par flux");

    /// <summary>Texts for a language tag.</summary>
    public static ListingTexts For(string language) => language.Split('-')[0].ToLowerInvariant() switch
    {
        "de" => German,
        "fr" => French,
        _ => English,
    };

    /// <summary>A text with its number or word in it.</summary>
    public static string With(string text, object value) => string.Format(System.Globalization.CultureInfo.InvariantCulture, text, value);
}
