using System.Net;
using System.Text;

namespace Antiphon.Core.Comments;

/// <summary>A comment as typed, made into HTML that is safe by construction: everything is encoded, then paragraphs, line ends and links are put in.</summary>
public static class CommentBody
{
    /// <summary>Longest comment, in characters.</summary>
    public const int MaxLength = 10_000;

    /// <summary>Paragraphs at blank lines, breaks at line ends, addresses as links that pass no rank.</summary>
    public static string ToHtml(string text)
    {
        var html = new StringBuilder();
        var paragraphs = text.ReplaceLineEndings("\n").Split("\n\n", StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);
        foreach (var paragraph in paragraphs)
        {
            html.Append("<p>");
            html.AppendJoin("<br>", paragraph.Split('\n').Select(LineToHtml));
            html.Append("</p>");
        }

        return html.ToString();
    }

    private static string LineToHtml(string line)
    {
        var html = new StringBuilder();
        var from = 0;
        foreach (System.Text.RegularExpressions.Match match in CommentLinks.Address().Matches(line))
        {
            html.Append(WebUtility.HtmlEncode(line[from..match.Index]));
            var shown = WebUtility.HtmlEncode(match.Value);
            var target = match.Value.StartsWith("www.", StringComparison.OrdinalIgnoreCase) ? "http://" + shown : shown;
            html.Append("<a href=\"").Append(target).Append("\" rel=\"nofollow ugc noopener\">").Append(shown).Append("</a>");
            from = match.Index + match.Length;
        }

        return html.Append(WebUtility.HtmlEncode(line[from..])).ToString();
    }
}
