using System.Text;

namespace Antiphon.Core.Html;

/// <summary>A quick look at how deeply markup is nested, without building a tree of it.</summary>
public static class NestingDepth
{
    /// <summary>The largest number of start tags open at once, counting every start tag that is not self-closing and every end tag; an upper bound.</summary>
    public static int Of(string html)
    {
        int depth = 0, deepest = 0;
        for (var at = html.IndexOf('<'); at >= 0 && at + 1 < html.Length; at = html.IndexOf('<', at + 1))
        {
            if (html[at + 1] == '/') depth = Math.Max(0, depth - 1);
            else if (char.IsAsciiLetter(html[at + 1]) && !IsVoid(html, at + 1)) deepest = Math.Max(deepest, ++depth);
        }

        return deepest;
    }

    /// <summary>The text between the tags, by a scan that needs no stack.</summary>
    public static string WordsOf(string html)
    {
        var words = new StringBuilder();
        var inTag = false;
        foreach (var c in html)
        {
            if (c == '<') inTag = true;
            else if (c == '>') inTag = false;
            else if (!inTag) words.Append(c);
        }

        return words.ToString().Trim();
    }

    private static bool IsVoid(string html, int nameStart)
    {
        var end = nameStart;
        while (end < html.Length && char.IsAsciiLetterOrDigit(html[end])) end++;
        // Unclosed p and li are legal HTML and end by themselves, so they do not add to the depth.
        return html.AsSpan(nameStart, end - nameStart).ToString().ToLowerInvariant()
            is "br" or "img" or "hr" or "input" or "meta" or "link" or "p" or "li" or "td" or "tr" or "th" or "dt" or "dd" or "source" or "wbr" or "col" or "area" or "embed";
    }
}
