using System.Globalization;
using System.Text.RegularExpressions;
using AngleSharp.Dom;

namespace Antiphon.Core.Listings.Styles.Matching;

/// <summary>Lengths of a page in CSS pixels.</summary>
internal sealed partial class PageLengths(PageCascade cascade)
{
    private const double BrowserSize = 16;
    private const double SmallerBy = 1.2;

    private static readonly Dictionary<string, double> Named = new()
    {
        ["xx-small"] = 9,
        ["x-small"] = 10,
        ["small"] = 13,
        ["medium"] = 16,
        ["large"] = 18,
        ["x-large"] = 24,
        ["xx-large"] = 32,
    };

    private static readonly Dictionary<string, double> BrowserHeadings = new()
    {
        ["h1"] = 2,
        ["h2"] = 1.5,
        ["h3"] = 1.17,
        ["h4"] = 1,
        ["h5"] = 0.83,
        ["h6"] = 0.67,
    };

    /// <summary>Size of an element's type.</summary>
    public double FontSize(IElement? element)
    {
        if (element is null)
            return BrowserSize;
        var around = FontSize(element.ParentElement);
        if (cascade.Of(element, "font-size") is not { } said)
            return around * BrowserHeadings.GetValueOrDefault(element.LocalName, 1);
        return said.Value switch
        {
            "smaller" => around / SmallerBy,
            "larger" => around * SmallerBy,
            _ when Named.TryGetValue(said.Value, out var size) => size,
            _ => Pixels(said.Value, element, around) ?? around,
        };
    }

    /// <summary>A length in pixels; null for one that depends on more than the type, such as a calculation.</summary>
    /// <param name="value">The length.</param>
    /// <param name="element">Where it stands.</param>
    /// <param name="em">Pixels of an em and of a hundred per cent there.</param>
    public double? Pixels(string value, IElement element, double em)
    {
        if (Length().Match(value) is not { Success: true } match)
            return null;
        var number = double.Parse(match.Groups[1].Value, CultureInfo.InvariantCulture);
        return match.Groups[2].Value.ToLowerInvariant() switch
        {
            "px" => number,
            "pt" => number * 4 / 3,
            "em" => number * em,
            "%" => number * em / 100,
            "rem" => number
                * FontSize(element.Owner?.DocumentElement is { } root && !ReferenceEquals(root, element) ? root : null),
            "" when number == 0 => 0,
            _ => null,
        };
    }

    [GeneratedRegex(@"^\s*(-?[0-9.]+)\s*(px|pt|em|rem|%|)\s*$", RegexOptions.IgnoreCase)]
    private static partial Regex Length();
}
