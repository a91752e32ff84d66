using System.Globalization;

namespace Antiphon.Server.Subscribers.Preferences;

/// <summary>What subscribers read on the pages about their mails, in the site's language; English for languages not translated yet. {0} is the site.</summary>
internal sealed record PreferenceTexts(
    string Title,
    string Which,
    string Everything,
    string HowOften,
    string Pause,
    string NoPause,
    string TwoWeeks,
    string OneMonth,
    string ThreeMonths,
    string PausedUntil,
    string Save,
    string Saved,
    string StopTitle,
    string StopText,
    string Stop,
    string RatherChoose,
    string LeftTitle,
    string LeftText,
    string Choose,
    string Return,
    string Returned,
    string Known,
    string Since,
    string Agreed,
    string Erase,
    string EraseText,
    string EraseSure,
    string EraseMissing,
    string Erased,
    string ErasedText,
    string Bounced
)
{
    private static readonly PreferenceTexts English = new(
        "What you get from {0}",
        "What about?",
        "Leave all boxes empty to get everything.",
        "How often?",
        "Pause",
        "No pause",
        "For two weeks",
        "For a month",
        "For three months",
        "Paused until {0}.",
        "Save",
        "Saved.",
        "Stop the mails?",
        "{0} will send you no more new posts.",
        "Stop the mails",
        "Or choose what you get",
        "The mails have ended",
        "You get nothing more from us. Nothing else is needed.",
        "Choose what you get",
        "Get mails again",
        "You get mails again.",
        "What is kept about you",
        "Since {0}",
        "You agreed to: {0}",
        "Delete everything about me",
        "Your address and what you received are deleted for good. A fingerprint of the address stays, so that nobody adds it again by mistake.",
        "Yes, delete it all",
        "Tick the box first.",
        "Everything is deleted",
        "Nothing about you is kept any more.",
        "Mails to your address came back, so none are sent. If it works again:"
    );

    private static readonly PreferenceTexts German = new(
        "Was Sie von {0} bekommen",
        "Worüber?",
        "Ohne Auswahl kommt alles.",
        "Wie oft?",
        "Pause",
        "Keine Pause",
        "Zwei Wochen",
        "Einen Monat",
        "Drei Monate",
        "Pause bis {0}.",
        "Speichern",
        "Gespeichert.",
        "Nachrichten beenden?",
        "{0} schickt Ihnen dann keine neuen Beiträge mehr.",
        "Nachrichten beenden",
        "Oder auswählen, was kommt",
        "Es kommt nichts mehr",
        "Sie bekommen nichts mehr von uns. Mehr ist nicht nötig.",
        "Auswählen, was kommt",
        "Wieder Nachrichten bekommen",
        "Sie bekommen wieder Nachrichten.",
        "Was über Sie gespeichert ist",
        "Seit {0}",
        "Sie haben zugestimmt: {0}",
        "Alles über mich löschen",
        "Ihre Adresse und was Sie bekommen haben werden endgültig gelöscht. Ein Fingerabdruck der Adresse bleibt, damit niemand sie versehentlich wieder einträgt.",
        "Ja, alles löschen",
        "Bitte zuerst das Kästchen ankreuzen.",
        "Alles ist gelöscht",
        "Über Sie ist nichts mehr gespeichert.",
        "Nachrichten an Ihre Adresse kamen zurück, deshalb werden keine geschickt. Falls sie wieder erreichbar ist:"
    );

    private static readonly PreferenceTexts French = new(
        "Ce que vous recevez de {0}",
        "À quel sujet ?",
        "Sans choix, vous recevez tout.",
        "À quel rythme ?",
        "Pause",
        "Pas de pause",
        "Deux semaines",
        "Un mois",
        "Trois mois",
        "En pause jusqu’au {0}.",
        "Enregistrer",
        "Enregistré.",
        "Arrêter les courriels ?",
        "{0} ne vous enverra plus d’articles.",
        "Arrêter les courriels",
        "Ou choisir ce que je reçois",
        "C’est terminé",
        "Vous ne recevrez plus rien de nous. Rien d’autre n’est nécessaire.",
        "Choisir ce que je reçois",
        "Recevoir à nouveau",
        "Vous recevez à nouveau les courriels.",
        "Ce qui est conservé à votre sujet",
        "Depuis le {0}",
        "Vous avez accepté : {0}",
        "Supprimer tout ce qui me concerne",
        "Votre adresse et ce que vous avez reçu sont supprimés définitivement. Une empreinte de l’adresse reste, pour que personne ne l’ajoute par erreur.",
        "Oui, tout supprimer",
        "Cochez d’abord la case.",
        "Tout est supprimé",
        "Plus rien n’est conservé à votre sujet.",
        "Les courriels à votre adresse sont revenus ; aucun n’est envoyé. Si elle fonctionne à nouveau :"
    );

    /// <summary>Texts for a language tag.</summary>
    public static PreferenceTexts For(string language) =>
        language.Split('-')[0].ToLowerInvariant() switch
        {
            "de" => German,
            "fr" => French,
            _ => English,
        };

    /// <summary>One of the texts with its value.</summary>
    public string Of(string text, string value) => string.Format(CultureInfo.InvariantCulture, text, value);
}
