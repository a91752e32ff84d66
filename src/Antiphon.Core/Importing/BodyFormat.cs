using System.Net;
using System.Text.RegularExpressions;
using Antiphon.Core.Html.Markdown;

namespace Antiphon.Core.Importing;

/// <summary>Tells whether a text is HTML, Markdown or plain, and gives it as HTML.</summary>
public static partial class BodyFormat
{
    /// <summary>The text as HTML, not cleaned.</summary>
    public static string ToHtml(string text)
    {
        if (string.IsNullOrWhiteSpace(text))
            return string.Empty;
        if (Block().IsMatch(text))
            return text;
        if (Signs().Any(sign => sign.IsMatch(text)))
            return MarkdownReader.ToHtml(text);
        if (Inline().IsMatch(text))
            return Paragraphs(text);
        return Paragraphs(WebUtility.HtmlEncode(WebUtility.HtmlDecode(text)));
    }

    private static IEnumerable<Regex> Signs() => [Heading(), Bold(), Link(), List(), Fence()];

    private static string Paragraphs(string text) =>
        string.Concat(
            Blank()
                .Split(text.Trim())
                .Where(part => part.Trim().Length > 0)
                .Select(part => $"<p>{part.Trim().ReplaceLineEndings("<br>")}</p>")
        );

    [GeneratedRegex("<(p|div|h[1-6]|ul|ol|table|blockquote|figure|pre|article|section)[\\s>]", RegexOptions.IgnoreCase)]
    private static partial Regex Block();

    [GeneratedRegex("</?(a|b|i|em|strong|br|img|span|u|s|code|sup|sub)[\\s/>]", RegexOptions.IgnoreCase)]
    private static partial Regex Inline();

    [GeneratedRegex("^#{1,6} \\S", RegexOptions.Multiline)]
    private static partial Regex Heading();

    [GeneratedRegex("\\*\\*\\S[^*\\n]*\\*\\*")]
    private static partial Regex Bold();

    [GeneratedRegex("!?\\[[^\\[\\]\\n]+\\]\\([^)\\s]+\\)")]
    private static partial Regex Link();

    [GeneratedRegex("^[-*+] \\S.*\\n[-*+] \\S", RegexOptions.Multiline)]
    private static partial Regex List();

    [GeneratedRegex("^```", RegexOptions.Multiline)]
    private static partial Regex Fence();

    [GeneratedRegex("\\n\\s*\\n")]
    private static partial Regex Blank();
}
