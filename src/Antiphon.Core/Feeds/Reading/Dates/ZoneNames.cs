namespace Antiphon.Core.Feeds.Reading.Dates;

/// <summary>
/// Names of zones as they stand in dates. One name has several meanings in the world; the one taken is that of RFC 822,
/// or else the one with the most feeds.
/// </summary>
internal static class ZoneNames
{
    private static readonly Dictionary<string, double> Hours = new(StringComparer.OrdinalIgnoreCase)
    {
        ["GMT"] = 0,
        ["UT"] = 0,
        ["UTC"] = 0,
        ["Z"] = 0,
        ["WET"] = 0,
        ["WEST"] = 1,
        ["BST"] = 1,
        ["IST"] = 5.5,
        ["CET"] = 1,
        ["MET"] = 1,
        ["CEST"] = 2,
        ["MEST"] = 2,
        ["MESZ"] = 2,
        ["MEZ"] = 1,
        ["EET"] = 2,
        ["EEST"] = 3,
        ["MSK"] = 3,
        ["MSD"] = 4,
        ["EST"] = -5,
        ["EDT"] = -4,
        ["ET"] = -5,
        ["CST"] = -6,
        ["CDT"] = -5,
        ["CT"] = -6,
        ["MST"] = -7,
        ["MDT"] = -6,
        ["MT"] = -7,
        ["PST"] = -8,
        ["PDT"] = -7,
        ["PT"] = -8,
        ["AKST"] = -9,
        ["AKDT"] = -8,
        ["HST"] = -10,
        ["AST"] = -4,
        ["ADT"] = -3,
        ["NST"] = -3.5,
        ["NDT"] = -2.5,
        ["BRT"] = -3,
        ["ART"] = -3,
        ["JST"] = 9,
        ["KST"] = 9,
        ["AEST"] = 10,
        ["AEDT"] = 11,
        ["ACST"] = 9.5,
        ["AWST"] = 8,
        ["NZST"] = 12,
        ["NZDT"] = 13,
        ["SGT"] = 8,
        ["HKT"] = 8,
        ["PKT"] = 5,
        ["SAST"] = 2,
    };

    /// <summary>
    /// The offset of a name, or null. The single letters of RFC 822 were defined with the wrong sign, so that they say
    /// nothing but UTC (RFC 1123 §5.2.14).
    /// </summary>
    public static TimeSpan? Find(string name)
    {
        var word = name.Trim('.');
        if (word.Length == 1 && char.IsAsciiLetter(word[0]) && word[0] is not ('J' or 'j'))
            return TimeSpan.Zero;
        return Hours.TryGetValue(word, out var hours) ? TimeSpan.FromHours(hours) : null;
    }
}
