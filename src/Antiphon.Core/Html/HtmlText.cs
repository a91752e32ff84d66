using System.Text;
using AngleSharp.Dom;
using Antiphon.Core.Html.Trees;
using Antiphon.Core.Text;

namespace Antiphon.Core.Html;

/// <summary>The words of an HTML text without its markup.</summary>
public static class HtmlText
{
    private static readonly HashSet<string> Breaking = new(StringComparer.OrdinalIgnoreCase)
    {
        "p",
        "br",
        "div",
        "li",
        "h1",
        "h2",
        "h3",
        "h4",
        "h5",
        "h6",
        "blockquote",
        "pre",
        "tr",
        "figure",
        "section",
        "article",
        "hr",
    };

    /// <summary>
    /// The text of a fragment: entities decoded, scripts and styles left out, white space folded to single spaces.
    /// A text without any markup is returned with its white space folded.
    /// </summary>
    public static string Of(string? html)
    {
        if (string.IsNullOrWhiteSpace(html))
            return string.Empty;
        if (!html.Contains('<', StringComparison.Ordinal) && !html.Contains('&', StringComparison.Ordinal))
            return OneLine.Of(html);
        return Of(HtmlReader.BodyOf(html, HtmlLimits.Text));
    }

    /// <summary>The same for what is read already.</summary>
    public static string Of(INode node)
    {
        var text = new StringBuilder();
        Append(node, text);
        return OneLine.Of(text.ToString());
    }

    /// <summary>The text with paragraphs and line breaks kept as line ends, for the plain part of a mail.</summary>
    public static string WithLines(string html)
    {
        var text = new StringBuilder(html.Length);
        Append(HtmlReader.BodyOf(html, HtmlLimits.Text), text, "\n\n");
        var lines = text.ToString().Split('\n').Select(OneLine.Of);
        return string.Join('\n', lines).Trim().ReplaceRepeatedBlankLines();
    }

    private static string ReplaceRepeatedBlankLines(this string text)
    {
        while (text.Contains("\n\n\n", StringComparison.Ordinal))
            text = text.Replace("\n\n\n", "\n\n", StringComparison.Ordinal);
        return text;
    }

    private static void Append(INode node, StringBuilder text, string lineEnd = " ")
    {
        foreach (var step in TreeWalk.Steps(node, element => !IsUnseen(element)))
        {
            if (step.Node is IText words)
                text.Append(words.Data);
            if (step.Node is not IElement element || IsUnseen(element) || !Breaking.Contains(element.LocalName))
                continue;
            if (element.LocalName != "br")
                text.Append(lineEnd);
            else if (!step.IsLeaving)
                text.Append(lineEnd[..1]);
        }
    }

    private static bool IsUnseen(IElement element) =>
        element.LocalName is "script" or "style" or "template" or "noscript";
}
