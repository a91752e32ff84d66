using System.Net;
using System.Text;

namespace Antiphon.Core.Comments;

/// <summary>
/// A comment as typed, made into HTML that is safe by construction: everything is encoded, then the few forms that are
/// known are put in. They are those of Markdown that people type by themselves: paragraphs, quotes (&gt;),
/// lists (- and 1.), code between fences (```), and within lines what <see cref="CommentInline"/> knows.
/// </summary>
public static class CommentBody
{
    /// <summary>Longest comment, in characters.</summary>
    public const int MaxLength = 10_000;

    private const int MaxDepth = 3;
    private const string Fence = "```";

    /// <summary>
    /// The HTML: p, br, blockquote, ul, ol, li, pre, code, strong, em and a, none with attributes but the links.
    /// </summary>
    public static string ToHtml(string text)
    {
        var html = new StringBuilder();
        Append(html, text.ReplaceLineEndings("\n").Split('\n'), 0);
        return html.ToString();
    }

    private static void Append(StringBuilder html, ReadOnlySpan<string> lines, int depth)
    {
        while (lines.Length > 0)
        {
            var taken = KindOf(lines[0], depth) switch
            {
                BlockKind.Blank => 1,
                BlockKind.Code => AppendCode(html, lines),
                BlockKind.Quote => AppendQuote(html, lines, depth),
                BlockKind.Bullet => AppendList(html, lines, depth, BlockKind.Bullet, "ul"),
                BlockKind.Number => AppendList(html, lines, depth, BlockKind.Number, "ol"),
                _ => AppendParagraph(html, lines, depth),
            };
            lines = lines[taken..];
        }
    }

    private static int AppendCode(StringBuilder html, ReadOnlySpan<string> lines)
    {
        var end = 1;
        while (end < lines.Length && !lines[end].StartsWith(Fence, StringComparison.Ordinal))
            end++;
        html.Append("<pre><code>")
            .Append(WebUtility.HtmlEncode(string.Join('\n', lines[1..end].ToArray())))
            .Append("</code></pre>");
        return Math.Min(lines.Length, end + 1);
    }

    private static int AppendQuote(StringBuilder html, ReadOnlySpan<string> lines, int depth)
    {
        var count = Run(lines, BlockKind.Quote, depth);
        var inner = new string[count];
        for (var at = 0; at < count; at++)
            inner[at] = lines[at].TrimStart()[1..] is ['\u0020', .. var rest] ? rest : lines[at].TrimStart()[1..];
        html.Append("<blockquote>");
        Append(html, inner, depth + 1);
        html.Append("</blockquote>");
        return count;
    }

    private static int AppendList(
        StringBuilder html,
        ReadOnlySpan<string> lines,
        int depth,
        BlockKind kind,
        string element
    )
    {
        var count = Run(lines, kind, depth);
        html.Append('<').Append(element).Append('>');
        foreach (var line in lines[..count])
        {
            var item = line.TrimStart();
            html.Append("<li>")
                .Append(CommentInline.ToHtml(item[(item.IndexOf(' ', StringComparison.Ordinal) + 1)..].Trim()))
                .Append("</li>");
        }

        html.Append("</").Append(element).Append('>');
        return count;
    }

    private static int AppendParagraph(StringBuilder html, ReadOnlySpan<string> lines, int depth)
    {
        var count = Run(lines, BlockKind.Paragraph, depth);
        html.Append("<p>")
            .AppendJoin("<br>", lines[..count].ToArray().Select(line => CommentInline.ToHtml(line.Trim())))
            .Append("</p>");
        return count;
    }

    private static int Run(ReadOnlySpan<string> lines, BlockKind kind, int depth)
    {
        var count = 1;
        while (count < lines.Length && KindOf(lines[count], depth) == kind)
            count++;
        return count;
    }

    private static BlockKind KindOf(string line, int depth)
    {
        var text = line.AsSpan().Trim();
        if (text.Length == 0)
            return BlockKind.Blank;
        if (text.StartsWith(Fence))
            return BlockKind.Code;
        if (text[0] == '>' && depth < MaxDepth)
            return BlockKind.Quote;
        if (text.Length > 2 && text[0] is '-' or '*' && text[1] == ' ')
            return BlockKind.Bullet;
        var digits = text.IndexOfAnyExceptInRange('0', '9');
        return digits is 1 or 2 && text.Length > digits + 2 && text[digits] is '.' or ')' && text[digits + 1] == ' '
            ? BlockKind.Number
            : BlockKind.Paragraph;
    }

    private enum BlockKind
    {
        Blank,
        Paragraph,
        Quote,
        Bullet,
        Number,
        Code,
    }
}
