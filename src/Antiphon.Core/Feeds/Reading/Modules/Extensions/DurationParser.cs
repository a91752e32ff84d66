using System.Globalization;

namespace Antiphon.Core.Feeds.Reading.Modules.Extensions;

/// <summary>How long something is, as podcasts write it: seconds, MM:SS or HH:MM:SS.</summary>
internal static class DurationParser
{
    private const int LongestHours = 10_000;

    /// <summary>The duration; null when it is none.</summary>
    public static TimeSpan? Parse(string? text)
    {
        var parts = (text ?? string.Empty).Split(':');
        if (parts.Length > 3)
            return null;
        var seconds = 0d;
        for (var at = 0; at < parts.Length; at++)
        {
            var isLast = at == parts.Length - 1;
            var style = isLast ? NumberStyles.AllowDecimalPoint : NumberStyles.None;
            if (!double.TryParse(parts[at].Trim(), style, CultureInfo.InvariantCulture, out var number))
                return null;
            seconds = (seconds * 60) + number;
        }

        return seconds < LongestHours * 3600d ? TimeSpan.FromSeconds(seconds) : null;
    }
}
