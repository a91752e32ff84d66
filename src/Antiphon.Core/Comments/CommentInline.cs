using System.Net;
using System.Text;
using System.Text.RegularExpressions;
using Antiphon.Core.Html;

namespace Antiphon.Core.Comments;

/// <summary>
/// A line of a comment as HTML: **strong**, *stressed* or _stressed_, `code`, [words](address), and addresses by
/// themselves. Links pass no rank.
/// </summary>
public static partial class CommentInline
{
    private const int MaxDepth = 3;

    /// <summary>The line, everything encoded that is not one of the forms.</summary>
    public static string ToHtml(string line) => ToHtml(line, 0);

    private static string ToHtml(string line, int depth)
    {
        if (depth > MaxDepth)
            return WebUtility.HtmlEncode(line);
        var html = new StringBuilder();
        var from = 0;
        foreach (Match match in Forms().Matches(line))
        {
            html.Append(WebUtility.HtmlEncode(line[from..match.Index])).Append(FormOf(match, depth));
            from = match.Index + match.Length;
        }

        return html.Append(WebUtility.HtmlEncode(line[from..])).ToString();
    }

    private static string FormOf(Match match, int depth)
    {
        if (match.Groups["code"] is { Success: true } code)
            return $"<code>{WebUtility.HtmlEncode(code.Value)}</code>";
        if (match.Groups["strong"] is { Success: true } strong)
            return $"<strong>{ToHtml(strong.Value, depth + 1)}</strong>";
        if (match.Groups["stressed"] is { Success: true } stressed)
            return $"<em>{ToHtml(stressed.Value, depth + 1)}</em>";
        if (match.Groups["target"] is { Success: true } target)
            return Link(target.Value, WebUtility.HtmlEncode(match.Groups["words"].Value));
        return Link(
            match.Value.StartsWith("www.", StringComparison.OrdinalIgnoreCase) ? "http://" + match.Value : match.Value,
            WebUtility.HtmlEncode(match.Value)
        );
    }

    private static string Link(string address, string words) =>
        $"<a href=\"{WebUtility.HtmlEncode(address)}\" rel=\"{LinkRanks.OfOthers}\">{words}</a>";

    [GeneratedRegex(
        """`(?<code>[^`]+)`|\[(?<words>[^\[\]]{1,200})\]\((?<target>https?://[^\s()<>"]{1,2000})\)|"""
            + CommentLinks.Pattern
            + """|\*\*(?<strong>[^\s*](?:[^*]*[^\s*])?)\*\*|(?<![\w*])\*(?<stressed>[^\s*](?:[^*]*[^\s*])?)\*(?![\w*])|(?<!\w)_(?<stressed>[^\s_](?:[^_]*[^\s_])?)_(?!\w)""",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant,
        1000
    )]
    private static partial Regex Forms();
}
