using System.Globalization;
using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Feeds.Reading.Modules;

/// <summary>Points of the earth as feeds write them.</summary>
internal static class PlaceParser
{
    private static readonly char[] Between = [' ', ',', '\t', '\n', '\r'];

    /// <summary>"45.25 -71.5" (georss:point); null when it is no point.</summary>
    public static FeedPlace? Parse(string? point)
    {
        var parts = (point ?? string.Empty).Split(Between, StringSplitOptions.RemoveEmptyEntries);
        return parts.Length == 2 ? Of(parts[0], parts[1]) : null;
    }

    /// <summary>Latitude and longitude written by themselves; null when either is none.</summary>
    public static FeedPlace? Of(string? latitude, string? longitude) =>
        Number(latitude) is { } north && Number(longitude) is { } east && Math.Abs(north) <= 90 && Math.Abs(east) <= 180
            ? new FeedPlace(north, east)
            : null;

    private static double? Number(string? text) =>
        double.TryParse(
            text?.Trim(),
            NumberStyles.AllowLeadingSign | NumberStyles.AllowDecimalPoint,
            CultureInfo.InvariantCulture,
            out var number
        )
            ? number
            : null;
}
