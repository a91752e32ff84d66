using System.Globalization;

namespace Antiphon.Core.Feeds.Reading.Dates;

/// <summary>Seconds or milliseconds since 1970, as programs write them that forgot to format a date.</summary>
internal sealed class EpochDateParser : IDateParser
{
    private const int SecondsLength = 9;
    private const int MillisecondsLength = 12;

    /// <inheritdoc/>
    public DateTimeOffset? Parse(string text)
    {
        if (
            text.Length < SecondsLength
            || text.Length > MillisecondsLength + 1
            || !long.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var number)
        )
            return null;
        return text.Length >= MillisecondsLength
            ? DateTimeOffset.FromUnixTimeMilliseconds(number)
            : DateTimeOffset.FromUnixTimeSeconds(number);
    }
}
