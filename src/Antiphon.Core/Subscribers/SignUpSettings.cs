using System.Globalization;

namespace Antiphon.Core.Subscribers;

/// <summary>A form that asks for new posts.</summary>
/// <param name="Shape">How it stands in a page.</param>
/// <param name="Title">Its heading; empty for none.</param>
/// <param name="Text">Words below the heading; empty for none.</param>
/// <param name="Button">What its button says; empty for the usual words in the site's language.</param>
public sealed record SignUpSettings(SignUpShape Shape, string Title, string Text, string Button)
{
    /// <summary>Longest heading, words and consent.</summary>
    public const int LongestTitle = 120,
        LongestText = 500,
        LongestButton = 40,
        LongestConsent = 1000;

    /// <summary>Most categories to choose from.</summary>
    public const int MostChoices = 30;

    /// <summary>Whether it asks for a name, which nobody has to give.</summary>
    public bool AsksName { get; init; }

    /// <summary>Categories readers may choose from; empty asks nothing.</summary>
    public IReadOnlyList<string> Categories { get; init; } = [];

    /// <summary>Digests readers may choose from; empty asks nothing.</summary>
    public IReadOnlyList<long> Digests { get; init; } = [];

    /// <summary>
    /// What the reader agrees to, with a box to tick; empty asks nothing beyond the confirmation by mail.
    /// </summary>
    public string Consent { get; init; } = string.Empty;

    /// <summary>What is said after sending; empty for the usual words in the site's language.</summary>
    public string Thanks { get; init; } = string.Empty;

    /// <summary>What cannot work, and what to do about it; null when all can.</summary>
    public (string Setting, string Remedy)? Problem() =>
        TooLong("title", Title, LongestTitle)
        ?? TooLong("text", Text, LongestText)
        ?? TooLong("button", Button, LongestButton)
        ?? TooLong("consent", Consent, LongestConsent)
        ?? TooLong("thanks", Thanks, LongestText)
        ?? (
            Categories.Count > MostChoices ? ("categories", $"Offer at most {MostChoices} categories.")
            : Digests.Count > MostChoices ? ("digests", $"Offer at most {MostChoices} digests.")
            : null
        );

    private static (string, string)? TooLong(string setting, string text, int most) =>
        text.Length > most
            ? (setting, string.Create(CultureInfo.InvariantCulture, $"Use at most {most} characters."))
            : null;
}
