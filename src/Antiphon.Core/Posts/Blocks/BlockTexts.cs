namespace Antiphon.Core.Posts.Blocks;

/// <summary>Words around blocks, in the readers' language.</summary>
/// <param name="Contents">Heading of a table of contents.</param>
/// <param name="About">Before an author's name.</param>
/// <param name="Related">Heading of related posts.</param>
/// <param name="Notes">Heading of footnotes, for listeners.</param>
/// <param name="Back">Name of the way back from a footnote.</param>
/// <param name="Follow">Heading of the places where the site can be followed.</param>
/// <param name="Ask">Heading of a question form.</param>
/// <param name="Name">Label of a reader's name.</param>
/// <param name="Mail">Label of a reader's mail address.</param>
/// <param name="Message">Label of what is asked.</param>
/// <param name="Send">Button that sends a question.</param>
/// <param name="Subscribe">Button that asks for mail.</param>
/// <param name="SubscribeHint">What happens with the address.</param>
public sealed record BlockTexts(
    string Contents,
    string About,
    string Related,
    string Notes,
    string Back,
    string Follow,
    string Ask,
    string Name,
    string Mail,
    string Message,
    string Send,
    string Subscribe,
    string SubscribeHint
)
{
    private static readonly BlockTexts English = new(
        "Contents",
        "About",
        "Read on",
        "Notes",
        "Back to the text",
        "Follow us",
        "Ask us",
        "Your name",
        "Your mail address",
        "Your question",
        "Send the question",
        "Get new posts by mail",
        "We write once to ask whether it is you. Every mail ends with a link that stops them."
    );
    private static readonly BlockTexts German = new(
        "Inhalt",
        "Über",
        "Weiterlesen",
        "Anmerkungen",
        "Zurück zum Text",
        "Folgen Sie uns",
        "Fragen Sie uns",
        "Ihr Name",
        "Ihre E-Mail-Adresse",
        "Ihre Frage",
        "Frage absenden",
        "Neue Beiträge per E-Mail",
        "Wir fragen einmal nach, ob Sie es sind. Jede Nachricht endet mit einem Link zum Abbestellen."
    );
    private static readonly BlockTexts French = new(
        "Sommaire",
        "À propos de",
        "À lire aussi",
        "Notes",
        "Retour au texte",
        "Nous suivre",
        "Posez votre question",
        "Votre nom",
        "Votre adresse électronique",
        "Votre question",
        "Envoyer la question",
        "Recevoir les articles par courriel",
        "Nous écrivons une fois pour vérifier que c’est bien vous. Chaque message se termine par un lien de désinscription."
    );

    /// <summary>Texts for a language tag; English for languages not translated yet.</summary>
    public static BlockTexts For(string language) =>
        language.Split('-')[0].ToLowerInvariant() switch
        {
            "de" => German,
            "fr" => French,
            _ => English,
        };
}
