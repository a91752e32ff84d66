using Antiphon.Core.Listings.Styles.Colours;

namespace Antiphon.Core.Listings.Styles;

/// <summary>Looks through a look for text that is hard to read.</summary>
public static class LookContrast
{
    private const int LargeSize = 24;
    private const double LargeBoldSize = 18.66;
    private const int Bold = 700;

    // Bylines without a colour of their own are the text, a little fainter; the style sheet says the same.
    private const double BylineOpacity = 0.85;

    /// <summary>Every pair of text and background.</summary>
    /// <param name="look">The look.</param>
    /// <param name="page">Colours of the page around it, as far as they are known.</param>
    public static IReadOnlyList<LookPair> Of(ListingLook look, LookColours page) =>
        look.Theme switch
        {
            LookTheme.Host => [.. Pairs(look, look.Colours.Or(page), false)],
            LookTheme.Light => [.. Pairs(look, look.Colours.Or(LookColours.Light), false)],
            LookTheme.Dark => [.. Pairs(look, look.DarkColours.Or(LookColours.Dark), true)],
            _ =>
            [
                .. Pairs(look, look.Colours.Or(LookColours.Light), false),
                .. Pairs(look, look.DarkColours.Or(LookColours.Dark), true),
            ],
        };

    private static IEnumerable<LookPair> Pairs(ListingLook look, LookColours colours, bool isDark)
    {
        var background = Colour.Parse(colours.Background) ?? Colour.White;
        var text = Colour.Parse(colours.Text, background) ?? Colour.Black;
        LookPair Pair(LookPart part, string? given, PartType type, Colour otherwise)
        {
            var colour = Colour.Parse(given, background) ?? otherwise;
            var needed = IsLarge(type) ? Contrast.Large : Contrast.Usual;
            var ratio = Contrast.Ratio(colour, background);
            var nearest = ratio >= needed ? null : Contrast.Nearest(colour, background, needed).ToString();
            return new LookPair(part, isDark, colour.ToString(), background.ToString(), ratio, needed, nearest);
        }

        yield return Pair(LookPart.Text, colours.Text, look.ExcerptType, text);
        yield return Pair(LookPart.Heading, colours.Heading, look.HeadingType, text);
        yield return Pair(LookPart.Link, colours.Link, look.TitleType, text);
        yield return Pair(LookPart.Byline, colours.Byline, look.BylineType, text.Over(background, BylineOpacity));
        yield return Pair(
            LookPart.Accent,
            colours.Accent,
            PartType.Inherited,
            Colour.Parse(colours.Link, background) ?? text
        );
    }

    private static bool IsLarge(PartType type) =>
        type.Size >= LargeSize || (type.Size >= LargeBoldSize && type.Weight >= Bold);
}
