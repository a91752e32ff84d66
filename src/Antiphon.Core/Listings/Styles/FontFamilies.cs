namespace Antiphon.Core.Listings.Styles;

/// <summary>Lists of font families.</summary>
public static class FontFamilies
{
    /// <summary>
    /// The list as CSS takes it, names of several words in quotes; null when there is none or it holds what no family
    /// name holds.
    /// </summary>
    public static string? Clean(string? families)
    {
        if (
            string.IsNullOrWhiteSpace(families)
            || families.Any(c => !char.IsLetterOrDigit(c) && c is not (' ' or ',' or '-' or '_' or '"' or '\'' or '.'))
        )
            return null;
        var names = families
            .Split(',')
            .Select(name =>
                name.Trim(' ', '"', '\'')
                    .Replace("\"", string.Empty, StringComparison.Ordinal)
                    .Replace("'", string.Empty, StringComparison.Ordinal)
            )
            .Where(name => name.Length > 0)
            .ToList();
        return names.Count == 0
            ? null
            : string.Join(
                ',',
                names.Select(name => name.Any(c => c is ' ' or '.') || char.IsDigit(name[0]) ? $"\"{name}\"" : name)
            );
    }
}
