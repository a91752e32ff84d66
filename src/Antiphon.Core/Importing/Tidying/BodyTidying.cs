using System.Text.RegularExpressions;
using AngleSharp.Dom;
using Antiphon.Core.Html;
using Antiphon.Core.Html.Trees;

namespace Antiphon.Core.Importing.Tidying;

/// <summary>
/// Takes out what other programs leave in texts: empty paragraphs, inline styles, tracking pixels, doubled breaks,
/// codes in brackets. Done again it finds nothing.
/// </summary>
public static class BodyTidying
{
    // A word in brackets with attributes, or one that is closed again, is a code; a word alone in brackets may well be
    // meant.
    // Matched without going back, since a value in entities can be read in two ways.
    private static readonly Regex Code = new(
        """\[/[a-z][a-z0-9_-]{2,30}\]|\[[a-z][a-z0-9_-]{2,30}(?:\s+[a-z_-]+\s*=\s*(?:"[^"\]]*"|'[^'\]]*'|&quot;[^\]]*?&quot;|[^\s\]"']+))+\s*/?\]|\[(?:gallery|caption|embed|audio|video|playlist|toc|more|nextpage)\]""",
        RegexOptions.IgnoreCase | RegexOptions.NonBacktracking
    );

    /// <summary>The tidied text with what was found. Any HTML; it is not made safe here.</summary>
    public static TidyResult Tidy(string html)
    {
        var codes = 0;
        var without = Code.Replace(html, match =>
        {
            codes++;
            return string.Empty;
        });
        var body = HtmlReader.BodyOf(without, HtmlLimits.Text);
        var styles = 0;
        foreach (var styled in body.QuerySelectorAll("[style]").ToList())
        {
            styled.RemoveAttribute("style");
            styles++;
        }

        var (doubled, held, found) = (DoubledBreaks(body), HoldingSomething(body), new Dictionary<string, int>());
        bool Counted(string kind)
        {
            found[kind] = found.GetValueOrDefault(kind) + 1;
            return true;
        }

        var text = MarkupWriter.Write(body, node => node switch
            {
                IElement { LocalName: "font" } or IElement { LocalName: "span", ClassName: null } => TreeFate.Unwrap,
                IElement { LocalName: "img" } picture when IsPixel(picture) && Counted("pixel") => TreeFate.Remove,
                IElement { LocalName: "br" } br when doubled.Contains(br) && Counted("break") => TreeFate.Remove,
                IElement element when MayBeEmpty(element) && !held.Contains(element) && Counted("empty") =>
                    TreeFate.Remove,
                IText or IElement => TreeFate.Keep,
                _ => TreeFate.Remove,
            });
        return new TidyResult(
            text.Trim(),
            found.GetValueOrDefault("empty"),
            styles,
            found.GetValueOrDefault("pixel"),
            found.GetValueOrDefault("break"),
            codes
        );
    }

    private static bool IsPixel(IElement picture) =>
        (Length(picture, "width") is <= 2 && Length(picture, "height") is <= 2)
        || picture.GetAttribute("src") is null or ""
        || (
            picture.GetAttribute("src")!.StartsWith("data:image/gif", StringComparison.OrdinalIgnoreCase)
            && picture.GetAttribute("src")!.Length < 200
        );

    private static int? Length(IElement element, string name) =>
        int.TryParse(element.GetAttribute(name)?.TrimEnd('p', 'x'), out var number) ? number : null;

    // A break after a break, or before anything else in its paragraph.
    private static HashSet<IElement> DoubledBreaks(IElement body)
    {
        var doubled = new HashSet<IElement>();
        foreach (var parent in body.QuerySelectorAll("br").Select(br => br.ParentElement!).Distinct())
        {
            var afterBreak = parent.LocalName is "p" or "div" or "li" or "body";
            foreach (var child in parent.ChildNodes)
            {
                var isBreak = child is IElement { LocalName: "br" };
                if (isBreak && afterBreak)
                    doubled.Add((IElement)child);
                if (child is not IText { Data: var text } || !string.IsNullOrWhiteSpace(text))
                    afterBreak = isBreak;
            }
        }

        return doubled;
    }

    private static bool MayBeEmpty(IElement element) =>
        element.LocalName is "p" or "h1" or "h2" or "h3" or "h4" or "h5" or "h6" or "li" or "blockquote"
        || element is { LocalName: "div", ClassName: null };

    // Whatever holds words, or something that is seen without words.
    private static HashSet<IElement> HoldingSomething(IElement body)
    {
        var held = new HashSet<IElement>();
        foreach (var step in TreeWalk.Steps(body))
        {
            if (step.IsLeaving || !IsSomething(step.Node))
                continue;
            for (
                var around = step.Node.ParentElement;
                around is not null && held.Add(around);
                around = around.ParentElement
            ) { }
        }

        return held;
    }

    private static bool IsSomething(INode node) =>
        node is IText { Data: var text }
            ? text.Any(c => !char.IsWhiteSpace(c) && c is not ('\u00a0' or '\u200b' or '\ufeff'))
            : (node is IElement { LocalName: "img" } picture && !IsPixel(picture))
                || node is IElement { LocalName: "video" or "audio" or "hr" or "iframe" or "table" or "pre" }
                || (node is IElement { ClassName: { } name } && name.StartsWith("block-", StringComparison.Ordinal));
}
