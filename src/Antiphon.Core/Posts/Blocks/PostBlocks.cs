using System.Globalization;
using System.Net;
using AngleSharp.Dom;
using AngleSharp.Html.Dom;
using Antiphon.Core.Html;

namespace Antiphon.Core.Posts.Blocks;

/// <summary>
/// Fills in what a stored text only marks: the table of contents from its headings, footnotes at its end, the author,
/// related posts. A mark is an element of a class of
/// <see cref="Html.HtmlAllowList.PostClasses"/>; the stored text stays clean HTML that says something without being
/// filled.
/// </summary>
public static class PostBlocks
{
    private const int LongestAnchor = 60;
    private const int HeadingsForContents = 3;
    private const string NeedingAPage =
        ".block-contents, .block-author, .block-related, .block-question, .block-subscribe, .block-follow";

    /// <summary>The text as readers of its page see it.</summary>
    /// <param name="html">Cleaned body.</param>
    /// <param name="context">What stands around it.</param>
    public static string Fill(string html, BlockContext context)
    {
        if (!NeedsFilling(html))
            return html;
        var body = Parse(html);
        var headings = Anchored(body);
        foreach (var block in body.QuerySelectorAll(".block-contents").ToList())
            Replace(block, ContentsOf(headings, context.Texts));
        foreach (var block in body.QuerySelectorAll(".block-author").ToList())
            Replace(block, context.Author is { } author ? AuthorOf(author, context.Texts) : string.Empty);
        foreach (var block in body.QuerySelectorAll(".block-related").ToList())
            Replace(block, RelatedOf(context));
        foreach (var block in body.QuerySelectorAll(".block-question").ToList())
            Replace(block, context.QuestionAddress is { } ask ? BlockForms.Question(ask, context.Texts) : string.Empty);
        foreach (var block in body.QuerySelectorAll(".block-subscribe").ToList())
            Replace(
                block,
                context.SubscribeAddress is { } subscribe
                    ? BlockForms.Subscribe(subscribe, context.Texts)
                    : string.Empty
            );
        foreach (var block in body.QuerySelectorAll(".block-follow").ToList())
            Replace(block, context.Follow.Count > 0 ? BlockForms.Follow(context.Follow, context.Texts) : string.Empty);
        GatherNotes(body, context.Texts);
        return body.InnerHtml;
    }

    /// <summary>The text with a table of contents before it, when it has headings enough and none of its own.</summary>
    public static string WithContents(string html)
    {
        var headings = html.Split("<h", StringSplitOptions.None)
            .Skip(1)
            .Count(part => part.Length > 1 && part[0] is '2' or '3' or '4' && part[1] is '>' or ' ');
        return headings < HeadingsForContents || html.Contains("block-contents", StringComparison.Ordinal)
            ? html
            : "<div class=\"block-contents\"></div>" + html;
    }

    /// <summary>
    /// The text for feeds and mails, where nothing stands around it: without the blocks that need a page, footnotes at
    /// its end.
    /// </summary>
    public static string Alone(string html, BlockTexts texts)
    {
        if (!NeedsFilling(html))
            return html;
        var body = Parse(html);
        foreach (var block in body.QuerySelectorAll(NeedingAPage).ToList())
            block.Remove();
        GatherNotes(body, texts);
        return body.InnerHtml;
    }

    private static bool NeedsFilling(string html) =>
        html.Contains("block-", StringComparison.Ordinal)
        || html.Contains("footnote", StringComparison.Ordinal)
        || html.Contains("<h", StringComparison.Ordinal);

    private static IHtmlElement Parse(string html) => HtmlReader.BodyOf(html);

    private static void Replace(IElement block, string html)
    {
        if (html.Length == 0)
            block.Remove();
        else
            block.OuterHtml = html;
    }

    /// <summary>Gives headings an address within the page, so that they can be linked to.</summary>
    private static List<(int Level, string Anchor, string Words)> Anchored(IHtmlElement body)
    {
        var (found, taken) = (new List<(int, string, string)>(), new HashSet<string>());
        foreach (var heading in body.QuerySelectorAll("h2, h3, h4"))
        {
            var words = heading.TextContent.Trim();
            if (words.Length == 0)
                continue;
            var anchor = Slug.MakeUnique(
                Slug.FromTitle(words.Length > LongestAnchor ? words[..LongestAnchor] : words),
                taken.Contains
            );
            taken.Add(anchor);
            heading.Id = anchor;
            found.Add((heading.LocalName[1] - '0', anchor, words));
        }

        return found;
    }

    private static string ContentsOf(List<(int Level, string Anchor, string Words)> headings, BlockTexts texts)
    {
        if (headings.Count == 0)
            return string.Empty;
        var top = headings.Min(heading => heading.Level);
        var items = headings
            .Where(heading => heading.Level <= top + 1)
            .Select(heading =>
                $"<li class=\"level-{heading.Level - top + 1}\"><a href=\"#{heading.Anchor}\">{WebUtility.HtmlEncode(heading.Words)}</a></li>"
            );
        return $"<nav class=\"contents\" aria-label=\"{WebUtility.HtmlEncode(texts.Contents)}\"><strong>{WebUtility.HtmlEncode(texts.Contents)}</strong><ol>{string.Concat(items)}</ol></nav>";
    }

    private static string AuthorOf(BlockAuthor author, BlockTexts texts)
    {
        var name = WebUtility.HtmlEncode(author.Name);
        var picture = author.Picture is null
            ? string.Empty
            : $"<img src=\"{WebUtility.HtmlEncode(author.Picture)}\" alt=\"\" width=\"72\" height=\"72\" loading=\"lazy\">";
        var linked = author.Link is null
            ? name
            : $"<a href=\"{WebUtility.HtmlEncode(author.Link)}\" rel=\"author\">{name}</a>";
        var about = author.About is null ? string.Empty : $"<p>{WebUtility.HtmlEncode(author.About)}</p>";
        return $"<aside class=\"author-box\">{picture}<div><strong>{texts.About.With("name", linked)}</strong>{about}</div></aside>";
    }

    private static string RelatedOf(BlockContext context)
    {
        if (context.Related.Count == 0)
            return string.Empty;
        var items = context.Related.Select(link =>
            $"<li><a href=\"{WebUtility.HtmlEncode(link.Address)}\">{WebUtility.HtmlEncode(link.Title)}</a></li>"
        );
        return $"<aside class=\"related\"><strong>{WebUtility.HtmlEncode(context.Texts.Related)}</strong><ul>{string.Concat(items)}</ul></aside>";
    }

    private static void GatherNotes(IHtmlElement body, BlockTexts texts)
    {
        var notes = body.QuerySelectorAll("span.footnote").Where(note => note.TextContent.Trim().Length > 0).ToList();
        if (notes.Count == 0)
            return;
        var list = new List<string>();
        for (var index = 0; index < notes.Count; index++)
        {
            var number = (index + 1).ToString(CultureInfo.InvariantCulture);
            list.Add(
                $"<li id=\"note-{number}\">{notes[index].InnerHtml} <a href=\"#note-{number}-place\" aria-label=\"{WebUtility.HtmlEncode(texts.Back)}\">↩</a></li>"
            );
            notes[index].OuterHtml = $"<sup id=\"note-{number}-place\"><a href=\"#note-{number}\">{number}</a></sup>";
        }

        body.InnerHtml +=
            $"<section class=\"footnotes\" aria-label=\"{WebUtility.HtmlEncode(texts.Notes)}\"><ol>{string.Concat(list)}</ol></section>";
    }
}
