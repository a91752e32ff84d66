using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Checking.Rules;
using Antiphon.Core.Feeds.Checking.Source;

namespace Antiphon.Core.Feeds.Checking;

/// <summary>Checks language tags.</summary>
internal static partial class LanguageExaminer
{
    /// <summary>Reports a text that is no well-formed tag (RFC 5646 §2.1).</summary>
    public static void Examine(Examination examination, SourceElement language)
    {
        if (!Tag().IsMatch(language.Text.Trim())) examination.Report(SharedRules.LanguageInvalid, language.TextPlace, language.Text);
    }

    [GeneratedRegex("^[A-Za-z]{2,8}(-[A-Za-z0-9]{1,8})*$")]
    private static partial Regex Tag();
}
