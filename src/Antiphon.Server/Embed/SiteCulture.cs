using System.Globalization;

namespace Antiphon.Server.Embed;

/// <summary>Dates as readers of a site write them.</summary>
internal static class SiteCulture
{
    /// <summary>Day, month and year in the site's language and zone, such as "24 November 2026".</summary>
    public static string LongDate(DateTimeOffset instant, string language, string zone)
    {
        var culture = Culture(language);
        var pattern = culture.DateTimeFormat.LongDatePattern.Replace("dddd", string.Empty, StringComparison.Ordinal).Trim(' ', ',', '.');
        return Local(instant, zone).ToString(pattern, culture);
    }

    /// <summary>The instant on the site's clocks.</summary>
    public static DateTimeOffset Local(DateTimeOffset instant, string zone) =>
        TimeZoneInfo.TryFindSystemTimeZoneById(zone, out var found) ? TimeZoneInfo.ConvertTime(instant, found) : instant;

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
