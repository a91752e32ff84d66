using System.Globalization;
using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Forms;

namespace Antiphon.Core.Feeds.Reading.Dates;

/// <summary>
/// Dates as people and programs write them who read no standard: the parts in any order, months in other languages,
/// slashes and dots, AM and PM, 24:00, zones missing (then UTC) or unknown
/// (then UTC as well, since being some hours off is less wrong than having no date).
/// </summary>
internal sealed partial class LooseDateParser : IDateParser
{
    private static readonly string[] DayFirst = ["."];

    /// <inheritdoc/>
    public DateTimeOffset? Parse(string text)
    {
        var time = Time().Match(text);
        var rest = time.Success ? text.Remove(time.Index, time.Length) : text;
        if (DateOf(rest) is not { } day)
            return null;
        var offset = ZoneOf(text, time) ?? TimeSpan.Zero;
        return TimeOf(time) is { } clock && day.Year is > 1 and < 9999
            ? new DateTimeOffset(DateTime.SpecifyKind(day + clock, DateTimeKind.Unspecified), offset)
            : null;
    }

    private static DateTime? DateOf(string text)
    {
        if (YearFirst().Match(text) is { Success: true } iso)
            return Day(Number(iso, 1), Number(iso, 2), Number(iso, 3));
        if (YearLast().Match(text) is { Success: true } written)
        {
            var (one, two, year) = (
                Number(written, 1),
                Number(written, 3),
                WrittenYear.Of(written.Groups[4].Value) ?? 0
            );
            // With dots the day stands first; with slashes the month does, unless it cannot be one.
            return DayFirst.Contains(written.Groups[2].Value) || one > 12
                ? Day(year, two, one)
                : Day(year, one, two) ?? Day(year, two, one);
        }

        int? month = null;
        foreach (Match word in Words().Matches(text))
            month ??= MonthNames.Find(word.Value);
        if (month is null)
            return null;
        var numbers = Numbers().Matches(text).Select(match => match.Value).Where(number => number.Length <= 4).ToList();
        var yearText = numbers.FirstOrDefault(number => number.Length == 4) ?? numbers.ElementAtOrDefault(1);
        var dayText = numbers.FirstOrDefault(number => number.Length <= 2 && !ReferenceEquals(number, yearText));
        return yearText is null || dayText is null
            ? null
            : Day(WrittenYear.Of(yearText) ?? 0, month.Value, int.Parse(dayText, CultureInfo.InvariantCulture));
    }

    private static DateTime? Day(int year, int month, int day) =>
        year is > 0 and < 10_000 && month is >= 1 and <= 12 && day >= 1 && day <= DateTime.DaysInMonth(year, month)
            ? new DateTime(year, month, day, 0, 0, 0, DateTimeKind.Unspecified)
            : null;

    private static TimeSpan? TimeOf(Match time)
    {
        if (!time.Success)
            return TimeSpan.Zero;
        var (hour, minute) = (Number(time, 1), Number(time, 2));
        var second = time.Groups[3].Success ? Number(time, 3) : 0;
        var half = time.Groups[4].Value.ToUpperInvariant();
        if (half.StartsWith('P') && hour < 12)
            hour += 12;
        if (half.StartsWith('A') && hour == 12)
            hour = 0;
        // 24:00 is the end of the day; a leap second is the second before.
        return hour <= 24 && minute < 60 && second <= 60 ? new TimeSpan(hour, minute, Math.Min(second, 59)) : null;
    }

    private static TimeSpan? ZoneOf(string text, Match time)
    {
        if (!time.Success)
            return null;
        var behind = text[(time.Index + time.Length)..];
        if (Offset().Match(behind) is { Success: true } offset)
        {
            var minutes = (Number(offset, 2) * 60) + (offset.Groups[3].Success ? Number(offset, 3) : 0);
            if (minutes <= 14 * 60)
                return TimeSpan.FromMinutes(offset.Groups[1].Value == "-" ? -minutes : minutes);
        }

        return Words()
            .Matches(behind)
            .Select(word => ZoneNames.Find(word.Value))
            .FirstOrDefault(zone => zone is not null);
    }

    private static int Number(Match match, int group) =>
        int.Parse(match.Groups[group].Value, CultureInfo.InvariantCulture);

    [GeneratedRegex(@"(?<![0-9.])([0-9]{1,2}):([0-9]{2})(?::([0-9]{2})(?:[.,][0-9]+)?)?\s*([AaPp]\.?[Mm]\.?)?")]
    private static partial Regex Time();

    [GeneratedRegex(@"(?<![0-9])([0-9]{4})[-/.]([0-9]{1,2})[-/.]([0-9]{1,2})(?![0-9])")]
    private static partial Regex YearFirst();

    [GeneratedRegex(@"(?<![0-9])([0-9]{1,2})([-/.])([0-9]{1,2})[-/.]([0-9]{4}|[0-9]{2})(?![0-9])")]
    private static partial Regex YearLast();

    [GeneratedRegex(@"\p{L}[\p{L}.]*")]
    private static partial Regex Words();

    [GeneratedRegex(@"[0-9]+")]
    private static partial Regex Numbers();

    [GeneratedRegex(@"([+-])\s*([0-9]{2})(?::?([0-9]{2}))?(?![0-9])")]
    private static partial Regex Offset();
}
