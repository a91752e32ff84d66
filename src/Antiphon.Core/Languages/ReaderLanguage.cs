using System.Globalization;

namespace Antiphon.Core.Languages;

/// <summary>The languages readers are spoken to in.</summary>
public static class ReaderLanguage
{
    /// <summary>Spoken to those whose language we have no texts in.</summary>
    public const string Fallback = "en";

    /// <summary>Primary subtags of the languages there are texts in.</summary>
    public static IReadOnlyList<string> All { get; } =
    ["ar", "da", "de", "en", "es", "fr", "he", "it", "nl", "pl", "pt", "sv"];

    /// <summary>
    /// The language of the texts for a language tag (BCP 47), such as "de" for "de-CH"; <see cref="Fallback"/> where
    /// there are none.
    /// </summary>
    public static string Of(string? tag) =>
        tag?.Split('-')[0].ToLowerInvariant() is { } primary && All.Contains(primary) ? primary : Fallback;

    /// <summary>The direction of text in a language, as HTML says it: "rtl" or "ltr".</summary>
    public static string DirectionOf(string? tag)
    {
        try
        {
            return tag is not null && CultureInfo.GetCultureInfo(tag).TextInfo.IsRightToLeft ? "rtl" : "ltr";
        }
        catch (CultureNotFoundException)
        {
            return "ltr";
        }
    }
}
