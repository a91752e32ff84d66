using System.Globalization;
using Antiphon.Core.Feeds.Reading;

namespace Antiphon.Core.Posts.Fields;

/// <summary>Reads and words the values of own fields.</summary>
public static class FieldValues
{
    /// <summary>Longest value, in characters.</summary>
    public const int MaxLength = 5000;

    private static readonly string[] Yes = ["yes", "true", "1", "y", "x", "ja", "oui", "on"];
    private static readonly string[] No = ["no", "false", "0", "n", "nein", "non", "off"];

    /// <summary>
    /// The stored form of what was entered, or what is wrong with it. Nothing entered gives neither, unless the field
    /// is required and <paramref name="mustBeThere"/>.
    /// </summary>
    /// <param name="field">The field.</param>
    /// <param name="entered">What was entered; null for nothing.</param>
    /// <param name="mustBeThere">Whether a required field may not be empty now, as on publishing.</param>
    public static (string? Value, string? Problem) Read(OwnField field, string? entered, bool mustBeThere)
    {
        var text = (entered ?? string.Empty).Trim();
        if (text.Length == 0)
            return (null, field.IsRequired && mustBeThere ? $"Fill in “{field.Label}”; this blog asks for it." : null);
        if (text.Length > MaxLength)
            return (null, $"Keep “{field.Label}” under {MaxLength:N0} characters.");
        return field.Kind switch
        {
            OwnFieldKind.Text => text.AsSpan().ContainsAny('\r', '\n')
                ? (null, $"Write “{field.Label}” in one line.")
                : (text, null),
            OwnFieldKind.LongText => (text, null),
            OwnFieldKind.Number => Number(field, text),
            OwnFieldKind.Date => DateOnly.TryParseExact(
                text,
                "yyyy-MM-dd",
                CultureInfo.InvariantCulture,
                DateTimeStyles.None,
                out _
            )
                ? (text, null)
                : (null, $"Enter “{field.Label}” as a day, such as 2026-11-24."),
            OwnFieldKind.Choice => field.Choices.FirstOrDefault(choice =>
                string.Equals(choice, text, StringComparison.OrdinalIgnoreCase)
            )
                is { } chosen
                ? (chosen, null)
                : (null, $"Choose one of these for “{field.Label}”: {string.Join(", ", field.Choices)}."),
            OwnFieldKind.YesNo => YesNo(field, text),
            _ => LinkResolver.IsWeb(text)
                ? (text, null)
                : (null, $"Enter the full address for “{field.Label}”, starting with https://."),
        };
    }

    /// <summary>A value in words for readers: numbers with their unit, days in full, yes and no.</summary>
    /// <param name="field">The field.</param>
    /// <param name="value">A stored value.</param>
    /// <param name="culture">Language of the readers.</param>
    public static string InWords(OwnField field, string value, CultureInfo culture) =>
        field.Kind switch
        {
            OwnFieldKind.Number
                when decimal.TryParse(value, NumberStyles.Number, CultureInfo.InvariantCulture, out var number) =>
                number.ToString("#,##0.######", culture) + (field.Unit is null ? string.Empty : $" {field.Unit}"),
            OwnFieldKind.Date when DateOnly.TryParseExact(value, "yyyy-MM-dd", out var day) => day.ToString(
                culture.DateTimeFormat.ShortDatePattern,
                culture
            ),
            OwnFieldKind.YesNo => value == "yes" ? "Yes" : "No",
            _ => value,
        };

    private static (string? Value, string? Problem) Number(OwnField field, string text)
    {
        // One comma and no point is a decimal comma; with both, the comma groups thousands.
        var plain = text.Contains('.', StringComparison.Ordinal)
            ? text.Replace(",", string.Empty, StringComparison.Ordinal)
            : text.Replace(',', '.');
        return decimal.TryParse(
            plain,
            NumberStyles.AllowLeadingSign | NumberStyles.AllowDecimalPoint,
            CultureInfo.InvariantCulture,
            out var number
        )
            ? (number.ToString(CultureInfo.InvariantCulture), null)
            : (null, $"Enter a number for “{field.Label}”, such as 3.5.");
    }

    private static (string? Value, string? Problem) YesNo(OwnField field, string text)
    {
        if (Yes.Contains(text, StringComparer.OrdinalIgnoreCase))
            return ("yes", null);
        return No.Contains(text, StringComparer.OrdinalIgnoreCase)
            ? ("no", null)
            : (null, $"Answer “{field.Label}” with yes or no.");
    }
}
