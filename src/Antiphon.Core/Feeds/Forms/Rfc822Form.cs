using System.Globalization;
using System.Text.RegularExpressions;

namespace Antiphon.Core.Feeds.Forms;

/// <summary>
/// Dates to the letter of RFC 822 §5.1, with years of two or four digits as RSS 2.0 takes them: lexical tokens with any
/// white space and comments in brackets between them, names in any case, zones by name, by letter or by number.
/// </summary>
internal static partial class Rfc822Form
{
    private static readonly string[] Months =
    [
        "jan",
        "feb",
        "mar",
        "apr",
        "may",
        "jun",
        "jul",
        "aug",
        "sep",
        "oct",
        "nov",
        "dec",
    ];

    private static readonly Dictionary<string, int> Zones = new(StringComparer.OrdinalIgnoreCase)
    {
        ["UT"] = 0,
        ["GMT"] = 0,
        ["EST"] = -5,
        ["EDT"] = -4,
        ["CST"] = -6,
        ["CDT"] = -5,
        ["MST"] = -7,
        ["MDT"] = -6,
        ["PST"] = -8,
        ["PDT"] = -7,
    };

    /// <summary>What a text written exactly so says, or null.</summary>
    public static Rfc822Date? Read(string text)
    {
        if (text.Length > 120)
            return null;
        // Most feeds write it in the one form that the framework reads fastest.
        if (
            text.Length == 29
            && DateTimeOffset.TryParseExact(text, "R", CultureInfo.InvariantCulture, DateTimeStyles.None, out var usual)
        )
            return new Rfc822Date(usual, null, false, false);
        // Comments are rare, and looking for them costs as much as reading the date.
        var plain = text.Contains('(', StringComparison.Ordinal) ? Comment().Replace(text, " ").Trim() : text;
        if (Form().Match(plain) is not { Success: true } date || Instant(date) is not { } instant)
            return null;
        var named = date.Groups["weekday"];
        var isWrong =
            named.Success
            && !named.ValueSpan.Equals(instant.DayOfWeek.ToString().AsSpan(0, 3), StringComparison.OrdinalIgnoreCase);
        var zone = date.Groups["zone"].ValueSpan;
        return new Rfc822Date(
            instant,
            isWrong ? named.Value : null,
            date.Groups["year"].Length == 2,
            zone.Length == 1 && zone[0] is not ('Z' or 'z')
        );
    }

    /// <summary>The instant of a text written exactly so, or null.</summary>
    public static DateTimeOffset? Parse(string text) => Read(text)?.Instant;

    private static DateTimeOffset? Instant(Match date)
    {
        var (day, year) = (Number(date, "day"), WrittenYear.Of(date.Groups["year"].Value) ?? 0);
        var month = Array.IndexOf(Months, date.Groups["month"].Value.ToLowerInvariant()) + 1;
        var (hour, minute) = (Number(date, "hour"), Number(date, "minute"));
        var second = date.Groups["second"].Success ? Number(date, "second") : 0;
        if (year < 1 || day < 1 || day > DateTime.DaysInMonth(year, month) || hour > 23 || minute > 59 || second > 60)
            return null;
        if (ZoneOf(date.Groups["zone"].Value) is not { } zone)
            return null;
        // A leap second is the second before it, to a clock that has none.
        var local = new DateTime(year, month, day, hour, minute, Math.Min(second, 59), DateTimeKind.Unspecified);
        return year is > 1 and < 9999 ? new DateTimeOffset(local, zone) : null;
    }

    private static int Number(Match match, string group) =>
        int.Parse(match.Groups[group].Value, CultureInfo.InvariantCulture);

    private static TimeSpan? ZoneOf(string zone)
    {
        if (Zones.TryGetValue(zone, out var hours))
            return TimeSpan.FromHours(hours);
        // The letters were defined with the wrong sign, so that they say nothing but UTC (RFC 1123 §5.2.14).
        if (zone.Length == 1)
            return TimeSpan.Zero;
        var (hour, minute) = (
            int.Parse(zone.AsSpan(1, 2), NumberStyles.None, CultureInfo.InvariantCulture),
            int.Parse(zone.AsSpan(3, 2), NumberStyles.None, CultureInfo.InvariantCulture)
        );
        if (minute > 59 || hour > 14)
            return null;
        var offset = new TimeSpan(hour, minute, 0);
        if (offset > TimeSpan.FromHours(14))
            return null;
        return zone[0] == '-' ? -offset : offset;
    }

    [GeneratedRegex(
        @"^(?:(?<weekday>Mon|Tue|Wed|Thu|Fri|Sat|Sun)\s*,\s*)?(?<day>[0-9]{1,2})\s+(?<month>Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)\s+(?<year>[0-9]{4}|[0-9]{2})\s+(?<hour>[0-9]{2})\s*:\s*(?<minute>[0-9]{2})(?:\s*:\s*(?<second>[0-9]{2}))?\s+(?<zone>UT|GMT|[ECMP][SD]T|[A-IK-Z]|[+-][0-9]{4})$",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Form();

    [GeneratedRegex(@"\([^()]*\)")]
    private static partial Regex Comment();
}

/// <summary>A date of RFC 822.</summary>
/// <param name="Instant">The moment.</param>
/// <param name="WrongWeekday">The weekday it names when it is not the date's; else null.</param>
/// <param name="HasShortYear">Whether its year has two digits.</param>
/// <param name="HasLetterZone">Whether its zone is a single letter, of which only Z is understood alike everywhere.</param>
internal readonly record struct Rfc822Date(
    DateTimeOffset Instant,
    string? WrongWeekday,
    bool HasShortYear,
    bool HasLetterZone
);
