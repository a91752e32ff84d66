using System.Globalization;
using System.Text;
using Antiphon.Core.Listings.Styles.Colours;
using Antiphon.Core.Listings.Styles.Css;

namespace Antiphon.Core.Listings.Styles;

/// <summary>The style sheet of a look, to stand behind the layout's.</summary>
public static class LookSheet
{
    /// <summary>Rules nested in the listing's own selector; empty when everything is inherited.</summary>
    /// <param name="look">The look.</param>
    /// <param name="selector">Selector that finds this listing and no other.</param>
    public static string Of(ListingLook look, string selector)
    {
        var rules = new StringBuilder();
        AppendTheme(rules, look);
        AppendBox(rules, look);
        AppendEntries(rules, look);
        AppendType(rules, ".antiphon-heading", look.HeadingType);
        AppendType(rules, ".antiphon-title", look.TitleType);
        AppendType(rules, ".antiphon-byline", look.BylineType);
        AppendType(rules, ".antiphon-excerpt", look.ExcerptType);
        rules.Append(PartCss.Confine(look.Css).Css);
        return rules.Length == 0 ? string.Empty : $"{selector}{{\n{rules}}}";
    }

    private static void AppendTheme(StringBuilder rules, ListingLook look)
    {
        switch (look.Theme)
        {
            case LookTheme.Host:
                AppendColours(rules, look.Colours, null);
                break;
            case LookTheme.Light:
                AppendColours(rules, look.Colours.Or(LookColours.Light), "light");
                break;
            case LookTheme.Dark:
                AppendColours(rules, look.DarkColours.Or(LookColours.Dark), "dark");
                break;
            default:
                AppendColours(rules, look.Colours.Or(LookColours.Light), "light");
                rules.Append("@media (prefers-color-scheme:dark){\n");
                AppendColours(rules, look.DarkColours.Or(LookColours.Dark), "dark");
                rules.Append("}\n");
                break;
        }
    }

    private static void AppendColours(StringBuilder rules, LookColours colours, string? scheme)
    {
        void Rule(string parts, string property, string? value)
        {
            // Only what is a colour gets this far into other people's pages.
            if (Colour.Parse(value) is not null)
                rules.Append(parts).Append('{').Append(property).Append(':').Append(value!.Trim()).Append("}\n");
        }

        if (scheme is not null)
            rules.Append("&{color-scheme:").Append(scheme).Append("}\n");
        Rule("&", "background-color", colours.Background);
        Rule("&", "color", colours.Text);
        Rule("& .antiphon-heading", "color", colours.Heading);
        Rule("& a", "color", colours.Link);
        Rule("& .antiphon-heading a", "color", colours.Heading);
        Rule("& .antiphon-title,& .antiphon-title a", "color", colours.Link);
        Rule("& .antiphon-byline,& .antiphon-byline a", "color", colours.Byline);
        Rule("& .antiphon-more a,& .antiphon-tags,& .antiphon-moves,& .antiphon-paging a", "color", colours.Accent);
        Rule("&,& .antiphon-entry,& .antiphon-month", "border-color", colours.Line);
    }

    private static void AppendBox(StringBuilder rules, ListingLook look)
    {
        var box = new List<string>();
        if (look.Width is { } width)
            box.Add($"max-width:{Px(width)}");
        if (look.Height is { } height)
            box.Add($"max-height:{Px(height)};overflow:auto");
        if (look.Padding is { } padding)
            box.Add($"padding:{Px(padding)};box-sizing:border-box");
        if (look.Border is { } border)
            box.Add(
                $"border-width:{Px(border)};border-style:solid{(look.Colours.Line is null && look.Theme == LookTheme.Host ? ";border-color:color-mix(in srgb,currentColor 25%,transparent)" : string.Empty)}"
            );
        if (look.Radius is { } radius)
            box.Add($"border-radius:{Px(radius)}");
        if (box.Count > 0)
            rules.Append("&{").AppendJoin(';', box).Append("}\n");
        if (look.Radius is { } round)
            rules.Append("& .antiphon-picture{border-radius:").Append(Px(round)).Append("}\n");
    }

    private static void AppendEntries(StringBuilder rules, ListingLook look)
    {
        if (look.GapAcross is { } across)
            rules.Append("& .antiphon-entries{column-gap:").Append(Px(across)).Append("}\n");
        if (look.GapDown is { } down)
        {
            rules.Append("& .antiphon-entries{row-gap:").Append(Px(down)).Append("}\n");
            // Layouts that set one entry under the other have no gap of their own but room inside the entries.
            rules
                .Append("&:is(.antiphon-lines,.antiphon-rows,.antiphon-zigzag) .antiphon-entry{padding-block:")
                .Append(Px(down / 2))
                .Append("}\n");
            rules.Append("&.antiphon-bricks .antiphon-entry{padding-bottom:").Append(Px(down)).Append("}\n");
        }

        if (look.Shadow != LookShadow.None)
            rules
                .Append("& .antiphon-entry{box-shadow:")
                .Append(look.Shadow == LookShadow.Soft ? "0 1px 3px rgb(0 0 0/.22)" : "0 8px 28px rgb(0 0 0/.24)")
                .Append(";padding:.8em}\n");
        AppendSeparator(rules, look);
    }

    private static void AppendSeparator(StringBuilder rules, ListingLook look)
    {
        const string Between = "& .antiphon-entry:not(:last-child)";
        if (look.Separator is EntrySeparator.None or EntrySeparator.Picture)
            rules.Append("& .antiphon-entry{border:0}\n");
        if (look.Separator == EntrySeparator.Line)
            rules.Append(Between).Append("{border-bottom-width:1px;border-bottom-style:solid}\n");
        if (
            look.Separator == EntrySeparator.Picture
            && Uri.TryCreate(look.SeparatorPicture, UriKind.Absolute, out var picture)
            && picture.Scheme is "https" or "http"
        )
        {
            rules
                .Append(Between)
                .Append(
                    "::after{content:\"\";grid-column:1/-1;display:block;height:24px;margin-top:.8em;background:url(\""
                )
                .Append(picture.AbsoluteUri.Replace("\"", "%22", StringComparison.Ordinal))
                .Append("\") center/contain no-repeat}\n");
        }
    }

    private static void AppendType(StringBuilder rules, string part, PartType type)
    {
        var declarations = new List<string>();
        if (FontFamilies.Clean(type.Family) is { } family)
            declarations.Add($"font-family:{family}");
        if (type.Size is { } size)
            declarations.Add($"font-size:{Px(size)}");
        if (type.Weight is { } weight)
            declarations.Add($"font-weight:{weight.ToString(CultureInfo.InvariantCulture)}");
        if (declarations.Count > 0)
            rules.Append("& ").Append(part).Append('{').AppendJoin(';', declarations).Append("}\n");
    }

    private static string Px(int length) => length.ToString(CultureInfo.InvariantCulture) + "px";
}
