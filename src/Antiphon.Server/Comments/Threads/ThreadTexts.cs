using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Threads;

namespace Antiphon.Server.Comments.Threads;

/// <summary>What is said within threads beside the words every embed has, in the site's language; English for languages not translated yet.</summary>
internal sealed record ThreadTexts(
    string Answer,
    string AnswersTo,
    string Up,
    string Down,
    string Report,
    string Send,
    string Reported,
    string Public,
    string Refused,
    string MailMissing,
    string OrderBy,
    string Permanent,
    string Leave,
    string Bold,
    string Italic,
    string Quote,
    string Code,
    string List,
    string Link,
    string CountedNone,
    string CountedOne,
    string CountedMany,
    IReadOnlyDictionary<CommentOrder, string> Orders,
    IReadOnlyDictionary<ReportReason, string> Reasons
)
{
    private static readonly ThreadTexts English = new(
        "Answer",
        "Answers",
        "Good",
        "Not good",
        "Report",
        "Send the report",
        "Thank you, the team will look at it.",
        "Thank you. Your comment is public.",
        "The site does not take this comment.",
        "Please give a mail address; it is not shown.",
        "Order",
        "Link to this comment",
        "Leave it",
        "Bold",
        "Italic",
        "Quote",
        "Code",
        "List",
        "Link",
        "No comments",
        "1 comment",
        "{0} comments",
        OrdersIn("oldest first", "newest first", "best first", "most liked", "least liked", "most answered"),
        ReasonsIn("Advertising", "Hurtful", "Gives away what is private", "Not true or out of place", "Something else")
    );

    private static readonly ThreadTexts German = new(
        "Antworten",
        "Antwort auf",
        "Gut",
        "Nicht gut",
        "Melden",
        "Meldung senden",
        "Danke, das Team sieht es sich an.",
        "Danke. Ihr Kommentar ist öffentlich.",
        "Die Website nimmt diesen Kommentar nicht an.",
        "Bitte eine E-Mail-Adresse angeben; sie wird nicht gezeigt.",
        "Reihenfolge",
        "Link auf diesen Kommentar",
        "Abbrechen",
        "Fett",
        "Kursiv",
        "Zitat",
        "Code",
        "Liste",
        "Link",
        "Keine Kommentare",
        "1 Kommentar",
        "{0} Kommentare",
        OrdersIn(
            "älteste zuerst",
            "neueste zuerst",
            "beste zuerst",
            "meiste Zustimmung",
            "meiste Ablehnung",
            "meiste Antworten"
        ),
        ReasonsIn("Werbung", "Verletzend", "Gibt Privates preis", "Falsch oder fehl am Platz", "Etwas anderes")
    );

    private static readonly ThreadTexts French = new(
        "Répondre",
        "En réponse à",
        "Bien",
        "Pas bien",
        "Signaler",
        "Envoyer le signalement",
        "Merci, l’équipe va regarder.",
        "Merci. Votre commentaire est public.",
        "Le site n’accepte pas ce commentaire.",
        "Veuillez donner une adresse de courriel ; elle n’est pas affichée.",
        "Ordre",
        "Lien vers ce commentaire",
        "Annuler",
        "Gras",
        "Italique",
        "Citation",
        "Code",
        "Liste",
        "Lien",
        "Aucun commentaire",
        "1 commentaire",
        "{0} commentaires",
        OrdersIn(
            "les plus anciens",
            "les plus récents",
            "les meilleurs",
            "les plus aimés",
            "les moins aimés",
            "les plus commentés"
        ),
        ReasonsIn("Publicité", "Blessant", "Divulgue du privé", "Faux ou hors sujet", "Autre chose")
    );

    /// <summary>A number of comments in words.</summary>
    public string Counted(int comments) =>
        comments switch
        {
            0 => CountedNone,
            1 => CountedOne,
            _ => string.Format(System.Globalization.CultureInfo.InvariantCulture, CountedMany, comments),
        };

    /// <summary>Texts for a language tag.</summary>
    public static ThreadTexts For(string language) =>
        language.Split('-')[0].ToLowerInvariant() switch
        {
            "de" => German,
            "fr" => French,
            _ => English,
        };

    private static Dictionary<CommentOrder, string> OrdersIn(
        string oldest,
        string newest,
        string best,
        string liked,
        string disliked,
        string answered
    ) =>
        new()
        {
            [CommentOrder.Oldest] = oldest,
            [CommentOrder.Newest] = newest,
            [CommentOrder.Best] = best,
            [CommentOrder.MostLiked] = liked,
            [CommentOrder.LeastLiked] = disliked,
            [CommentOrder.MostAnswered] = answered,
        };

    private static Dictionary<ReportReason, string> ReasonsIn(
        string advertising,
        string hurtful,
        string privacy,
        string wrong,
        string other
    ) =>
        new()
        {
            [ReportReason.Advertising] = advertising,
            [ReportReason.Hurtful] = hurtful,
            [ReportReason.Private] = privacy,
            [ReportReason.Wrong] = wrong,
            [ReportReason.Other] = other,
        };
}
