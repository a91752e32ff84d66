using System.Globalization;

namespace Antiphon.Core.Feeds.Reading;

/// <summary>Numbers of things.</summary>
internal static class WholeNumber
{
    /// <summary>A number from 0 written in digits alone, or null.</summary>
    public static int? Parse(string? text) =>
        int.TryParse(text?.Trim(), NumberStyles.None, CultureInfo.InvariantCulture, out var number) ? number : null;
}
