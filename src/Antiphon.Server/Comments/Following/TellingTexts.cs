namespace Antiphon.Server.Comments.Following;

/// <summary>What mails to readers say, in the site's language; English for languages not translated yet.</summary>
/// <param name="Said">Somebody wrote: name, title.</param>
/// <param name="Answered">Somebody answered the reader: name, title.</param>
/// <param name="Published">The reader's comment is public: name, title.</param>
/// <param name="Stop">Above the link that ends these mails.</param>
/// <param name="ConfirmSubject">Asks for the mail to be confirmed: name of the site.</param>
/// <param name="Confirm">The same with what it does: name of the site.</param>
/// <param name="Mine">Above the link to what the reader wrote: name of the site.</param>
internal sealed record TellingTexts(
    string Said,
    string Answered,
    string Published,
    string Stop,
    string ConfirmSubject,
    string Confirm,
    string Mine
)
{
    private static readonly TellingTexts English = new(
        "{0} commented on “{1}”",
        "{0} answered you on “{1}”",
        "Your comment on “{1}” is published",
        "No more mails about this conversation:",
        "Is this your address? ({0})",
        "Somebody gave this address with a comment on {0}. If it was you, follow the link; what you wrote is then taken, and you are told what you asked for. It serves for a day. If it was not you, do nothing.",
        "What you wrote on {0}, to read, take with you or remove. The link serves for a day. If you did not ask for it, do nothing."
    );

    private static readonly TellingTexts German = new(
        "{0} hat zu „{1}“ geschrieben",
        "{0} hat Ihnen bei „{1}“ geantwortet",
        "Ihr Kommentar zu „{1}“ ist veröffentlicht",
        "Keine Mails mehr zu diesem Gespräch:",
        "Ist das Ihre Adresse? ({0})",
        "Jemand hat diese Adresse bei einem Kommentar auf {0} angegeben. Waren Sie es, folgen Sie dem Verweis; dann wird Ihr Kommentar angenommen. Er gilt einen Tag. Waren Sie es nicht, tun Sie nichts.",
        "Was Sie auf {0} geschrieben haben: zum Lesen, Mitnehmen oder Löschen. Der Verweis gilt einen Tag. Haben Sie nicht danach gefragt, tun Sie nichts."
    );

    private static readonly TellingTexts French = new(
        "{0} a commenté « {1} »",
        "{0} vous a répondu sur « {1} »",
        "Votre commentaire sur « {1} » est publié",
        "Ne plus recevoir de courriels sur cette conversation :",
        "Est-ce votre adresse ? ({0})",
        "Quelqu’un a donné cette adresse avec un commentaire sur {0}. Si c’était vous, suivez le lien ; votre commentaire sera alors pris. Il sert un jour. Sinon, ne faites rien.",
        "Ce que vous avez écrit sur {0}, à lire, emporter ou supprimer. Le lien sert un jour. Si vous ne l’avez pas demandé, ne faites rien."
    );

    /// <summary>Texts for a language tag.</summary>
    public static TellingTexts For(string language) =>
        language.Split('-')[0].ToLowerInvariant() switch
        {
            "de" => German,
            "fr" => French,
            _ => English,
        };
}
