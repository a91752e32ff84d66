using Antiphon.Core.Html;
using Antiphon.Core.Listings.Styles.Colours;
using Antiphon.Core.Mailing.Digests;

namespace Antiphon.Core.Mailing.Drawing;

/// <summary>Styles of a mail, to be written at each element.</summary>
internal sealed class MailStyles
{
    private readonly Dictionary<string, string> _ofElements;

    /// <summary>Makes the styles of a look.</summary>
    /// <param name="colours">The look, with nothing left open.</param>
    public MailStyles(DigestColours colours)
    {
        var (paper, ink) = (Colour.Parse(colours.Paper) ?? Colour.White, Colour.Parse(colours.Ink) ?? Colour.Black);
        // Quieter than the text and still to be read (WCAG 2.2, 1.4.3); a line only has to be seen.
        var soft = Contrast.Nearest(ink.Over(paper, 0.68), paper, Contrast.Usual).ToString();
        var line = ink.Over(paper, 0.18).ToString();
        var (type, headings) = (Fonts(colours.Type!), Fonts(colours.Headings!));
        Text = $"font:17px/1.55 {type};color:{ink}";
        Masthead =
            $"margin:0 0 20px;padding:0 0 10px;border-bottom:3px double {line};font:14px/1.4 {type};color:{soft}";
        Quiet = $"color:{soft}";
        Title = $"margin:26px 0 2px;font:600 24px/1.25 {headings};color:{ink}";
        TitleLink = $"color:{ink};text-decoration:none";
        Byline = $"margin:0 0 12px;font:14px/1.4 {type};color:{soft}";
        Picture = "display:block;width:100%;max-width:600px;height:auto;border:0;margin:26px 0 0";
        More = $"margin:6px 0 26px;padding:0 0 20px;border-bottom:1px solid {line}";
        Foot = $"margin:26px 0 0;font:13px/1.6 {type};color:{soft}";
        _ofElements = new Dictionary<string, string>
        {
            ["p"] = "margin:0 0 14px",
            ["h1"] = $"margin:24px 0 8px;font:600 22px/1.3 {headings}",
            ["h2"] = $"margin:24px 0 8px;font:600 21px/1.3 {headings}",
            ["h3"] = $"margin:20px 0 6px;font:600 18px/1.3 {headings}",
            ["h4"] = $"margin:18px 0 6px;font:600 17px/1.3 {headings}",
            ["a"] = $"color:{colours.Accent}",
            ["img"] = "max-width:100%;height:auto;border:0",
            ["figure"] = "margin:0 0 16px",
            ["figcaption"] = $"margin:4px 0 0;font:14px/1.4 {type};color:{soft}",
            ["blockquote"] = $"margin:0 0 14px;padding:0 0 0 16px;border-left:3px solid {line}",
            ["ul"] = "margin:0 0 14px;padding:0 0 0 22px",
            ["ol"] = "margin:0 0 14px;padding:0 0 0 22px",
            ["li"] = "margin:0 0 4px",
            ["pre"] =
                $"margin:0 0 14px;padding:10px;font:14px/1.45 Consolas,monospace;white-space:pre-wrap;border:1px solid {line}",
            ["code"] = "font-family:Consolas,monospace;font-size:15px",
            ["table"] = "border-collapse:collapse;margin:0 0 14px",
            ["th"] = $"text-align:left;padding:4px 10px;border-bottom:1px solid {line}",
            ["td"] = $"text-align:left;padding:4px 10px;border-bottom:1px solid {line}",
            ["hr"] = $"border:0;border-top:1px solid {line};margin:22px 0",
        };
    }

    /// <summary>The column.</summary>
    public string Text { get; }

    /// <summary>Name of the site and date at the head.</summary>
    public string Masthead { get; }

    /// <summary>Links that stay in the background.</summary>
    public string Quiet { get; }

    /// <summary>Title of a post.</summary>
    public string Title { get; }

    /// <summary>Link in a title.</summary>
    public string TitleLink { get; }

    /// <summary>Line below a title.</summary>
    public string Byline { get; }

    /// <summary>Picture of a post.</summary>
    public string Picture { get; }

    /// <summary>Line that ends a post.</summary>
    public string More { get; }

    /// <summary>Why the mail came, and how it ends.</summary>
    public string Foot { get; }

    /// <summary>Style of an element in running text.</summary>
    public string Of(string element) => _ofElements[element];

    /// <summary>
    /// A text with the styles at its elements; classes and further sizes of pictures, which mean nothing in a mail, go.
    /// </summary>
    public string Inline(string html)
    {
        var body = HtmlReader.BodyOf(html);
        foreach (var element in body.QuerySelectorAll("*"))
        {
            foreach (var name in (string[])["class", "srcset", "sizes", "loading"])
                element.RemoveAttribute(name);
            if (_ofElements.TryGetValue(element.LocalName, out var style))
                element.SetAttribute("style", style);
        }

        return body.InnerHtml;
    }

    // Single quotes, since the style stands in double ones.
    private static string Fonts(string families) => families.Replace('"', '\'');
}
