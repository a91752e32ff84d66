using System.Globalization;
using AngleSharp.Css.Dom;
using AngleSharp.Css.Parser;

namespace Antiphon.Core.Listings.Styles.Colours;

/// <summary>An opaque colour of the sRGB space, as CSS Color 4 has it.</summary>
/// <param name="Red">0 to 255.</param>
/// <param name="Green">0 to 255.</param>
/// <param name="Blue">0 to 255.</param>
public readonly record struct Colour(byte Red, byte Green, byte Blue)
{
    /// <summary>Black.</summary>
    public static Colour Black { get; } = new(0, 0, 0);

    /// <summary>White.</summary>
    public static Colour White { get; } = new(255, 255, 255);

    /// <summary>Relative luminance, 0 to 1 (WCAG 2.2, "relative luminance").</summary>
    public double Luminance => (0.2126 * Linear(Red)) + (0.7152 * Linear(Green)) + (0.0722 * Linear(Blue));

    /// <summary>
    /// Reads any colour CSS writes: a code, a function, a name. Null when it is none, or so transparent that it shows
    /// nothing of itself.
    /// </summary>
    /// <param name="text">The colour.</param>
    /// <param name="behind">What shows through a colour that is partly transparent.</param>
    public static Colour? Parse(string? text, Colour? behind = null)
    {
        if (string.IsNullOrWhiteSpace(text) || text.AsSpan().IndexOfAny(";{}") >= 0)
            return null;
        if (new CssParser().ParseStyleSheet($"x{{color:{text.Trim()}}}").Rules is not [ICssStyleRule rule])
            return null;
        var parts = rule
            .Style.GetPropertyValue("color")
            .Split(['(', ',', ')'], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);
        if (
            parts is not ["rgba", var red, var green, var blue, var alpha]
            || !Number(alpha, out var opacity)
            || opacity <= 0
        )
            return null;
        if (!byte.TryParse(red, out var r) || !byte.TryParse(green, out var g) || !byte.TryParse(blue, out var b))
            return null;
        return new Colour(r, g, b).Over(behind ?? White, Math.Min(1, opacity));
    }

    /// <summary>This colour at an opacity from 0 to 1, laid on another.</summary>
    public Colour Over(Colour behind, double opacity) =>
        new(Mix(Red, behind.Red, opacity), Mix(Green, behind.Green, opacity), Mix(Blue, behind.Blue, opacity));

    /// <summary>The code, such as "#1f6f6b".</summary>
    public override string ToString() => string.Create(CultureInfo.InvariantCulture, $"#{Red:x2}{Green:x2}{Blue:x2}");

    private static byte Mix(byte above, byte below, double opacity) =>
        (byte)Math.Round((above * opacity) + (below * (1 - opacity)));

    private static double Linear(byte channel)
    {
        var value = channel / 255d;
        return value <= 0.04045 ? value / 12.92 : Math.Pow((value + 0.055) / 1.055, 2.4);
    }

    private static bool Number(string text, out double value) =>
        double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out value);
}
