using Antiphon.Core.Languages;

namespace Antiphon.Server.Subscribers.Preferences;

/// <summary>What subscribers read on the pages about their mails, in the site's language.</summary>
internal sealed record PreferenceTexts(
    Phrase Title,
    string Which,
    string Everything,
    string HowOften,
    string Pause,
    string NoPause,
    string TwoWeeks,
    string OneMonth,
    string ThreeMonths,
    Phrase PausedUntil,
    string Save,
    string Saved,
    string StopTitle,
    Phrase StopText,
    string Stop,
    string RatherChoose,
    string LeftTitle,
    string LeftText,
    string Choose,
    string Return,
    string Returned,
    string Known,
    Phrase Since,
    Phrase Agreed,
    string Erase,
    string EraseText,
    string EraseSure,
    string EraseMissing,
    string Erased,
    string ErasedText,
    string Bounced,
    string Unknown
)
{
    private static readonly Catalogue<PreferenceTexts> All = new("preferences");

    /// <summary>The texts for a language tag; English for a language without texts.</summary>
    public static PreferenceTexts For(string? language) => All.For(language);
}
