using System.Text.RegularExpressions;

namespace Antiphon.Core.Feeds.Checking.Examining;

/// <summary>Small questions about values.</summary>
internal static partial class ValueTests
{
    /// <summary>The first tag of HTML in a text, or null.</summary>
    public static string? FirstTag(string text) =>
        text.Contains('<', StringComparison.Ordinal) && Tag().Match(text) is { Success: true } match
            ? match.Value
            : null;

    [GeneratedRegex(
        "</?(?:a|b|i|u|em|strong|p|br|span|img|div|code|small|sub|sup|ul|ol|li|h[1-6]|blockquote|font)\\b[^<>]*>",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Tag();
}
