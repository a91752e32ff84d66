namespace Antiphon.Server.Subscribers.Forms;

/// <summary>What readers are told after sending a form, in the site's language; English for languages not translated yet.</summary>
internal sealed record ReaderFormTexts(
    string Thanks,
    string Answered,
    string Incomplete,
    string WhatToFill,
    string NoAddress,
    string NoConsent,
    string Back,
    string LookForMail,
    string ConfirmFirst,
    string LetterSubject,
    string LetterText,
    string LetterOtherwise,
    string Sure,
    string Yes,
    string Done,
    string DoneText,
    string About,
    string HowOften,
    string Close
)
{
    private static readonly ReaderFormTexts English = new(
        "Thank you for the question",
        "It is with the team, who answer by mail.",
        "Something is missing",
        "Go back and fill in your name, a whole mail address and the question.",
        "Go back and enter a whole mail address.",
        "Go back and tick the box to agree.",
        "Back to the page",
        "Please look into your mail",
        "If this address does not get our mails yet, a mail is on its way that asks whether it was you. New posts come once you have said yes.",
        "{0}: is this you?",
        "Somebody, probably you, asked for new posts by mail at this address. Follow the link to say yes:",
        "If it was not you, do nothing, and nothing will come.",
        "Get new posts by mail?",
        "Yes, send me new posts",
        "You get new posts by mail",
        "The next post comes by mail. Every mail ends with a link that stops them.",
        "What about? Empty is everything.",
        "How often?",
        "Close"
    );

    private static readonly ReaderFormTexts German = new(
        "Danke für die Frage",
        "Sie liegt beim Team, das per E-Mail antwortet.",
        "Etwas fehlt noch",
        "Bitte zurückgehen und Name, vollständige E-Mail-Adresse und Frage angeben.",
        "Bitte zurückgehen und eine vollständige E-Mail-Adresse angeben.",
        "Bitte zurückgehen und zum Zustimmen das Kästchen ankreuzen.",
        "Zurück zur Seite",
        "Bitte ins Postfach schauen",
        "Falls diese Adresse unsere Nachrichten noch nicht bekommt, ist eine Rückfrage unterwegs. Neue Beiträge kommen, sobald Sie zugestimmt haben.",
        "{0}: Sind Sie das?",
        "Jemand, vermutlich Sie, möchte an diese Adresse neue Beiträge bekommen. Zum Zustimmen bitte diesem Link folgen:",
        "Wenn Sie es nicht waren, tun Sie nichts; dann kommt auch nichts.",
        "Neue Beiträge per E-Mail?",
        "Ja, neue Beiträge schicken",
        "Neue Beiträge kommen per E-Mail",
        "Der nächste Beitrag kommt per E-Mail. Jede Nachricht endet mit einem Link zum Abbestellen.",
        "Worüber? Ohne Auswahl kommt alles.",
        "Wie oft?",
        "Schließen"
    );

    private static readonly ReaderFormTexts French = new(
        "Merci pour votre question",
        "Elle est chez l’équipe, qui répond par courriel.",
        "Il manque quelque chose",
        "Revenez en arrière et indiquez votre nom, une adresse complète et la question.",
        "Revenez en arrière et indiquez une adresse complète.",
        "Revenez en arrière et cochez la case pour accepter.",
        "Retour à la page",
        "Regardez votre courrier",
        "Si cette adresse ne reçoit pas encore nos messages, une demande de confirmation est en route. Les articles arriveront après votre accord.",
        "{0} : est-ce bien vous ?",
        "Quelqu’un, sans doute vous, a demandé à recevoir les articles à cette adresse. Suivez ce lien pour accepter :",
        "Si ce n’était pas vous, ne faites rien : rien ne viendra.",
        "Recevoir les articles par courriel ?",
        "Oui, envoyez-les-moi",
        "Les articles vous parviendront",
        "Le prochain article viendra par courriel. Chaque message se termine par un lien de désinscription.",
        "À quel sujet ? Sans choix : tout.",
        "À quel rythme ?",
        "Fermer"
    );

    /// <summary>Texts for a language tag.</summary>
    public static ReaderFormTexts For(string language) =>
        language.Split('-')[0].ToLowerInvariant() switch
        {
            "de" => German,
            "fr" => French,
            _ => English,
        };
}
