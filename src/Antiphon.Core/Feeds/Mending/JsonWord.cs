using System.Globalization;

namespace Antiphon.Core.Feeds.Mending;

/// <summary>Words that stand in JSON without quotes.</summary>
internal static class JsonWord
{
    /// <summary>What a word of another language means in JSON, and what was wrong; null where it is a text.</summary>
    public static (string? Right, string Slip) Meant(string word)
    {
        var known = word.ToLowerInvariant() switch
        {
            "true" or "yes" => "true",
            "false" or "no" => "false",
            "none" or "undefined" or "nil" or "nan" or "null" or "infinity" or "-infinity" => "null",
            _ => null,
        };
        if (known is not null)
            return (known, "a word that JSON does not have");
        if (
            word.StartsWith("0x", StringComparison.OrdinalIgnoreCase)
            && long.TryParse(word.AsSpan(2), NumberStyles.AllowHexSpecifier, CultureInfo.InvariantCulture, out var hex)
        )
            return (hex.ToString(CultureInfo.InvariantCulture), "a number in another notation");
        if (
            word.Any(char.IsAsciiDigit)
            && decimal.TryParse(
                word.Replace("_", string.Empty, StringComparison.Ordinal),
                NumberStyles.Float,
                CultureInfo.InvariantCulture,
                out var number
            )
        )
            return (number.ToString(CultureInfo.InvariantCulture), "a number in another notation");
        return (null, "a text without quotes");
    }

    /// <summary>True for a number as JSON writes it (RFC 8259 §6).</summary>
    public static bool IsNumber(string word)
    {
        var at = word.StartsWith('-') ? 1 : 0;
        var whole = word.AsSpan(at);
        var end = whole.IndexOfAnyExceptInRange('0', '9');
        var digits = end < 0 ? whole.Length : end;
        if (digits == 0 || (digits > 1 && whole[0] == '0'))
            return false;
        var rest = whole[digits..];
        if (rest.StartsWith("."))
        {
            var fraction = rest[1..].IndexOfAnyExceptInRange('0', '9');
            var count = fraction < 0 ? rest.Length - 1 : fraction;
            if (count == 0)
                return false;
            rest = rest[(1 + count)..];
        }

        if (rest.Length == 0)
            return true;
        if (rest[0] is not ('e' or 'E'))
            return false;
        var power = rest[1..].TrimStart("+-");
        return power.Length > 0 && rest.Length - 1 - power.Length <= 1 && power.IndexOfAnyExceptInRange('0', '9') < 0;
    }
}
