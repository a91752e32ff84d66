using System.Globalization;

namespace Antiphon.Core.Feeds.Reading.Dates;

/// <summary>RFC 3339 §5.6, as Atom and JSON Feed ask for: 2026-11-24T09:30:00Z.</summary>
public sealed class Rfc3339DateParser : IDateParser
{
    private static readonly string[] Forms = ["yyyy-MM-dd'T'HH:mm:ssK", "yyyy-MM-dd'T'HH:mm:ss.FFFFFFFK"];

    /// <summary>The instant of a text written exactly so, or null.</summary>
    public static DateTimeOffset? ParseStrict(string text)
    {
        // K also accepts a missing zone, which RFC 3339 does not.
        if (text.Length < 20 || !(text[^1] is 'Z' or 'z' || text[^6] is '+' or '-'))
            return null;
        var upper = WithFewDigits(text[^1] == 'z' ? text[..^1] + "Z" : text);
        var isLeap = upper.AsSpan(16, 3).SequenceEqual(":60");
        if (isLeap)
            upper = upper[..17] + "59" + upper[19..];
        if (
            !DateTimeOffset.TryParseExact(
                upper,
                Forms,
                CultureInfo.InvariantCulture,
                DateTimeStyles.AssumeUniversal,
                out var date
            )
        )
            return null;
        // A leap second comes at the end of a day of UTC and nowhere else (RFC 3339 §5.7); the second before it stands
        // in for it.
        return isLeap && date.UtcDateTime.TimeOfDay < new TimeSpan(23, 59, 59) ? null : date;
    }

    // Any number of digits may follow the point; the clock here ticks seven of them.
    private static string WithFewDigits(string text)
    {
        if (text.Length < 28 || text[19] != '.')
            return text;
        var end = 20;
        while (end < text.Length && char.IsAsciiDigit(text[end]))
            end++;
        return end > 27 ? text[..27] + text[end..] : text;
    }

    /// <inheritdoc/>
    public DateTimeOffset? Parse(string text) => ParseStrict(text);
}
