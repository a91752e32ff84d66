using System.Globalization;

namespace Antiphon.Core.Feeds.Reading.Dates;

/// <summary>Months as the languages of Europe name them, in full, short, and as they stand behind a day.</summary>
internal static class MonthNames
{
    private static readonly string[] Languages =
    [
        "en",
        "de",
        "fr",
        "es",
        "it",
        "nl",
        "pt",
        "pl",
        "ru",
        "cs",
        "hu",
        "el",
        "sv",
        "da",
        "nb",
        "fi",
        "tr",
        "ro",
        "uk",
    ];

    private static readonly Dictionary<string, int> Known = Collect();

    /// <summary>
    /// The month of a name, 1 to 12, or null. English wins where two languages mean different months by one word.
    /// </summary>
    public static int? Find(string word)
    {
        var folded = word.Trim('.').ToLowerInvariant();
        if (Known.TryGetValue(folded, out var month))
            return month;
        // A name cut to its first letters, as "sept" and "janv" are.
        return
            folded.Length >= 3
            && Known.FirstOrDefault(name => name.Key.StartsWith(folded, StringComparison.Ordinal))
                is { Value: > 0 } longer
            ? longer.Value
            : null;
    }

    private static Dictionary<string, int> Collect()
    {
        var known = new Dictionary<string, int>(StringComparer.Ordinal);
        foreach (var format in Languages.Select(language => CultureInfo.GetCultureInfo(language).DateTimeFormat))
        {
            foreach (
                var names in new[]
                {
                    format.MonthNames,
                    format.MonthGenitiveNames,
                    format.AbbreviatedMonthNames,
                    format.AbbreviatedMonthGenitiveNames,
                }
            )
            {
                for (var month = 0; month < 12; month++)
                {
                    var name = names[month].Trim('.').ToLowerInvariant();
                    if (name.Any(char.IsLetter))
                        known.TryAdd(name, month + 1);
                }
            }
        }

        return known;
    }
}
