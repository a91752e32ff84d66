using System.Globalization;
using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Reading;

namespace Antiphon.Core.Feeds.Checking.Examining;

/// <summary>Small questions about values.</summary>
internal static partial class ValueTests
{
    /// <summary>A whole number from 0.</summary>
    public static bool IsNumber(string text) =>
        text.Trim() is { Length: > 0 and < 19 } number && number.All(char.IsAsciiDigit);

    /// <summary>A whole number above 0.</summary>
    public static bool IsPositive(string text) => IsNumber(text) && text.Trim().Any(c => c != '0');

    /// <summary>A whole number in bounds.</summary>
    public static bool IsBetween(string text, int least, int most) =>
        int.TryParse(text.Trim(), NumberStyles.None, CultureInfo.InvariantCulture, out var number)
        && number >= least
        && number <= most;

    /// <summary>A media type (RFC 6838 §4.2).</summary>
    public static bool IsMediaType(string text) => MediaType().IsMatch(text.Trim());

    /// <summary>A language tag (RFC 5646 §2.1).</summary>
    public static bool IsLanguage(string text) => Language().IsMatch(text.Trim());

    /// <summary>A mail address, roughly.</summary>
    public static bool IsMail(string text) => Mail().IsMatch(text.Trim());

    /// <summary>An address or a relative reference without white space.</summary>
    public static bool IsReference(string text) =>
        text.Trim() is { Length: > 0 } address && !address.Any(char.IsWhiteSpace);

    /// <summary>Seconds, or hours, minutes and seconds.</summary>
    public static bool IsDuration(string text) => Duration().IsMatch(text.Trim());

    /// <summary>Latitude and longitude.</summary>
    public static bool IsPoint(string text) => Point().IsMatch(text.Trim());

    /// <summary>A date and time of the W3C's profile of ISO 8601.</summary>
    public static bool IsW3CDate(string text) =>
        W3CDate().IsMatch(text.Trim()) && Reading.Dates.PublishedDateParser.Parse(text) is not null;

    /// <summary>An absolute address of the web.</summary>
    public static bool IsWeb(string text) => LinkResolver.IsWeb(text);

    /// <summary>The first tag in a text, or null.</summary>
    public static string? FirstTag(string text) => Tag().Match(text) is { Success: true } match ? match.Value : null;

    [GeneratedRegex("^[A-Za-z0-9!#$&^_.+-]+/[A-Za-z0-9!#$&^_.+-]+(\\s*;.*)?$")]
    private static partial Regex MediaType();

    [GeneratedRegex("^[A-Za-z]{2,8}(-[A-Za-z0-9]{1,8})*$")]
    private static partial Regex Language();

    [GeneratedRegex(@"^[^\s@]+@[^\s@]+$")]
    private static partial Regex Mail();

    [GeneratedRegex(@"^(\d+|\d{1,3}:[0-5]?\d(:[0-5]?\d)?)(\.\d+)?$")]
    private static partial Regex Duration();

    [GeneratedRegex(@"^-?\d{1,2}(\.\d+)?[\s,]+-?\d{1,3}(\.\d+)?$")]
    private static partial Regex Point();

    [GeneratedRegex(@"^\d{4}(-\d{2}(-\d{2}(T\d{2}:\d{2}(:\d{2}(\.\d+)?)?(Z|[+-]\d{2}:\d{2}))?)?)?$")]
    private static partial Regex W3CDate();

    [GeneratedRegex("</?(?:a|b|i|em|strong|p|br|span|img|div|h[1-6])\\b[^<>]*>", RegexOptions.IgnoreCase)]
    private static partial Regex Tag();
}
