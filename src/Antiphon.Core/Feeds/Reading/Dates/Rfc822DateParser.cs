using System.Globalization;
using Antiphon.Core.Feeds.Forms;

namespace Antiphon.Core.Feeds.Reading.Dates;

/// <summary>RFC 822 §5.1 with four-digit years, as RSS asks for: Tue, 24 Nov 2026 09:30:00 GMT.</summary>
public sealed class Rfc822DateParser : IDateParser
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

    /// <inheritdoc/>
    public DateTimeOffset? Parse(string text) => Read(text) ?? Rfc822Form.Parse(text);

    private static DateTimeOffset? Read(string text)
    {
        var comma = text.IndexOf(',');
        var parts = (comma is > 0 and < 12 ? text[(comma + 1)..] : text).Split(
            ' ',
            StringSplitOptions.RemoveEmptyEntries
        );
        if (parts.Length is < 3 or > 6)
            return null;
        if (!int.TryParse(parts[0], NumberStyles.None, CultureInfo.InvariantCulture, out var day))
            return null;
        if (Month(parts[1]) is not { } month || WrittenYear.Of(parts[2]) is not ({ } year and > 0))
            return null;
        if (day < 1 || day > DateTime.DaysInMonth(year, month))
            return null;
        if (Time(parts.Length > 3 ? parts[3] : "00:00") is not { } time)
            return null;
        var offset = parts.Length > 4 ? Zone(parts[4]) : TimeSpan.Zero;
        return offset is null
            ? null
            : new DateTimeOffset(
                new DateTime(year, month, day, 0, 0, 0, DateTimeKind.Unspecified) + time,
                offset.Value
            );
    }

    private static int? Month(string text)
    {
        if (text.Length < 3)
            return null;
        var index = Array.IndexOf(Months, text[..3].ToLowerInvariant());
        return index < 0 ? null : index + 1;
    }

    private static TimeSpan? Time(string text)
    {
        var parts = text.Split(':');
        if (parts.Length is < 2 or > 3)
            return null;
        var numbers = new int[3];
        for (var i = 0; i < parts.Length; i++)
        {
            if (!int.TryParse(parts[i], NumberStyles.None, CultureInfo.InvariantCulture, out numbers[i]))
                return null;
        }

        return numbers[0] < 24 && numbers[1] < 60 && numbers[2] < 60
            ? new TimeSpan(numbers[0], numbers[1], numbers[2])
            : null;
    }

    private static TimeSpan? Zone(string text) =>
        text.ToUpperInvariant() switch
        {
            "GMT" or "UT" or "UTC" or "Z" => TimeSpan.Zero,
            "EST" => TimeSpan.FromHours(-5),
            "EDT" => TimeSpan.FromHours(-4),
            "CST" => TimeSpan.FromHours(-6),
            "CDT" => TimeSpan.FromHours(-5),
            "MST" => TimeSpan.FromHours(-7),
            "MDT" => TimeSpan.FromHours(-6),
            "PST" => TimeSpan.FromHours(-8),
            "PDT" => TimeSpan.FromHours(-7),
            "CET" => TimeSpan.FromHours(1),
            "CEST" or "EET" => TimeSpan.FromHours(2),
            "BST" => TimeSpan.FromHours(1),
            var number => NumericZone(number),
        };

    private static TimeSpan? NumericZone(string text)
    {
        var digits = text.Replace(":", string.Empty, StringComparison.Ordinal);
        if (digits.Length != 5 || digits[0] is not ('+' or '-'))
            return null;
        if (!int.TryParse(digits[1..], NumberStyles.None, CultureInfo.InvariantCulture, out var number))
            return null;
        var offset = new TimeSpan(number / 100, number % 100, 0);
        return offset > TimeSpan.FromHours(14) ? null
            : digits[0] == '-' ? -offset
            : offset;
    }
}
