using System.Globalization;

namespace Antiphon.Core.Feeds.Forms;

/// <summary>Numbers in digits.</summary>
internal static class NumberForm
{
    /// <summary>A whole number from 0.</summary>
    public static bool IsWhole(string text) =>
        text.Trim() is { Length: > 0 and < 19 } number && number.All(char.IsAsciiDigit);

    /// <summary>A whole number above 0.</summary>
    public static bool IsPositive(string text) => IsWhole(text) && text.Trim().Any(c => c != '0');

    /// <summary>A whole number in bounds.</summary>
    public static bool IsBetween(string text, int least, int most) =>
        int.TryParse(text.Trim(), NumberStyles.None, CultureInfo.InvariantCulture, out var number)
        && number >= least
        && number <= most;

    /// <summary>A number with a point, or without, and with a sign where it is negative.</summary>
    public static bool IsDecimal(string text) => Decimal(text) is not null;

    /// <summary>What such a number is, or null.</summary>
    public static double? Decimal(string text) =>
        double.TryParse(
            text.Trim(),
            NumberStyles.AllowDecimalPoint | NumberStyles.AllowLeadingSign,
            CultureInfo.InvariantCulture,
            out var number
        )
            ? number
            : null;
}
