using System.Globalization;

namespace Antiphon.Core.Feeds.Reading.Dates;

/// <summary>
/// ISO 8601 forms looser than RFC 3339: a date alone, a missing zone (taken as UTC), a space for the T, no seconds.
/// </summary>
internal sealed class IsoDateParser : IDateParser
{
    private static readonly string[] Forms =
    [
        "yyyy-MM-dd",
        "yyyy-MM",
        "yyyy-MM-dd'T'HH:mm",
        "yyyy-MM-dd'T'HH:mmK",
        "yyyy-MM-dd'T'HH:mm:ss",
        "yyyy-MM-dd'T'HH:mm:ssK",
        "yyyy-MM-dd HH:mm:ss",
        "yyyy-MM-dd HH:mm:ssK",
        "yyyy-MM-dd HH:mm:ss K",
        "yyyy-MM-dd HH:mm",
        "yyyyMMdd'T'HHmmssK",
        "yyyyMMdd",
    ];

    /// <inheritdoc/>
    public DateTimeOffset? Parse(string text) =>
        DateTimeOffset.TryParseExact(
            text,
            Forms,
            CultureInfo.InvariantCulture,
            DateTimeStyles.AssumeUniversal,
            out var date
        )
            ? date
            : ParseOdd(text);

    /// <summary>
    /// The end of a day written as 24:00, a year alone, and a day counted from New Year (ISO 8601 §5.2.2).
    /// </summary>
    private static DateTimeOffset? ParseOdd(string text)
    {
        if (text.Length > 11 && text[10] is 'T' or ' ' && text.AsSpan(11).StartsWith("24:00"))
        {
            return DateTimeOffset.TryParseExact(
                string.Concat(text.AsSpan(0, 11), "00", text.AsSpan(13)),
                Forms,
                CultureInfo.InvariantCulture,
                DateTimeStyles.AssumeUniversal,
                out var next
            )
                ? next.AddDays(1)
                : null;
        }

        if (
            text.Length < 4
            || !int.TryParse(text.AsSpan(0, 4), NumberStyles.None, CultureInfo.InvariantCulture, out var year)
            || year is < 1900 or > 2200
        )
            return null;
        if (text.Length == 4)
            return new DateTimeOffset(year, 1, 1, 0, 0, 0, TimeSpan.Zero);
        var count = text.AsSpan(4).TrimStart('-');
        var isCounted =
            count.Length == 3
            && int.TryParse(count, NumberStyles.None, CultureInfo.InvariantCulture, out var day)
            && day is >= 1 and <= 366;
        return isCounted
            ? new DateTimeOffset(year, 1, 1, 0, 0, 0, TimeSpan.Zero).AddDays(
                int.Parse(count, NumberStyles.None, CultureInfo.InvariantCulture) - 1
            )
            : null;
    }
}
