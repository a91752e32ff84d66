namespace Antiphon.Core.Feeds.Reading.Dates;

/// <summary>Reads a date however it is written.</summary>
public static class PublishedDateParser
{
    // The strict and common forms stand first: a looser parser must never see a text a stricter one understands.
    private static readonly IDateParser[] Parsers =
    [
        new Rfc3339DateParser(),
        new Rfc822DateParser(),
        new IsoDateParser(),
        new EpochDateParser(),
        new LooseDateParser(),
    ];

    /// <summary>The instant in UTC, or null when empty or unreadable.</summary>
    public static DateTimeOffset? Parse(string? text)
    {
        var trimmed = text?.Trim();
        if (string.IsNullOrEmpty(trimmed) || trimmed.Length > 100)
            return null;
        foreach (var parser in Parsers)
        {
            if (parser.Parse(trimmed) is { } date && date.UtcDateTime.Year > 1)
                return date.ToUniversalTime();
        }

        return null;
    }
}
