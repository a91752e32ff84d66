using System.Text.RegularExpressions;

namespace Antiphon.Core.Channels.Composing;

/// <summary>
/// Closes the gap of a field that says nothing: brackets and quotes around it go, and so does what parted it from what
/// stands before or behind, so that "From {blog}, {date}: {title}" without a date is "From Night Log: First frost".
/// </summary>
internal static partial class EmptyFields
{
    /// <summary>Stands where a field says nothing; no text has it (Unicode: a code point for private use).</summary>
    public const char Gap = '\uE000';

    /// <summary>A filled line without its gaps.</summary>
    public static string Close(string line)
    {
        if (!line.Contains(Gap, StringComparison.Ordinal))
            return line;
        for (var before = string.Empty; before != line; )
        {
            before = line;
            line = Enclosed().Replace(line, Gap.ToString());
            line = Several().Replace(line, Gap.ToString());
        }

        line = First().Replace(line, string.Empty);
        line = Parted().Replace(line, string.Empty);
        line = Followed().Replace(line, string.Empty);
        return line.Replace(Gap.ToString(), string.Empty, StringComparison.Ordinal);
    }

    [GeneratedRegex("""[(\[„“"«‹]\s*\uE000\s*[)\]”“"»›]""")]
    private static partial Regex Enclosed();

    // Two gaps with nothing but what parts them.
    [GeneratedRegex(@"\uE000[\s,;:·|/–—-]*\uE000")]
    private static partial Regex Several();

    // At the beginning of a line what follows the gap goes with it.
    [GeneratedRegex(@"^\s*\uE000\s*(?:[,;:·|/–—-](?=\s|$)\s*)*")]
    private static partial Regex First();

    // Elsewhere what stands before it, where something else parts or ends the text behind it.
    [GeneratedRegex(@"(?:\s*[,;:·|/–—]|\s+-)\s*\uE000(?=\s*(?:[,;:·|/–—.!?]|-\s|$))")]
    private static partial Regex Parted();

    // Behind words with nothing between, what parts it from the next goes; a colon then belongs to the words.
    [GeneratedRegex(@"\s*\uE000(?=:)|\uE000\s*(?:[,;·|/–—]|-\s)\s*")]
    private static partial Regex Followed();
}
