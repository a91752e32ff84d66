namespace Antiphon.Core.Listings.Styles.Colours;

/// <summary>How well a text reads on a background (WCAG 2.2, success criterion 1.4.3).</summary>
public static class Contrast
{
    /// <summary>Least ratio of text of the usual size.</summary>
    public const double Usual = 4.5;

    /// <summary>Least ratio of large text: 24 px, or 18.66 px when bold.</summary>
    public const double Large = 3;

    private const int Steps = 256;

    /// <summary>The contrast ratio, 1 to 21; the order of the two does not matter.</summary>
    public static double Ratio(Colour one, Colour two)
    {
        var (lighter, darker) = (Math.Max(one.Luminance, two.Luminance), Math.Min(one.Luminance, two.Luminance));
        return (lighter + 0.05) / (darker + 0.05);
    }

    /// <summary>
    /// The colour nearest to <paramref name="text"/> that reaches <paramref name="needed"/> on the background: the text
    /// mixed with as little black or white as does, whichever asks for
    /// less. The text itself when it passes; black or white when nothing else does.
    /// </summary>
    public static Colour Nearest(Colour text, Colour background, double needed)
    {
        if (Ratio(text, background) >= needed)
            return text;
        for (var step = 1; step <= Steps; step++)
        {
            var share = step / (double)Steps;
            if (Colour.Black.Over(text, share) is var darker && Ratio(darker, background) >= needed)
                return darker;
            if (Colour.White.Over(text, share) is var lighter && Ratio(lighter, background) >= needed)
                return lighter;
        }

        return Ratio(Colour.Black, background) >= Ratio(Colour.White, background) ? Colour.Black : Colour.White;
    }
}
