using System.Globalization;
using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Time;

namespace Antiphon.Core.Importing;

/// <summary>Reads dates of tables. A date without a zone is one on the site's clocks.</summary>
public static class TableDate
{
    private static readonly string[] Times =
    [
        "",
        " HH:mm",
        " HH:mm:ss",
        " H:mm",
        " h:mm tt",
        "'T'HH:mm",
        "'T'HH:mm:ss",
    ];
    private static readonly string[] DayFirst =
    [
        .. Forms("d.M.yyyy", "d/M/yyyy", "d-M-yyyy", "d.M.yy", "d/M/yy", "d MMM yyyy", "d MMMM yyyy", "d. MMMM yyyy"),
    ];
    private static readonly string[] MonthFirst =
    [
        .. Forms("M/d/yyyy", "M-d-yyyy", "M.d.yyyy", "M/d/yy", "MMM d, yyyy", "MMMM d, yyyy"),
    ];
    private static readonly string[] YearFirst = [.. Forms("yyyy-M-d", "yyyy/M/d", "yyyy.M.d", "yyyyMMdd")];

    /// <summary>The instant, or null when the value is no date of that form.</summary>
    /// <param name="value">The value.</param>
    /// <param name="form">How dates of the table are written; years first are read in every form.</param>
    /// <param name="zone">Zone of the site.</param>
    public static DateTimeOffset? Read(string value, DateForm form, string zone)
    {
        var text = value.Trim();
        var local = Local(text, YearFirst)
            ?? form switch
            {
                DateForm.DayFirst => Local(text, DayFirst),
                DateForm.MonthFirst => Local(text, MonthFirst),
                _ => null,
            };
        if (local is { } found)
            return OnClocks(found, zone);
        return ReadStandard(text);
    }

    /// <summary>The instant of a date that says its zone or follows a standard; null when it does not.</summary>
    public static DateTimeOffset? ReadStandard(string value) =>
        value.Any(char.IsAsciiDigit)
        && !value.Contains('/', StringComparison.Ordinal)
        && Local(value.Trim(), DayFirst) is null
            ? PublishedDateParser.Parse(value)
            : null;

    private static DateTime? Local(string text, string[] forms) =>
        DateTime.TryParseExact(text, forms, CultureInfo.InvariantCulture, DateTimeStyles.AllowWhiteSpaces, out var date)
            ? date
            : null;

    private static DateTimeOffset? OnClocks(DateTime local, string zone) =>
        WallTime.Read(local.ToString(WallTime.Format, CultureInfo.InvariantCulture), zone)?.Instant;

    private static IEnumerable<string> Forms(params string[] days) =>
        days.SelectMany(day => Times.Select(time => day + time));
}
