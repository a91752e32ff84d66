namespace Antiphon.Core.Mailing.Drawing;

/// <summary>What a digest says beside its posts, in the site's language; English for languages not translated yet.</summary>
/// <param name="ReadOn">Link below a short text.</param>
/// <param name="Answer">Link below a whole text; {0} is the site.</param>
/// <param name="AlsoNew">Above the posts that stand as titles.</param>
/// <param name="Why">Why the mail came; {0} is the site.</param>
/// <param name="Choose">Link to what the subscriber gets.</param>
/// <param name="Stop">Link that ends the mails.</param>
public sealed record DigestWords(string ReadOn, string Answer, string AlsoNew, string Why, string Choose, string Stop)
{
    private static readonly DigestWords English = new(
        "Read on",
        "Read and answer on {0}",
        "Also new",
        "You asked {0} for new posts by mail.",
        "Choose what you get",
        "Stop these mails"
    );
    private static readonly DigestWords German = new(
        "Weiterlesen",
        "Auf {0} lesen und antworten",
        "Auch neu",
        "Sie haben {0} um neue Beiträge per E-Mail gebeten.",
        "Auswählen, was kommt",
        "Abbestellen"
    );
    private static readonly DigestWords French = new(
        "Lire la suite",
        "Lire et répondre sur {0}",
        "Également paru",
        "Vous avez demandé à {0} ses articles par courriel.",
        "Choisir ce que je reçois",
        "Me désinscrire"
    );

    /// <summary>Words for a language tag.</summary>
    public static DigestWords For(string language) =>
        language.Split('-')[0].ToLowerInvariant() switch
        {
            "de" => German,
            "fr" => French,
            _ => English,
        };
}
