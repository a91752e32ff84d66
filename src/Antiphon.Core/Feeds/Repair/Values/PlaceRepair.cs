using Antiphon.Core.Feeds.Forms;

namespace Antiphon.Core.Feeds.Repair.Values;

/// <summary>Puts places right.</summary>
internal static class PlaceRepair
{
    /// <summary>
    /// The pairs turned about, where a longitude stands first in at least one and every pair is a place that way; else
    /// null.
    /// </summary>
    public static string? TurnedAbout(string value)
    {
        var parts = Parts(value);
        if (parts.Length % 2 != 0 || parts.Length == 0 || !parts.All(NumberForm.IsDecimal))
            return null;
        var numbers = Array.ConvertAll(parts, part => NumberForm.Decimal(part)!.Value);
        var turned = new List<string>();
        for (var at = 0; at < numbers.Length; at += 2)
        {
            if (Math.Abs(numbers[at + 1]) > 90 || Math.Abs(numbers[at]) > 180)
                return null;
            turned.Add(parts[at + 1]);
            turned.Add(parts[at]);
        }

        return string.Join(' ', turned);
    }

    /// <summary>With spaces between the numbers, where commas stood.</summary>
    public static string? Spaced(string value) =>
        Parts(value) is { Length: > 1 } parts && parts.All(NumberForm.IsDecimal) ? string.Join(' ', parts) : null;

    /// <summary>A ring with its first point repeated at the end.</summary>
    public static string Closed(string value)
    {
        var parts = Parts(value);
        return string.Join(' ', parts) + $" {parts[0]} {parts[1]}";
    }

    /// <summary>A box with its southern latitude first; longitudes follow where they too stood the wrong way round.</summary>
    public static string Upright(string value)
    {
        var parts = Parts(value);
        var (west, east) = (NumberForm.Decimal(parts[1])!.Value, NumberForm.Decimal(parts[3])!.Value);
        return west > east
            ? $"{parts[2]} {parts[3]} {parts[0]} {parts[1]}"
            : $"{parts[2]} {parts[1]} {parts[0]} {parts[3]}";
    }

    private static string[] Parts(string value) =>
        value.Split([' ', ',', '\t', '\r', '\n'], StringSplitOptions.RemoveEmptyEntries);
}
