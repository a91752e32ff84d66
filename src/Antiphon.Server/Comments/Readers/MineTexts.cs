namespace Antiphon.Server.Comments.Readers;

/// <summary>Words of the pages on which readers see to what they wrote, in the site's language; English for languages not translated yet.</summary>
/// <param name="Title">Heading.</param>
/// <param name="Explained">What the page does.</param>
/// <param name="SendLink">Button.</param>
/// <param name="SentTitle">Heading once the link was asked for.</param>
/// <param name="Sent">The same in a sentence that tells nobody who wrote.</param>
/// <param name="Confirm">Button that holds the address for the reader's.</param>
/// <param name="Confirmed">After it.</param>
/// <param name="EraseAll">Button.</param>
/// <param name="Erase">Button at one comment.</param>
/// <param name="Erased">After it: number.</param>
/// <param name="StopAll">Button that ends all mails about conversations.</param>
/// <param name="Take">Link to everything as a file.</param>
/// <param name="NotPublic">Mark of what others do not see.</param>
/// <param name="StopTitle">Heading of the page that ends the mails about one conversation.</param>
/// <param name="Stop">Button.</param>
/// <param name="Stopped">After it.</param>
internal sealed record MineTexts(
    string Title,
    string Explained,
    string SendLink,
    string SentTitle,
    string Sent,
    string Confirm,
    string Confirmed,
    string EraseAll,
    string Erase,
    string Erased,
    string StopAll,
    string Take,
    string NotPublic,
    string StopTitle,
    string Stop,
    string Stopped
)
{
    private static readonly MineTexts English = new(
        "What you wrote here",
        "Give the mail address you commented with. We send you a link to everything you wrote here, to read, take with you or remove.",
        "Send me the link",
        "Look into your mail",
        "If something was written here with this address, a link is on its way. It serves for a day.",
        "Yes, this is my address",
        "Thank you, your address is confirmed.",
        "Remove everything I wrote",
        "Remove",
        "{0} removed for good.",
        "No more mails about conversations",
        "Take everything with me (JSON)",
        "not public",
        "No more mails about this conversation?",
        "Stop the mails",
        "The mails have ended."
    );

    private static readonly MineTexts German = new(
        "Was Sie hier geschrieben haben",
        "Geben Sie die E-Mail-Adresse an, mit der Sie kommentiert haben. Wir schicken einen Verweis auf alles, was Sie hier geschrieben haben: zum Lesen, Mitnehmen oder Löschen.",
        "Verweis schicken",
        "Bitte in die E-Mail sehen",
        "Wurde mit dieser Adresse hier etwas geschrieben, ist ein Verweis unterwegs. Er gilt einen Tag.",
        "Ja, das ist meine Adresse",
        "Danke, Ihre Adresse ist bestätigt.",
        "Alles löschen, was ich schrieb",
        "Löschen",
        "{0} endgültig gelöscht.",
        "Keine Mails über Gespräche mehr",
        "Alles mitnehmen (JSON)",
        "nicht öffentlich",
        "Keine Mails mehr zu diesem Gespräch?",
        "Mails beenden",
        "Die Mails sind beendet."
    );

    private static readonly MineTexts French = new(
        "Ce que vous avez écrit ici",
        "Donnez l’adresse avec laquelle vous avez commenté. Nous envoyons un lien vers tout ce que vous avez écrit ici, à lire, emporter ou supprimer.",
        "Envoyer le lien",
        "Regardez votre courriel",
        "Si quelque chose a été écrit ici avec cette adresse, un lien est en route. Il sert un jour.",
        "Oui, c’est mon adresse",
        "Merci, votre adresse est confirmée.",
        "Supprimer tout ce que j’ai écrit",
        "Supprimer",
        "{0} supprimés pour de bon.",
        "Plus de courriels sur les conversations",
        "Tout emporter (JSON)",
        "non public",
        "Plus de courriels sur cette conversation ?",
        "Arrêter",
        "Les courriels ont cessé."
    );

    /// <summary>Texts for a language tag.</summary>
    public static MineTexts For(string language) =>
        language.Split('-')[0].ToLowerInvariant() switch
        {
            "de" => German,
            "fr" => French,
            _ => English,
        };
}
