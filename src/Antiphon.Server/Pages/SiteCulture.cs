using System.Globalization;

namespace Antiphon.Server.Pages;

/// <summary>Dates as readers of a site write them.</summary>
internal static class SiteCulture
{
    /// <summary>Day, month and year in the site's language and zone, such as "24 November 2026".</summary>
    public static string LongDate(DateTimeOffset instant, string language, string zone)
    {
        var culture = Culture(language);
        var pattern = culture
            .DateTimeFormat.LongDatePattern.Replace("dddd", string.Empty, StringComparison.Ordinal)
            .Trim(' ', ',', '،', '.');
        return Local(instant, zone).ToString(pattern, culture);
    }

    /// <summary>
    /// The date in a pattern of the owner's, such as "d MMM"; a pattern that is none, or none at all, gives the long
    /// date.
    /// </summary>
    public static string DateText(DateTimeOffset instant, string language, string zone, string? pattern)
    {
        if (string.IsNullOrWhiteSpace(pattern))
            return LongDate(instant, language, zone);
        try
        {
            // A single letter would be read as a standard format; the percent sign makes it a pattern.
            return Local(instant, zone).ToString(pattern.Length == 1 ? "%" + pattern : pattern, Culture(language));
        }
        catch (FormatException)
        {
            return LongDate(instant, language, zone);
        }
    }

    /// <summary>Month and year, such as "November 2026".</summary>
    public static string Month(DateTimeOffset local, string language) => local.ToString("Y", Culture(language));

    /// <summary>The instant on the site's clocks.</summary>
    public static DateTimeOffset Local(DateTimeOffset instant, string zone) =>
        TimeZoneInfo.ConvertTime(instant, ZoneOf(zone));

    /// <summary>The zone with a name; that of the world's clock for one this machine does not know.</summary>
    public static TimeZoneInfo ZoneOf(string zone) =>
        TimeZoneInfo.TryFindSystemTimeZoneById(zone, out var found) ? found : TimeZoneInfo.Utc;

    private static CultureInfo Culture(string language)
    {
        try
        {
            return CultureInfo.GetCultureInfo(language);
        }
        catch (CultureNotFoundException)
        {
            return CultureInfo.GetCultureInfo("en-GB");
        }
    }
}
