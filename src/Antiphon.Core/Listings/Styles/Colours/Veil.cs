namespace Antiphon.Core.Listings.Styles.Colours;

/// <summary>The veil between a picture and the text on it.</summary>
public static class Veil
{
    /// <summary>
    /// The least opacity, in hundredths, at which a veil lets text reach <see cref="Contrast.Usual"/> on any picture
    /// whatever: on the one that hurts most, which is the one most like the
    /// text. Null when even a closed veil does not.
    /// </summary>
    public static int? OpacityFor(Colour text, Colour veil)
    {
        for (var hundredths = 0; hundredths <= 100; hundredths++)
        {
            if (Reads(text, veil, hundredths / 100d))
                return hundredths;
        }

        return null;
    }

    // Luminance grows with every channel, so all pictures lie between black and white, and the worst of them is one of
    // the two or the one that gives the text's own luminance.
    private static bool Reads(Colour text, Colour veil, double opacity)
    {
        var (darkest, lightest) = (veil.Over(Colour.Black, opacity), veil.Over(Colour.White, opacity));
        if (darkest.Luminance <= text.Luminance && text.Luminance <= lightest.Luminance)
            return false;
        return Contrast.Ratio(text, darkest) >= Contrast.Usual && Contrast.Ratio(text, lightest) >= Contrast.Usual;
    }
}
