using System.Globalization;
using System.Text.RegularExpressions;

namespace Antiphon.Core.Feeds.Forms;

/// <summary>Dates of the W3C's profile of ISO 8601.</summary>
internal static partial class DateForms
{
    /// <summary>True for a year, a month, a day or a moment with its zone, each of which there is.</summary>
    public static bool IsW3C(string text)
    {
        if (Form().Match(text.Trim()) is not { Success: true } date)
            return false;
        int Number(int group, int otherwise) =>
            date.Groups[group].Success ? int.Parse(date.Groups[group].Value, CultureInfo.InvariantCulture) : otherwise;
        var (year, month, day) = (Number(1, 1), Number(2, 1), Number(3, 1));
        if (year is < 1 or > 9999 || month is < 1 or > 12 || day < 1 || day > DateTime.DaysInMonth(year, month))
            return false;
        return Number(4, 0) < 24 && Number(5, 0) < 60 && Number(6, 0) <= 60 && Number(7, 0) < 24 && Number(8, 0) < 60;
    }

    [GeneratedRegex(
        @"^([0-9]{4})(?:-([0-9]{2})(?:-([0-9]{2})(?:T([0-9]{2}):([0-9]{2})(?::([0-9]{2})(?:\.[0-9]+)?)?(?:Z|[+-]([0-9]{2}):([0-9]{2})))?)?)?$"
    )]
    private static partial Regex Form();
}
