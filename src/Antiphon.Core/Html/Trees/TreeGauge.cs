using AngleSharp.Dom;
using AngleSharp.Html.Dom;
using AngleSharp.Html.Parser;
using AngleSharp.Html.Parser.Tokens;
using AngleSharp.Html.Parser.Tokens.Struct;

namespace Antiphon.Core.Html.Trees;

/// <summary>
/// Measures a tree while it is being built and leaves the parser at the first limit that is met.
/// </summary>
/// <remarks>
/// Each element made of a token is measured by its way to the root once it has its place. Copies that the parser makes
/// of open formatting elements (HTML, 13.2.4.3) are told to nobody; since the
/// next element stands within them, its way counts them, and one token makes no more copies than the tree is deep.
/// Between two measures of the whole tree there are never more tokens than
/// bounded work can be done with, whatever they are.
/// </remarks>
internal sealed class TreeGauge(HtmlLimits limits, CancellationToken cancellation)
{
    /// <summary>
    /// Most characters that are copied because a piece is added to a text that stands already: the parser copies the
    /// whole text each time.
    /// </summary>
    private const long MostCopied = 1_000_000_000;

    private const int LongestPause = 8192;
    private readonly int _deepest = Math.Min(limits.Depth, HtmlLimits.DeepestAllowed);
    private IElement? _made;
    private IDocument? _document;
    private int _tokens;
    private int _texts;
    private long _characters;
    private long _run;
    private long _copied;
    private int _joined;
    private int _nextMeasure = LongestPause;

    /// <summary>Options of a parser that is watched.</summary>
    public HtmlParserOptions Watching() =>
        new()
        {
            OnCreated = (element, _) => _made = element,
            OnToken = (token, _) => Take(token),
            ShouldEmitAttribute = CountAttribute,
        };

    /// <summary>Measures a tree in full.</summary>
    public void MeasureWhole(INode root)
    {
        var (nodes, texts, longest, parts) = (0, 0, 0, new Stack<(INode Root, int Depth)>());
        parts.Push((root, 0));
        while (parts.TryPop(out var part))
        {
            foreach (var step in TreeWalk.Steps(part.Root))
            {
                if (step.IsLeaving)
                    continue;
                Demand(++nodes, limits.Nodes, HtmlExcess.Nodes);
                Demand(part.Depth + step.Depth, _deepest, HtmlExcess.Depth);
                Demand(step.Node.ChildNodes.Length, limits.Children, HtmlExcess.Children);
                if (step.Node is IElement element)
                    Demand(element.Attributes.Length, limits.Attributes, HtmlExcess.Attributes);
                if (step.Node is IText text)
                    (texts, longest) = (texts + 1, Math.Max(longest, text.Length));
                // What stands in a template hangs beside the tree.
                if (step.Node is IHtmlTemplateElement { Content: { } content })
                    parts.Push((content, part.Depth + step.Depth));
            }
        }

        MeasureJoining(texts, longest);
    }

    private static void Demand(long found, long most, HtmlExcess excess)
    {
        if (found > most)
            throw new HtmlExcessException(excess);
    }

    private bool CountAttribute(ref StructHtmlToken token, ReadOnlyMemory<char> name)
    {
        Demand(token.Attributes.Count + 1, limits.Attributes, HtmlExcess.Attributes);
        return true;
    }

    private void Take(HtmlToken token)
    {
        // Selectors by class compare each name with all before it.
        if (token is HtmlTagToken { IsEmpty: false } tag && tag.Attributes.Count > 0)
            Demand(tag.GetAttribute("class").Length, HtmlLimits.LongestClass, HtmlExcess.Attributes);
        if (_made is { } element)
        {
            _made = null;
            _document = element.Owner;
            MeasureWay(element);
        }

        TakeText(token);
        if ((++_tokens & 255) == 0)
            cancellation.ThrowIfCancellationRequested();
        if (_tokens < _nextMeasure)
            return;
        // End tags make no nodes, yet each is looked for among all open elements.
        Demand(_tokens, 4L * limits.Nodes, HtmlExcess.Nodes);
        _nextMeasure = _tokens + (int)Math.Clamp(MostCopied / (_characters + 1) / 2, 256, LongestPause);
        if (_document is { } document)
            MeasureWhole(document);
    }

    private void TakeText(HtmlToken token)
    {
        if (token.Type != HtmlTokenType.Character)
        {
            _run = 0;
            return;
        }

        _texts++;
        _characters += token.Data.Length;
        if (_run > 0)
            _copied += _run;
        _run += token.Data.Length;
        Demand(_copied, MostCopied, HtmlExcess.Joining);
    }

    // Texts that came and made no node of their own were added to others, the longest at worst.
    private void MeasureJoining(int texts, int longest)
    {
        var joined = Math.Max(0, _texts - texts);
        _copied += (long)Math.Max(0, joined - _joined) * longest;
        _joined = joined;
        Demand(_copied, MostCopied, HtmlExcess.Joining);
    }

    private void MeasureWay(IElement element)
    {
        var depth = 0;
        for (INode? node = element; node.Parent is { } parent; node = parent)
            Demand(++depth, _deepest, HtmlExcess.Depth);
    }
}
