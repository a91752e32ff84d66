using System.Globalization;
using System.Text;
using AngleSharp.Dom;

namespace Antiphon.Core.Html.Markdown;

/// <summary>
/// Writes cleaned HTML as Markdown (CommonMark with pipe tables and task lists). What Markdown has no sign for stays
/// HTML, which CommonMark allows.
/// </summary>
public sealed class MarkdownWriter
{
    private readonly StringBuilder _text = new();

    private MarkdownWriter() { }

    /// <summary>The text; ends with one line break unless it is empty.</summary>
    public static string FromHtml(string html)
    {
        var writer = new MarkdownWriter();
        writer.Blocks(HtmlReader.BodyOf(html), string.Empty);
        var text = writer._text.ToString().Trim('\n');
        return text.Length == 0 ? string.Empty : text + "\n";
    }

    private void Blocks(INode parent, string indent)
    {
        var line = new List<INode>();
        void Flush()
        {
            var words = string.Concat(line.Select(Inline)).Trim();
            if (words.Length > 0)
                Block(words, indent);
            line.Clear();
        }

        foreach (var child in parent.ChildNodes)
        {
            if (child is IElement element && IsBlock(element))
            {
                Flush();
                WriteBlock(element, indent);
            }
            else
            {
                line.Add(child);
            }
        }

        Flush();
    }

    private static bool IsBlock(IElement element) =>
        element.LocalName
            is "p"
                or "h1"
                or "h2"
                or "h3"
                or "h4"
                or "h5"
                or "h6"
                or "ul"
                or "ol"
                or "blockquote"
                or "pre"
                or "hr"
                or "table"
                or "figure"
                or "div"
                or "dl"
                or "aside"
                or "audio"
                or "video"
                or "section";

    private void WriteBlock(IElement element, string indent)
    {
        switch (element.LocalName)
        {
            case "p" when element.ClassList.Length == 0:
                Block(string.Concat(element.ChildNodes.Select(Inline)).Trim(), indent);
                break;
            case ['h', var level] when char.IsAsciiDigit(level):
                Block(
                    $"{new string('#', level - '0')} {string.Concat(element.ChildNodes.Select(Inline)).Trim()}",
                    indent
                );
                break;
            case "hr":
                Block("---", indent);
                break;
            case "blockquote" when element.ClassList.Length == 0:
                Block(string.Join('\n', LinesIn(element).Select(line => line.Length == 0 ? ">" : $"> {line}")), indent);
                break;
            case "ul" or "ol":
                List(element, indent);
                break;
            case "pre" when !element.ClassList.Contains("copyable"):
                Code(element, indent);
                break;
            case "table" when element.QuerySelector("[colspan], [rowspan], table table") is null:
                Table(element, indent);
                break;
            case "figure"
                when element.QuerySelector("figcaption") is null && element.QuerySelectorAll("img").Length == 1:
                Block(Inline(element.QuerySelector("img")!), indent);
                break;
            case "div" or "section" when element.ClassList.Length == 0:
                Blocks(element, indent);
                break;
            default:
                Block(element.OuterHtml.ReplaceLineEndings(" "), indent);
                break;
        }
    }

    private void Block(string words, string indent)
    {
        if (words.Length == 0)
            return;
        foreach (var line in words.Split('\n'))
            _text.Append(indent).Append(line).Append('\n');
        _text.Append(indent.TrimEnd()).Append('\n');
    }

    private static string[] LinesIn(IElement element)
    {
        var inner = new MarkdownWriter();
        inner.Blocks(element, string.Empty);
        return inner._text.ToString().Trim('\n').Split('\n');
    }

    private void List(IElement list, string indent)
    {
        var number = int.TryParse(
            list.GetAttribute("start"),
            NumberStyles.None,
            CultureInfo.InvariantCulture,
            out var start
        )
            ? start
            : 1;
        foreach (var item in list.Children.Where(child => child.LocalName == "li"))
        {
            var box = list.ClassList.Contains("tasks")
                ? item.ClassList.Contains("done")
                    ? "[x] "
                    : "[ ] "
                : string.Empty;
            var mark =
                (list.LocalName == "ol" ? string.Create(CultureInfo.InvariantCulture, $"{number++}. ") : "- ") + box;
            var lines = LinesIn(item);
            var isTight = !item.Children.Skip(1).Any(child => child.LocalName == "p");
            var space = new string(' ', mark.Length - box.Length);
            for (var index = 0; index < lines.Length; index++)
            {
                if (isTight && lines[index].Length == 0)
                    continue;
                _text
                    .Append(indent)
                    .Append(
                        index == 0 ? mark
                        : lines[index].Length == 0 ? string.Empty
                        : space
                    )
                    .Append(lines[index])
                    .Append('\n');
            }
        }

        _text.Append(indent.TrimEnd()).Append('\n');
    }

    private void Code(IElement pre, string indent)
    {
        var language = pre.QuerySelector("code")
            ?.ClassList.FirstOrDefault(name =>
                name.StartsWith(Html.HtmlAllowList.LanguageClass, StringComparison.Ordinal)
            )
            ?[Html.HtmlAllowList.LanguageClass.Length..]
            ?? string.Empty;
        var code = pre.TextContent.TrimEnd('\n');
        // The fence is longer than the longest run of its sign inside.
        var longest = 0;
        for (var (index, run) = (0, 0); index < code.Length; index++)
            longest = Math.Max(longest, run = code[index] == '`' ? run + 1 : 0);
        var fence = new string('`', Math.Max(3, longest + 1));
        Block($"{fence}{language}\n{code}\n{fence}", indent);
    }

    private void Table(IElement table, string indent)
    {
        var rows = table
            .QuerySelectorAll("tr")
            .Select(row =>
                row.Children.Select(cell =>
                        string.Concat(cell.ChildNodes.Select(Inline))
                            .Trim()
                            .Replace("|", "\\|", StringComparison.Ordinal)
                            .ReplaceLineEndings(" ")
                    )
                    .ToList()
            )
            .Where(row => row.Count > 0)
            .ToList();
        if (rows.Count == 0)
            return;
        var width = rows.Max(row => row.Count);
        string Line(List<string> cells) =>
            $"| {string.Join(" | ", cells.Concat(Enumerable.Repeat(string.Empty, width - cells.Count)))} |";
        Block(
            string.Join(
                '\n',
                [Line(rows[0]), $"|{string.Concat(Enumerable.Repeat(" --- |", width))}", .. rows.Skip(1).Select(Line)]
            ),
            indent
        );
    }

    private static string Inline(INode node)
    {
        if (node is IText text)
            return Escaped(text.Data);
        if (node is not IElement element)
            return string.Empty;
        var inner = string.Concat(element.ChildNodes.Select(Inline));
        return element.LocalName switch
        {
            "strong" or "b" => Around("**", inner),
            "em" or "i" => Around("*", inner),
            "s" or "del" => Around("~~", inner),
            "code" => InlineCode(element.TextContent),
            "br" => "\\\n",
            "a" when element.GetAttribute("href") is { } address && element.ClassList.Length == 0 =>
                $"[{inner}]({Address(address)})",
            "img" when element.GetAttribute("src") is { } source =>
                $"![{Escaped(element.GetAttribute("alt") ?? string.Empty)}]({Address(source)})",
            "p" => inner,
            _ when element.ChildElementCount == 0 && element.Attributes.Length == 0 && element.LocalName is "span" =>
                inner,
            _ => element.OuterHtml,
        };
    }

    // Signs may not touch spaces on their inner side.
    private static string Around(string sign, string inner)
    {
        var words = inner.Trim();
        if (words.Length == 0)
            return inner;
        var start = inner[..inner.IndexOf(words, StringComparison.Ordinal)];
        return start + sign + words + sign + inner[(start.Length + words.Length)..];
    }

    private static string InlineCode(string code)
    {
        var fence = code.Contains('`', StringComparison.Ordinal) ? "``" : "`";
        var space = code.StartsWith('`') || code.EndsWith('`') ? " " : string.Empty;
        return fence + space + code + space + fence;
    }

    private static string Address(string address) =>
        address.AsSpan().ContainsAny(' ', '(', ')') ? $"<{address}>" : address;

    private static string Escaped(string text)
    {
        var result = new StringBuilder(text.Length);
        var folded = string.Join(' ', text.Split(['\n', '\r', '\t']));
        for (var index = 0; index < folded.Length; index++)
        {
            var c = folded[index];
            var startsBlock =
                index == 0 && c is '#' or '>' or '+' or '-' && index + 1 < folded.Length && folded[index + 1] == ' ';
            if (c is '\\' or '`' or '*' or '_' or '[' or ']' or '<' || startsBlock)
                result.Append('\\');
            result.Append(c);
        }

        return result.ToString();
    }
}
