using System.Globalization;
using System.Text.RegularExpressions;

namespace Antiphon.Core.Feeds.Repair.Values;

/// <summary>Puts numbers and words of short lists right.</summary>
internal static partial class NumberRepair
{
    /// <summary>A number of bytes whose digits are grouped; null when it is written in some other way.</summary>
    public static string? Size(string value)
    {
        var text = value.Trim();
        var digits = string.Concat(text.Where(char.IsAsciiDigit));
        return digits.Length > 0 && text.All(c => char.IsAsciiDigit(c) || c is ',' or '.' or ' ' or '\'' or '\u00A0')
            ? digits
            : null;
    }

    /// <summary>The one whole number in a text, or null.</summary>
    public static string? Digits(string value)
    {
        var numbers = Whole().Matches(value);
        return numbers.Count == 1 && !value.Contains('-', StringComparison.Ordinal) ? numbers[0].Value : null;
    }

    /// <summary>A number of minutes, rounded up; hours are told by their name.</summary>
    public static string? Minutes(string value)
    {
        if (Amount().Match(value) is not { Success: true } amount || value.Contains('-', StringComparison.Ordinal))
            return null;
        var number = double.Parse(amount.Groups[1].Value, CultureInfo.InvariantCulture);
        var minutes = Math.Ceiling(amount.Groups[2].Value.StartsWith('h') ? number * 60 : number);
        return minutes is > 0 and < 1_000_000 ? minutes.ToString("0", CultureInfo.InvariantCulture) : null;
    }

    /// <summary>A number brought into bounds.</summary>
    public static string? Clamped(string value, int most) =>
        Whole().Match(value) is { Success: true } number
        && !value.Contains('-', StringComparison.Ordinal)
        && int.TryParse(number.Value, NumberStyles.None, CultureInfo.InvariantCulture, out var size)
        && size > 0
            ? Math.Min(size, most).ToString(CultureInfo.InvariantCulture)
            : null;

    /// <summary>A weekday in English, by its short name or its name in another language.</summary>
    public static string? Weekday(string value)
    {
        var text = value.Trim().TrimEnd('.');
        if (text.Length < 2)
            return null;
        foreach (var language in (string[])["en", "de", "fr", "es", "it", "nl", "pl", "pt", "sv", "da"])
        {
            var format = CultureInfo.GetCultureInfo(language).DateTimeFormat;
            for (var day = 0; day < 7; day++)
            {
                var isDay =
                    format.DayNames[day].Equals(text, StringComparison.OrdinalIgnoreCase)
                    || format.AbbreviatedDayNames[day].TrimEnd('.').Equals(text, StringComparison.OrdinalIgnoreCase);
                if (isDay)
                    return ((DayOfWeek)day).ToString();
            }
        }

        return null;
    }

    /// <summary>A protocol of cloud in other capitals or with other marks.</summary>
    public static string? Protocol(string value) =>
        string.Concat(value.Where(char.IsAsciiLetter)).ToLowerInvariant() switch
        {
            "xmlrpc" => "xml-rpc",
            "soap" => "soap",
            "httppost" or "http" or "https" or "post" or "rest" => "http-post",
            _ => null,
        };

    [GeneratedRegex("[0-9]+")]
    private static partial Regex Whole();

    [GeneratedRegex(@"^\s*([0-9]+(?:\.[0-9]+)?)\s*([a-z]*)", RegexOptions.IgnoreCase)]
    private static partial Regex Amount();
}
