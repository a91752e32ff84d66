namespace Antiphon.Core.Mailing.Checking;

/// <summary>Wording that filters of mail services commonly weigh against a mail.</summary>
internal static class SpamPhrases
{
    private static readonly string[] Known =
    [
        "act now",
        "100% free",
        "buy now",
        "cash bonus",
        "click below",
        "congratulations you",
        "double your",
        "earn money",
        "extra income",
        "free gift",
        "guaranteed",
        "limited time",
        "lowest price",
        "miracle",
        "no obligation",
        "once in a lifetime",
        "order now",
        "risk-free",
        "this is not spam",
        "urgent",
        "winner",
        "you have been selected",
        "jetzt zugreifen",
        "nur heute",
        "garantiert gratis",
        "sie haben gewonnen",
        "schnell reich",
        "ohne risiko",
        "kostenlos testen",
        "gratuit !",
        "offre limitée",
        "vous avez gagné",
        "sans risque",
        "argent facile",
        "cliquez vite",
    ];

    /// <summary>Those the text holds, each as whole words.</summary>
    public static IEnumerable<string> In(string text) => Known.Where(phrase => Holds(text, phrase));

    private static bool Holds(string text, string phrase)
    {
        for (
            var at = text.IndexOf(phrase, StringComparison.OrdinalIgnoreCase);
            at >= 0;
            at = text.IndexOf(phrase, at + 1, StringComparison.OrdinalIgnoreCase)
        )
        {
            var end = at + phrase.Length;
            if (
                (at == 0 || !char.IsLetterOrDigit(text[at - 1]))
                && (end == text.Length || !char.IsLetterOrDigit(text[end]))
            )
                return true;
        }

        return false;
    }
}
