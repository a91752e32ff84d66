using Antiphon.Core.Languages;

namespace Antiphon.Server.Subscribers.Forms;

/// <summary>What readers are told after sending a form, in the site's language.</summary>
internal sealed record SignUpTexts(
    string Thanks,
    string Answered,
    string Incomplete,
    string WhatToFill,
    string NoAddress,
    string NoConsent,
    string Back,
    string LookForMail,
    string ConfirmFirst,
    Phrase LetterSubject,
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
    private static readonly Catalogue<SignUpTexts> All = new("forms");

    /// <summary>The texts for a language tag; English for a language without texts.</summary>
    public static SignUpTexts For(string? language) => All.For(language);
}
