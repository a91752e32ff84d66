using System.Globalization;
using System.Text;
using Antiphon.Core.Listings.Styles;
using Antiphon.Core.Listings.Styles.Colours;

namespace Antiphon.Core.PublicPages;

/// <summary>
/// The style sheet of a page look, to stand behind the sheet all our pages share, whose custom properties it sets.
/// </summary>
public static class PageSheet
{
    /// <summary>
    /// The rules; empty for the usual look. Only what is a colour or a family gets in, whatever was stored.
    /// </summary>
    public static string Of(PageLook look)
    {
        var css = new StringBuilder();
        AppendColours(css, look);
        if (look.Measure != PageLook.Usual.Measure)
            css.Append(
                CultureInfo.InvariantCulture,
                $"main{{max-width:{Math.Clamp(look.Measure, PageLook.LeastMeasure, PageLook.MostMeasure)}rem}}"
            );
        if (look.TitleCentred)
            css.Append("h1,.kicker,main>.byline,main>.terms.above{text-align:center}");
        AppendSpacing(css, look.Spacing);
        AppendType(css, "body", look.TextType);
        AppendType(css, "h1", look.HeadingType);
        AppendType(css, "h2,h3,h4,.index h2", look.HeadingType with { Size = null });
        return css.ToString();
    }

    private static void AppendColours(StringBuilder css, PageLook look)
    {
        var (light, dark) = (Variables(look.Colours), Variables(look.DarkColours));
        switch (look.Theme)
        {
            case LookTheme.Light:
                css.Append(":root{color-scheme:light;")
                    .Append(Variables(look.Colours.Or(LookColours.Light)))
                    .Append('}');
                break;
            case LookTheme.Dark:
                css.Append(":root{color-scheme:dark;")
                    .Append(Variables(look.DarkColours.Or(LookColours.Dark)))
                    .Append('}');
                break;
            default:
                if (light.Length > 0)
                    css.Append("@media (prefers-color-scheme:light){:root{").Append(light).Append("}}");
                if (dark.Length > 0)
                    css.Append("@media (prefers-color-scheme:dark){:root{").Append(dark).Append("}}");
                break;
        }
    }

    private static string Variables(LookColours colours) =>
        string.Concat(
            new[]
            {
                ("--paper", colours.Background),
                ("--ink", colours.Text),
                ("--heading", colours.Heading),
                ("--link", colours.Link),
                ("--soft", colours.Byline),
                ("--green", colours.Accent),
                ("--rule", colours.Line),
            }
                .Where(pair => Colour.Parse(pair.Item2) is not null)
                .Select(pair => $"{pair.Item1}:{pair.Item2!.Trim()};")
        );

    private static void AppendSpacing(StringBuilder css, PageSpacing spacing)
    {
        if (spacing == PageSpacing.Usual)
            return;
        var (line, paragraph, edge) =
            spacing == PageSpacing.Close ? ("1.45", ".7em", "1.4rem") : ("1.8", "1.4em", "4rem");
        css.Append("body{line-height:")
            .Append(line)
            .Append("}article p,article ul,article ol{margin-block:")
            .Append(paragraph)
            .Append("}main{padding-top:")
            .Append(edge)
            .Append('}');
    }

    private static void AppendType(StringBuilder css, string selector, PartType type)
    {
        var declarations = new List<string>();
        if (FontFamilies.Clean(type.Family) is { } family)
            declarations.Add($"font-family:{family}");
        if (type.Size is { } size)
            declarations.Add(string.Create(CultureInfo.InvariantCulture, $"font-size:{size}px"));
        if (type.Weight is { } weight)
            declarations.Add(string.Create(CultureInfo.InvariantCulture, $"font-weight:{weight}"));
        if (declarations.Count > 0)
            css.Append(selector).Append('{').AppendJoin(';', declarations).Append('}');
    }
}
