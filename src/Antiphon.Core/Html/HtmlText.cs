using System.Text;
using AngleSharp.Dom;
using AngleSharp.Html.Parser;

namespace Antiphon.Core.Html;

/// <summary>The words of an HTML text without its markup.</summary>
public static class HtmlText
{
    private static readonly HashSet<string> Breaking = new(StringComparer.OrdinalIgnoreCase)
    {
        "p", "br", "div", "li", "h1", "h2", "h3", "h4", "h5", "h6", "blockquote", "pre", "tr", "figure", "section", "article", "hr",
    };

    /// <summary>
    /// The text of a fragment: entities decoded, scripts and styles left out, white space folded to single spaces.
    /// A text without any markup is returned with its white space folded.
    /// </summary>
    public static string Of(string? html)
    {
        if (string.IsNullOrWhiteSpace(html)) return string.Empty;
        if (!html.Contains('<', StringComparison.Ordinal) && !html.Contains('&', StringComparison.Ordinal)) return Fold(html);
        var document = new HtmlParser().ParseDocument(html);
        var text = new StringBuilder(html.Length);
        if (document.Body is { } body) Append(body, text);
        return Fold(text.ToString());
    }

    /// <summary>The text with paragraphs and line breaks kept as line ends, for the plain part of a mail.</summary>
    public static string WithLines(string html)
    {
        var document = new HtmlParser().ParseDocument(html);
        var text = new StringBuilder(html.Length);
        if (document.Body is { } body) Append(body, text, "\n\n");
        var lines = text.ToString().Split('\n').Select(Fold);
        return string.Join('\n', lines).Trim().ReplaceRepeatedBlankLines();
    }

    private static string ReplaceRepeatedBlankLines(this string text)
    {
        while (text.Contains("\n\n\n", StringComparison.Ordinal)) text = text.Replace("\n\n\n", "\n\n", StringComparison.Ordinal);
        return text;
    }

    private static void Append(INode node, StringBuilder text, string lineEnd = " ")
    {
        // An explicit stack: markup from outside can be nested deeper than a thread's own stack allows.
        var stack = new Stack<(INode Node, bool Leaving)>();
        stack.Push((node, false));
        while (stack.TryPop(out var step))
        {
            if (step.Node is IText words) text.Append(words.Data);
            if (step.Node is not IElement element) continue;
            if (element.LocalName is "script" or "style" or "template" or "noscript") continue;
            if (Breaking.Contains(element.LocalName)) text.Append(element.LocalName == "br" ? lineEnd[..1] : lineEnd);
            if (step.Leaving) continue;
            if (element.LocalName != "br") stack.Push((element, true));
            for (var child = element.LastChild; child is not null; child = child.PreviousSibling) stack.Push((child, false));
        }
    }

    private static string Fold(string text) => string.Join(' ', text.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries));
}
