using System.Text.RegularExpressions;

namespace Antiphon.Core.Listings.Styles.Matching;

/// <summary>
/// Puts the values of custom properties in the place of var() (CSS Custom Properties Level 1). The first value given
/// stands for all elements, as pages set theirs once, at the root.
/// </summary>
internal static partial class CustomProperties
{
    private const int Rounds = 6;

    /// <summary>The sheets with every var() resolved that can be.</summary>
    public static IReadOnlyList<PageSheet> Resolve(IReadOnlyList<PageSheet> sheets)
    {
        var values = new Dictionary<string, string>();
        foreach (var sheet in sheets)
        {
            foreach (Match match in Given().Matches(sheet.Css ?? string.Empty))
                values.TryAdd(match.Groups[1].Value, match.Groups[2].Value.Trim());
        }

        return [.. sheets.Select(sheet => sheet with { Css = Resolved(sheet.Css ?? string.Empty, values) })];
    }

    private static string Resolved(string css, Dictionary<string, string> values)
    {
        // A value may name another; a ring of names ends with the rounds.
        for (var round = 0; round < Rounds && css.Contains("var(", StringComparison.OrdinalIgnoreCase); round++)
        {
            css = Used()
                .Replace(css, match =>
                    values.GetValueOrDefault(match.Groups[1].Value)
                    ?? (match.Groups[2].Success ? match.Groups[2].Value : "inherit")
                );
        }

        return css;
    }

    [GeneratedRegex(@"(--[\w-]+)\s*:\s*([^;{}]+)")]
    private static partial Regex Given();

    [GeneratedRegex(@"var\(\s*(--[\w-]+)\s*(?:,\s*([^()]*(?:\([^()]*\)[^()]*)*))?\)", RegexOptions.IgnoreCase)]
    private static partial Regex Used();
}
