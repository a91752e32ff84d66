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
        if (text.Length < 20 || !(text[^1] is 'Z' or 'z' || text[^6] is '+' or '-')) return null;
        var upper = text[^1] == 'z' ? text[..^1] + "Z" : text;
        return DateTimeOffset.TryParseExact(upper, Forms, CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal, out var date) ? date : null;
    }

    /// <inheritdoc/>
    public DateTimeOffset? Parse(string text) => ParseStrict(text);
}
