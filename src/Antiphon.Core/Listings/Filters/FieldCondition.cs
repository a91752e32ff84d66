using System.Globalization;
using Antiphon.Core.Posts.Fields;

namespace Antiphon.Core.Listings.Filters;

/// <summary>What an own field of a post must hold.</summary>
/// <param name="Key">The field.</param>
/// <param name="Comparison">How it is compared.</param>
/// <param name="Value">What it is compared with; passed over by <see cref="FieldComparison.IsFilled"/>.</param>
public sealed record FieldCondition(string Key, FieldComparison Comparison, string? Value)
{
    /// <summary>Whether a post with these values fits. A post without the field never does.</summary>
    public bool Takes(IReadOnlyList<FieldValue> values)
    {
        var held = values
            .FirstOrDefault(value => string.Equals(value.Key, Key, StringComparison.OrdinalIgnoreCase))
            ?.Value;
        if (string.IsNullOrEmpty(held))
            return false;
        return Comparison switch
        {
            FieldComparison.IsFilled => true,
            FieldComparison.Is => string.Equals(held, Value?.Trim(), StringComparison.OrdinalIgnoreCase)
                || Compare(held) == 0,
            FieldComparison.Contains => held.Contains(
                Value?.Trim() ?? string.Empty,
                StringComparison.OrdinalIgnoreCase
            ),
            FieldComparison.AtLeast => Compare(held) >= 0,
            _ => Compare(held) <= 0,
        };
    }

    // Stored numbers have a point and days are written year first, so both compare without knowing the field's kind;
    // words do not.
    private int? Compare(string held)
    {
        if (Number(held) is { } number)
            return Number(Value) is { } asked ? number.CompareTo(asked) : null;
        return Day(held) is { } day && Day(Value) is { } limit ? day.CompareTo(limit) : null;
    }

    private static decimal? Number(string? text) =>
        decimal.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var number) ? number : null;

    private static DateOnly? Day(string? text) =>
        DateOnly.TryParseExact(
            text?.Trim(),
            "yyyy-MM-dd",
            CultureInfo.InvariantCulture,
            DateTimeStyles.None,
            out var day
        )
            ? day
            : null;
}
