namespace Antiphon.Server.Feeds.Published.Pages;

/// <summary>What the page of a feed says, in the site's language; English for languages not translated yet.</summary>
internal sealed record FeedPageTexts(string Feed, string What, string How)
{
    private static readonly FeedPageTexts English = new(
        "Feed",
        "This is a feed: the newest posts in a form that programs read. Whoever follows it gets every new post, without giving anybody a mail address.",
        "To follow it, copy this address into a feed reader. There are free ones for every phone and computer; many mail programs and browsers have one built in."
    );

    private static readonly FeedPageTexts German = new(
        "Feed",
        "Dies ist ein Feed: die neuesten Beiträge in einer Form, die Programme lesen. Wer ihm folgt, bekommt jeden neuen Beitrag, ohne jemandem eine E-Mail-Adresse zu geben.",
        "Um ihm zu folgen, kopieren Sie diese Adresse in ein Leseprogramm für Feeds. Es gibt freie für jedes Telefon und jeden Rechner; viele Mailprogramme und Browser bringen eines mit."
    );

    private static readonly FeedPageTexts French = new(
        "Flux",
        "Ceci est un flux : les derniers articles sous une forme que lisent les programmes. Qui le suit reçoit chaque nouvel article, sans donner d’adresse à personne.",
        "Pour le suivre, copiez cette adresse dans un lecteur de flux. Il en existe de libres pour tous les téléphones et ordinateurs ; bien des logiciels de courrier et navigateurs en ont un."
    );

    /// <summary>Texts for a language tag.</summary>
    public static FeedPageTexts For(string language) =>
        language.Split('-')[0].ToLowerInvariant() switch
        {
            "de" => German,
            "fr" => French,
            _ => English,
        };
}
