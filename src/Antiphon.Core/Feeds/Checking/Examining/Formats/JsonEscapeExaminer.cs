using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Checking.Examining.Documents;
using Antiphon.Core.Feeds.Rules.Json;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking.Examining.Formats;

/// <summary>Looks for escapes in JSON that make no character (RFC 8259 §8.2).</summary>
internal static partial class JsonEscapeExaminer
{
    /// <summary>Reports the first half of a character.</summary>
    public static void Examine(Examination examination, string text)
    {
        if (Half().Match(text) is not { Success: true } half)
            return;
        var (line, column) = TextPlace.Of(text, half.Groups["half"].Index);
        examination.Report(Finding.At(JsonValueRules.HalfCharacter, line, column, half.Groups["half"].Value));
    }

    /// <summary>
    /// An escaped low half without its high half before it, or a high half without its low half behind it; a backslash
    /// that is escaped itself begins no escape.
    /// </summary>
    [GeneratedRegex(
        @"(?<!\\)(?<before>(?:\\\\)*)(?<half>\\u[dD][89abAB][0-9a-fA-F]{2}(?!\\u[dD][c-fC-F][0-9a-fA-F]{2})|(?<!\\u[dD][89abAB][0-9a-fA-F]{2})\\u[dD][c-fC-F][0-9a-fA-F]{2})"
    )]
    internal static partial Regex Half();
}
