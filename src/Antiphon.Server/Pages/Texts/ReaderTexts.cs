using Antiphon.Core.Mentions;

namespace Antiphon.Server.Pages.Texts;

/// <summary>What readers are offered and told beyond reading and writing a comment, in the site's language; English for languages not translated yet.</summary>
internal sealed class ReaderTexts
{
    /// <summary>Opens the next part.</summary>
    public required string More { get; init; }

    /// <summary>Opens the other answers: how many.</summary>
    public required string MoreAnswers { get; init; }

    /// <summary>Leads back to the start.</summary>
    public required string FromStart { get; init; }

    /// <summary>In place of a comment that is not shown.</summary>
    public required string Gone { get; init; }

    /// <summary>Mark of a changed comment.</summary>
    public required string Edited { get; init; }

    /// <summary>Mark of a comment the team changed.</summary>
    public required string EditedByTeam { get; init; }

    /// <summary>Before the name of who is answered, where levels end.</summary>
    public required string InAnswerTo { get; init; }

    /// <summary>Label of what one is told of.</summary>
    public required string Follow { get; init; }

    /// <summary>Choice.</summary>
    public required string FollowNothing { get; init; }

    /// <summary>Choice.</summary>
    public required string FollowAnswers { get; init; }

    /// <summary>Choice.</summary>
    public required string FollowAll { get; init; }

    /// <summary>Asked to be told, but no mail.</summary>
    public required string MailForFollowing { get; init; }

    /// <summary>After a comment that needs its mail confirmed.</summary>
    public required string Confirming { get; init; }

    /// <summary>Label of the rating.</summary>
    public required string Rating { get; init; }

    /// <summary>A rating: number.</summary>
    public required string RatingGiven { get; init; }

    /// <summary>All ratings: average, number in words.</summary>
    public required string RatingAll { get; init; }

    /// <summary>No rating was given where one is asked for.</summary>
    public required string RatingMissing { get; init; }

    /// <summary>Button.</summary>
    public required string Emoji { get; init; }

    /// <summary>Button.</summary>
    public required string Preview { get; init; }

    /// <summary>Characters left: number.</summary>
    public required string Left { get; init; }

    /// <summary>Button.</summary>
    public required string Edit { get; init; }

    /// <summary>Button.</summary>
    public required string Withdraw { get; init; }

    /// <summary>Asked before it is taken back.</summary>
    public required string WithdrawSure { get; init; }

    /// <summary>Button.</summary>
    public required string Save { get; init; }

    /// <summary>A change that comes too late.</summary>
    public required string TooLate { get; init; }

    /// <summary>After it was taken back.</summary>
    public required string Withdrawn { get; init; }

    /// <summary>Link to what the reader wrote.</summary>
    public required string Mine { get; init; }

    /// <summary>Comments that came while reading: number.</summary>
    public required string New { get; init; }

    /// <summary>Heading of the community's rules.</summary>
    public required string HouseRules { get; init; }

    /// <summary>Label before the emoji.</summary>
    public required string React { get; init; }

    /// <summary>Name of those who give none.</summary>
    public required string Anonymous { get; init; }

    /// <summary>Refusal.</summary>
    public required string ForSubscribers { get; init; }

    /// <summary>Refusal.</summary>
    public required string ForNamed { get; init; }

    /// <summary>Label of the picture.</summary>
    public required string Picture { get; init; }

    /// <summary>Beside it.</summary>
    public required string PictureHint { get; init; }

    /// <summary>Label of the words about it.</summary>
    public required string PictureAlt { get; init; }

    /// <summary>A file that is not taken.</summary>
    public required string PictureWrong { get; init; }

    /// <summary>Before the page of another site, by what it does.</summary>
    public required IReadOnlyDictionary<MentionKind, string> Mentions { get; init; }

    /// <summary>Beside the name where it may stay empty.</summary>
    public required string NameHint { get; init; }

    private static readonly ReaderTexts English = new()
    {
        More = "Show more comments",
        MoreAnswers = "Show {0} more answers",
        FromStart = "Show the conversation from its start",
        Gone = "A comment stood here that is not shown.",
        Edited = "edited",
        EditedByTeam = "edited by the team",
        InAnswerTo = "in answer to",
        Follow = "Tell me by mail",
        FollowNothing = "nothing",
        FollowAnswers = "when somebody answers me",
        FollowAll = "of everything written here",
        MailForFollowing = "Give a mail address to be told.",
        Confirming = "Thank you. We have sent you a mail; your comment is taken once you follow the link in it.",
        Rating = "Your rating",
        RatingGiven = "{0} of 5",
        RatingAll = "{0} of 5, from {1}",
        RatingMissing = "Please give a rating of 1 to 5.",
        Emoji = "Emoji",
        Preview = "Preview",
        Left = "{0} characters left",
        Edit = "Change",
        Withdraw = "Take back",
        WithdrawSure = "Take this comment back? It cannot be restored.",
        Save = "Save",
        TooLate = "The time for changes has passed; you can still take the comment back.",
        Withdrawn = "Your comment was taken back.",
        Mine = "What I wrote on this site",
        New = "{0} new. Show",
        HouseRules = "What we ask of each other",
        React = "React with",
        Anonymous = "Anonymous",
        ForSubscribers = "Only subscribers can write here; give the mail address you are subscribed with.",
        ForNamed = "Only invited readers can write here.",
        Picture = "Picture",
        PictureHint = "JPEG, PNG, WebP or GIF up to 8 MB; a moderator looks at it first",
        PictureAlt = "What it shows",
        PictureWrong = "Choose a JPEG, PNG, WebP or GIF of at most 8 MB.",
        Mentions = new Dictionary<MentionKind, string>
        {
            [MentionKind.Link] = "links here from",
            [MentionKind.Answer] = "answers on",
            [MentionKind.Like] = "likes this on",
            [MentionKind.Repost] = "passes this on at",
        },
        NameHint = "may stay empty",
    };

    private static readonly ReaderTexts German = new()
    {
        More = "Weitere Kommentare zeigen",
        MoreAnswers = "{0} weitere Antworten zeigen",
        FromStart = "Das Gespräch von Anfang an zeigen",
        Gone = "Hier stand ein Kommentar, der nicht gezeigt wird.",
        Edited = "bearbeitet",
        EditedByTeam = "vom Team bearbeitet",
        InAnswerTo = "als Antwort auf",
        Follow = "Per E-Mail benachrichtigen",
        FollowNothing = "gar nicht",
        FollowAnswers = "wenn mir jemand antwortet",
        FollowAll = "über alles, was hier geschrieben wird",
        MailForFollowing = "Für Nachrichten bitte eine E-Mail-Adresse angeben.",
        Confirming =
            "Danke. Wir haben Ihnen eine E-Mail geschickt; Ihr Kommentar gilt, sobald Sie dem Verweis darin folgen.",
        Rating = "Ihre Bewertung",
        RatingGiven = "{0} von 5",
        RatingAll = "{0} von 5, aus {1}",
        RatingMissing = "Bitte 1 bis 5 vergeben.",
        Emoji = "Emoji",
        Preview = "Vorschau",
        Left = "noch {0} Zeichen",
        Edit = "Ändern",
        Withdraw = "Zurückziehen",
        WithdrawSure = "Diesen Kommentar zurückziehen? Er lässt sich nicht wiederherstellen.",
        Save = "Speichern",
        TooLate = "Die Zeit für Änderungen ist vorbei; zurückziehen geht noch.",
        Withdrawn = "Ihr Kommentar wurde zurückgezogen.",
        Mine = "Was ich auf dieser Website geschrieben habe",
        New = "{0} neu. Zeigen",
        HouseRules = "Worum wir einander bitten",
        React = "Reagieren mit",
        Anonymous = "Anonym",
        ForSubscribers = "Hier schreiben nur Abonnenten; bitte die abonnierte E-Mail-Adresse angeben.",
        ForNamed = "Hier schreiben nur eingeladene Leser.",
        Picture = "Bild",
        PictureHint = "JPEG, PNG, WebP oder GIF bis 8 MB; zuerst sieht es jemand vom Team",
        PictureAlt = "Was darauf zu sehen ist",
        PictureWrong = "Bitte ein JPEG, PNG, WebP oder GIF von höchstens 8 MB wählen.",
        Mentions = new Dictionary<MentionKind, string>
        {
            [MentionKind.Link] = "verlinkt hierher von",
            [MentionKind.Answer] = "antwortet auf",
            [MentionKind.Like] = "mag das auf",
            [MentionKind.Repost] = "gibt es weiter auf",
        },
        NameHint = "darf leer bleiben",
    };

    private static readonly ReaderTexts French = new()
    {
        More = "Afficher d’autres commentaires",
        MoreAnswers = "Afficher {0} réponses de plus",
        FromStart = "Afficher la conversation depuis le début",
        Gone = "Un commentaire n’est pas affiché ici.",
        Edited = "modifié",
        EditedByTeam = "modifié par l’équipe",
        InAnswerTo = "en réponse à",
        Follow = "M’avertir par courriel",
        FollowNothing = "jamais",
        FollowAnswers = "quand on me répond",
        FollowAll = "de tout ce qui s’écrit ici",
        MailForFollowing = "Donnez une adresse pour être averti.",
        Confirming = "Merci. Nous vous avons écrit ; votre commentaire sera pris quand vous aurez suivi le lien.",
        Rating = "Votre note",
        RatingGiven = "{0} sur 5",
        RatingAll = "{0} sur 5, d’après {1}",
        RatingMissing = "Veuillez donner une note de 1 à 5.",
        Emoji = "Émoji",
        Preview = "Aperçu",
        Left = "encore {0} caractères",
        Edit = "Modifier",
        Withdraw = "Retirer",
        WithdrawSure = "Retirer ce commentaire ? Il ne pourra pas être rétabli.",
        Save = "Enregistrer",
        TooLate = "Le délai de modification est passé ; vous pouvez encore retirer le commentaire.",
        Withdrawn = "Votre commentaire a été retiré.",
        Mine = "Ce que j’ai écrit sur ce site",
        New = "{0} nouveaux. Afficher",
        HouseRules = "Ce que nous nous demandons",
        React = "Réagir avec",
        Anonymous = "Anonyme",
        ForSubscribers = "Seuls les abonnés écrivent ici ; donnez l’adresse de votre abonnement.",
        ForNamed = "Seuls les lecteurs invités écrivent ici.",
        Picture = "Image",
        PictureHint = "JPEG, PNG, WebP ou GIF jusqu’à 8 Mo ; un modérateur la regarde d’abord",
        PictureAlt = "Ce qu’elle montre",
        PictureWrong = "Choisissez une image JPEG, PNG, WebP ou GIF de 8 Mo au plus.",
        Mentions = new Dictionary<MentionKind, string>
        {
            [MentionKind.Link] = "fait un lien depuis",
            [MentionKind.Answer] = "répond sur",
            [MentionKind.Like] = "aime ceci sur",
            [MentionKind.Repost] = "partage ceci sur",
        },
        NameHint = "facultatif",
    };

    /// <summary>Texts for a language tag.</summary>
    public static ReaderTexts For(string language) =>
        language.Split('-')[0].ToLowerInvariant() switch
        {
            "de" => German,
            "fr" => French,
            _ => English,
        };

    /// <summary>A text with its numbers in place.</summary>
    public static string Filled(string text, params object[] values) =>
        string.Format(System.Globalization.CultureInfo.InvariantCulture, text, values);
}
