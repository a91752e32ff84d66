using System.Text.RegularExpressions;
using AngleSharp.Dom;
using AngleSharp.Html.Parser;

namespace Antiphon.Core.Importing.Tidying;

/// <summary>Takes out what other programs leave in texts: empty paragraphs, inline styles, tracking pixels, doubled breaks, codes in brackets. Done again it finds nothing.</summary>
public static partial class BodyTidying
{
    /// <summary>The tidied text with what was found. Any HTML; it is not made safe here.</summary>
    public static TidyResult Tidy(string html)
    {
        var codes = 0;
        var without = Code().Replace(html, match =>
        {
            codes++;
            return string.Empty;
        });
        var body = new HtmlParser().ParseDocument(without).Body!;
        var styles = 0;
        foreach (var styled in body.QuerySelectorAll("[style]").ToList())
        {
            styled.RemoveAttribute("style");
            styles++;
        }

        foreach (var font in body.QuerySelectorAll("font, span:not([class])").ToList()) font.Replace([.. font.ChildNodes]);
        var pixels = RemoveAll(body, "img", IsPixel);
        var breaks = RemoveAll(body, "br", IsDoubled);
        // From the inside out, so that a paragraph that held only an empty one goes too.
        var empty = RemoveAll(body, "p, div:not([class]), h1, h2, h3, h4, h5, h6, li, blockquote", IsEmpty, fromInside: true);
        return new TidyResult(body.InnerHtml.Trim(), empty, styles, pixels, breaks, codes);
    }

    private static int RemoveAll(IElement body, string selector, Func<IElement, bool> test, bool fromInside = false)
    {
        var found = body.QuerySelectorAll(selector).ToList();
        if (fromInside) found.Reverse();
        var removed = 0;
        foreach (var element in found.Where(test))
        {
            element.Remove();
            removed++;
        }

        return removed;
    }

    private static bool IsPixel(IElement picture) =>
        (Length(picture, "width") is <= 2 && Length(picture, "height") is <= 2) || picture.GetAttribute("src") is null or "" || (picture.GetAttribute("src")!.StartsWith("data:image/gif", StringComparison.OrdinalIgnoreCase) && picture.GetAttribute("src")!.Length < 200);

    private static int? Length(IElement element, string name) => int.TryParse(element.GetAttribute(name)?.TrimEnd('p', 'x'), out var number) ? number : null;

    private static bool IsDoubled(IElement br)
    {
        INode? before = br.PreviousSibling;
        while (before is IText { Data: var text } && string.IsNullOrWhiteSpace(text)) before = before.PreviousSibling;
        return before is IElement { LocalName: "br" } || (before is null && br.ParentElement is { LocalName: "p" or "div" or "li" or "body" });
    }

    private static bool IsEmpty(IElement element) =>
        element.QuerySelector("img, video, audio, hr, iframe, table, pre, [class^=block-]") is null && element.TextContent.All(c => char.IsWhiteSpace(c) || c is '\u00a0' or '\u200b' or '\ufeff');

    // A word in brackets with attributes, or one that is closed again, is a code; a word alone in brackets may well be meant.
    [GeneratedRegex("""\[/[a-z][a-z0-9_-]{2,30}\]|\[[a-z][a-z0-9_-]{2,30}(?:\s+[a-z_-]+\s*=\s*(?:"[^"\]]*"|'[^'\]]*'|&quot;[^\]]*?&quot;|[^\s\]"']+))+\s*/?\]|\[(?:gallery|caption|embed|audio|video|playlist|toc|more|nextpage)\]""", RegexOptions.IgnoreCase)]
    private static partial Regex Code();
}
