using System.Globalization;

namespace Antiphon.Core.Feeds.Reading.Dates;

/// <summary>ISO 8601 forms looser than RFC 3339: a date alone, a missing zone (taken as UTC), a space for the T, no seconds.</summary>
internal sealed class IsoDateParser : IDateParser
{
    private static readonly string[] Forms =
    [
        "yyyy-MM-dd", "yyyy-MM", "yyyy-MM-dd'T'HH:mm", "yyyy-MM-dd'T'HH:mmK", "yyyy-MM-dd'T'HH:mm:ss", "yyyy-MM-dd'T'HH:mm:ssK",
        "yyyy-MM-dd HH:mm:ss", "yyyy-MM-dd HH:mm:ssK", "yyyy-MM-dd HH:mm:ss K", "yyyy-MM-dd HH:mm", "yyyyMMdd'T'HHmmssK", "yyyyMMdd",
    ];

    /// <inheritdoc/>
    public DateTimeOffset? Parse(string text) =>
        DateTimeOffset.TryParseExact(text, Forms, CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal, out var date) ? date : null;
}
