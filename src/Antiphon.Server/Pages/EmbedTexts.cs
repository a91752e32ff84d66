namespace Antiphon.Server.Pages;

/// <summary>What we say in other people's pages, in the site's language; English for languages not translated yet.</summary>
internal sealed record EmbedTexts(
    string Comments,
    string NoComments,
    string WriteOne,
    string Name,
    string Mail,
    string MailHint,
    string Comment,
    string Send,
    string Waits,
    string Team,
    string NothingYet,
    string BackToPage,
    string NameMissing,
    string CommentMissing,
    string MailWrong,
    string TooLong,
    string Closed,
    string PassOn,
    string ByMail,
    string CopyAddress,
    string Copied,
    string Elsewhere
)
{
    private static readonly EmbedTexts English = new(
        "Comments",
        "No comments yet.",
        "Write a comment",
        "Name",
        "Mail",
        "not shown, may stay empty",
        "Comment",
        "Send",
        "Thank you. Your comment is with the team and will appear here once it has been read.",
        "team",
        "Nothing here yet.",
        "Back to the page",
        "Please give a name.",
        "Please write something.",
        "This is no mail address; correct it or leave it empty.",
        "Please keep it under 10,000 characters.",
        "Comments are closed.",
        "Pass it on:",
        "by mail",
        "Copy the address",
        "Copied",
        "Elsewhere …"
    );

    private static readonly EmbedTexts German = new(
        "Kommentare",
        "Noch keine Kommentare.",
        "Kommentar schreiben",
        "Name",
        "E-Mail",
        "wird nicht gezeigt, darf leer bleiben",
        "Kommentar",
        "Absenden",
        "Danke. Ihr Kommentar liegt beim Team und erscheint hier, sobald er gelesen wurde.",
        "Team",
        "Hier ist noch nichts.",
        "Zurück zur Seite",
        "Bitte einen Namen angeben.",
        "Bitte etwas schreiben.",
        "Das ist keine E-Mail-Adresse; bitte berichtigen oder leer lassen.",
        "Bitte unter 10.000 Zeichen bleiben.",
        "Die Kommentare sind geschlossen.",
        "Weitergeben:",
        "per E-Mail",
        "Adresse kopieren",
        "Kopiert",
        "Anderswo …"
    );

    private static readonly EmbedTexts French = new(
        "Commentaires",
        "Pas encore de commentaires.",
        "Écrire un commentaire",
        "Nom",
        "Courriel",
        "non affiché, facultatif",
        "Commentaire",
        "Envoyer",
        "Merci. Votre commentaire est parvenu à l’équipe et paraîtra ici après lecture.",
        "équipe",
        "Rien ici pour l’instant.",
        "Retour à la page",
        "Veuillez indiquer un nom.",
        "Veuillez écrire quelque chose.",
        "Ce n’est pas une adresse ; corrigez-la ou laissez vide.",
        "Veuillez rester sous 10 000 caractères.",
        "Les commentaires sont fermés.",
        "Partager :",
        "par courriel",
        "Copier l’adresse",
        "Copié",
        "Ailleurs …"
    );

    /// <summary>Texts for a language tag.</summary>
    public static EmbedTexts For(string language) =>
        language.Split('-')[0].ToLowerInvariant() switch
        {
            "de" => German,
            "fr" => French,
            _ => English,
        };
}
