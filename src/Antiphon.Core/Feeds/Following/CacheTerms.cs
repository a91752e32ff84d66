using System.Globalization;

namespace Antiphon.Core.Feeds.Following;

/// <summary>What an answer says about when to come again.</summary>
public static class CacheTerms
{
    /// <summary>
    /// The max-age of a Cache-Control header (RFC 9111 §5.2.2.1); null when it gives none or forbids keeping.
    /// </summary>
    public static TimeSpan? MaxAge(string? cacheControl)
    {
        var parts = (cacheControl ?? string.Empty).Split(
            ',',
            StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries
        );
        if (
            parts.Any(part =>
                part.StartsWith("no-store", StringComparison.OrdinalIgnoreCase)
                || part.StartsWith("no-cache", StringComparison.OrdinalIgnoreCase)
            )
        )
            return null;
        var age = parts
            .FirstOrDefault(part => part.StartsWith("max-age=", StringComparison.OrdinalIgnoreCase))
            ?[8..].Trim('"');
        return int.TryParse(age, NumberStyles.None, CultureInfo.InvariantCulture, out var seconds)
            ? TimeSpan.FromSeconds(seconds)
            : null;
    }

    /// <summary>
    /// How long Retry-After asks to wait (RFC 9110 §10.2.3): seconds, or a date; null when it says neither or a moment
    /// gone by.
    /// </summary>
    public static TimeSpan? RetryAfter(string? header, DateTimeOffset now)
    {
        if (int.TryParse(header?.Trim(), NumberStyles.None, CultureInfo.InvariantCulture, out var seconds))
            return TimeSpan.FromSeconds(seconds);
        var isDate = DateTimeOffset.TryParse(
            header,
            CultureInfo.InvariantCulture,
            DateTimeStyles.AssumeUniversal,
            out var date
        );
        return isDate && date > now ? date - now : null;
    }
}
