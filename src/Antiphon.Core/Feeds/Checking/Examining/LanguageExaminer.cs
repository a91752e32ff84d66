using Antiphon.Core.Feeds.Rules;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Checking.Examining;

/// <summary>Checks language tags.</summary>
internal static class LanguageExaminer
{
    /// <summary>Reports a text that is no well-formed tag (RFC 5646 §2.1).</summary>
    public static void Examine(Examination examination, SourceElement language)
    {
        if (!ValueTests.IsLanguage(language.Text))
            examination.Report(SharedRules.LanguageInvalid, language.TextPlace, language.Text);
    }
}
