using System.Text;

namespace Antiphon.Core.Listings.Styles.Css;

/// <summary>
/// Cuts CSS into its rules and a body into its declarations, minding strings, brackets and comments (CSS Syntax Level
/// 3, section 5).
/// </summary>
internal static class CssBlocks
{
    /// <summary>
    /// The text as CSS reads it: every kind of line break a line feed, NUL the sign for what cannot be shown (CSS
    /// Syntax Level 3, 3.3). Without it our reader and a browser's would disagree where a string ends.
    /// </summary>
    public static string Preprocessed(string css) =>
        css.Replace("\r\n", "\n", StringComparison.Ordinal)
            .Replace('\r', '\n')
            .Replace('\f', '\n')
            .Replace('\0', '\uFFFD');

    /// <summary>The text with every comment made white space, and whether the last comment was closed.</summary>
    public static (string Text, bool IsClosed) WithoutComments(string css)
    {
        var text = new StringBuilder(css.Length);
        for (var i = 0; i < css.Length; i++)
        {
            if (css[i] is '"' or '\'')
            {
                var end = EndOfString(css, i);
                text.Append(css, i, end - i);
                i = end - 1;
            }
            else if (css[i] == '/' && i + 1 < css.Length && css[i + 1] == '*')
            {
                var end = css.IndexOf("*/", i + 2, StringComparison.Ordinal);
                if (end < 0)
                    return (text.ToString(), false);
                foreach (var c in css.AsSpan(i, end + 2 - i))
                    text.Append(c == '\n' ? '\n' : ' ');
                i = end + 1;
            }
            else
            {
                text.Append(css[i]);
            }
        }

        return (text.ToString(), true);
    }

    /// <summary>The rules of a text without comments; what is not closed is told and ends the reading.</summary>
    public static IEnumerable<CssBlock> Rules(string css, int firstLine, List<CssProblem> problems)
    {
        var at = 0;
        while (at < css.Length)
        {
            var open = Find(css, at, "{;}");
            var prelude = css[at..Math.Min(open, css.Length)];
            var line = LineAt(css, at + prelude.Length - prelude.TrimStart().Length, firstLine);
            if (open >= css.Length || css[open] != '{')
            {
                if (prelude.Trim().Length > 0)
                    problems.Add(
                        new CssProblem(
                            line,
                            prelude.TrimStart().StartsWith('@')
                                ? CssProblemKind.RuleNotTaken
                                : CssProblemKind.NotClosed,
                            Shown(prelude)
                        )
                    );
                else if (open < css.Length && css[open] == '}')
                    problems.Add(new CssProblem(line, CssProblemKind.NotClosed, "}"));
                at = open + 1;
                continue;
            }

            var close = EndOfBlock(css, open);
            if (close < 0)
            {
                problems.Add(new CssProblem(line, CssProblemKind.NotClosed, Shown(prelude)));
                yield break;
            }

            yield return new CssBlock(line, prelude.Trim(), css[(open + 1)..close], LineAt(css, open, firstLine));
            at = close + 1;
        }
    }

    /// <summary>The declarations of a body with their lines.</summary>
    public static IEnumerable<(int Line, string Text)> Declarations(CssBlock block)
    {
        for (var at = 0; at < block.Body.Length; )
        {
            var end = Find(block.Body, at, ";");
            var text = block.Body[at..end];
            if (text.Trim().Length > 0)
                yield return (
                    LineAt(block.Body, at + text.Length - text.TrimStart().Length, block.BodyLine),
                    text.Trim()
                );
            at = end + 1;
        }
    }

    /// <summary>The pieces of a text between commas that stand in no bracket.</summary>
    public static IEnumerable<string> Commas(string text)
    {
        for (var at = 0; at <= text.Length; )
        {
            var end = Find(text, at, ",");
            yield return text[at..end].Trim();
            at = end + 1;
        }
    }

    /// <summary>
    /// True when every string and bracket of a piece is closed in it and no brace stands in it, so that it can end
    /// nothing around it.
    /// </summary>
    public static bool IsClosed(string text)
    {
        var depth = 0;
        for (var i = 0; i < text.Length && depth >= 0; i++)
        {
            if (text[i] is '"' or '\'')
            {
                var end = EndOfString(text, i);
                if (end - i < 2 || text[end - 1] != text[i])
                    return false;
                i = end - 1;
            }
            else if (text[i] is '{' or '}')
                return false;
            else if (text[i] is '(' or '[')
                depth++;
            else if (text[i] is ')' or ']')
                depth--;
        }

        return depth == 0;
    }

    /// <summary>A piece of the owner's text, short enough to be named.</summary>
    public static string Shown(string text) => Text.Shortened.ToLength(text.Trim(), 60);

    private static int LineAt(string text, int at, int firstLine) =>
        firstLine + text.AsSpan(0, Math.Min(at, text.Length)).Count('\n');

    /// <summary>
    /// The first of the marks outside strings and round or square brackets; the length when there is none.
    /// </summary>
    private static int Find(string text, int from, string marks)
    {
        var depth = 0;
        for (var i = from; i < text.Length; i++)
        {
            if (text[i] is '"' or '\'')
                i = EndOfString(text, i) - 1;
            else if (text[i] is '(' or '[')
                depth++;
            else if (text[i] is ')' or ']')
                depth--;
            else if (depth <= 0 && marks.Contains(text[i], StringComparison.Ordinal))
                return i;
        }

        return text.Length;
    }

    private static int EndOfBlock(string text, int open)
    {
        var depth = 0;
        for (var i = open; i < text.Length; i++)
        {
            if (text[i] is '"' or '\'')
                i = EndOfString(text, i) - 1;
            else if (text[i] == '{')
                depth++;
            else if (text[i] == '}' && --depth == 0)
                return i;
        }

        return -1;
    }

    /// <summary>
    /// Where a string ends: behind its mark, or at the line's end, where CSS ends a string that was not closed.
    /// </summary>
    private static int EndOfString(string text, int start)
    {
        for (var i = start + 1; i < text.Length; i++)
        {
            if (text[i] == '\\')
                i++;
            else if (text[i] == text[start])
                return i + 1;
            else if (text[i] == '\n')
                return i;
        }

        return text.Length;
    }
}
