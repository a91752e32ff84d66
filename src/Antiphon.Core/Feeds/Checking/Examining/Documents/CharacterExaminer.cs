using System.Buffers;
using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Rules.Documents;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking.Examining.Documents;

/// <summary>Looks for characters that are allowed and yet a slip. Of each kind the first is told.</summary>
internal static partial class CharacterExaminer
{
    private static readonly SearchValues<char> Invisible = SearchValues.Create([
        .. Enumerable.Range(0x7F, 0x21).Where(c => c != 0x85).Select(c => (char)c),
        .. Enumerable.Range(0xFDD0, 32).Select(c => (char)c),
    ]);

    /// <summary>Examines the document as text.</summary>
    public static void Examine(Examination examination, DecodedFeed decoded)
    {
        var text = decoded.Text;
        void Report(CheckRule rule, int at, params string[] arguments)
        {
            var (line, column) = TextPlace.Of(text, at);
            examination.Report(Finding.At(rule, line, column, arguments));
        }

        if (text.AsSpan().IndexOfAny(Invisible) is var hidden and >= 0)
            Report(EncodingRules.Discouraged, hidden, $"U+{(int)text[hidden]:X4}");
        if (decoded.Broken is null && text.IndexOf('\uFFFD', StringComparison.Ordinal) is var lost and >= 0)
            Report(EncodingRules.Replaced, lost);
        if (text.IndexOf('\uFEFF', Math.Min(1, text.Length)) is var mark and > 0)
            Report(EncodingRules.MarkInside, mark);
        if (text.AsSpan().IndexOfAny('Ã', 'Â', 'â') >= 0 && Garbled().Match(text) is { Success: true } garbled)
            Report(
                EncodingRules.Garbled,
                garbled.Index,
                garbled.Value,
                decoded.Declared ?? decoded.Served ?? decoded.Encoding
            );
        if (decoded.HasWindowsCharacters && WindowsOnly().Match(text) is { Success: true } windows)
            Report(EncodingRules.WindowsBytes, windows.Index, decoded.Served ?? decoded.Declared!, windows.Value);
    }

    /// <summary>Bytes of UTF-8 taken one by one, as Latin-1 or Windows-1252 show them.</summary>
    [GeneratedRegex("(?:Ã[\u0080-\u00BF€‚ƒ„…†‡ˆ‰Š‹ŒŽ‘’“”•–—˜™š›œžŸ]|Â[\u00A0-\u00BF]|â€[™œ“”˜¦–—¢\u0080-\u00BF])+")]
    internal static partial Regex Garbled();

    [GeneratedRegex("[€‚ƒ„…†‡ˆ‰Š‹ŒŽ‘’“”•–—˜™š›œžŸ]")]
    private static partial Regex WindowsOnly();
}
