using System.Text;
using AngleSharp.Dom;
using Antiphon.Core.Html.Trees;

namespace Antiphon.Core.Html;

/// <summary>
/// Writes a tree as markup while leaving parts of it out, with the same work for each node. (Taking nodes out of a tree
/// has each looked for among its siblings.)
/// </summary>
public static class MarkupWriter
{
    private static readonly HashSet<string> Void =
    [
        "area",
        "base",
        "br",
        "col",
        "embed",
        "hr",
        "img",
        "input",
        "link",
        "meta",
        "source",
        "track",
        "wbr",
    ];

    /// <summary>
    /// The markup of what stands in a root, without the root. Scripts and style sheets are written like any text, so
    /// they must be left out or cleaned away later.
    /// </summary>
    /// <param name="root">Where the writing begins.</param>
    /// <param name="fate">What becomes of a node; asked once for each that no removed one holds.</param>
    /// <param name="attribute">The value an attribute is written with, given its name and value, or null where it is
    /// left out; all are written as they are when null.</param>
    public static string Write(
        IElement root,
        Func<INode, TreeFate> fate,
        Func<string, string, string?>? attribute = null
    )
    {
        var (markup, untagged, removed) = (new StringBuilder(), new HashSet<INode> { root }, new HashSet<INode>());
        foreach (var step in TreeWalk.Steps(root, element => !removed.Contains(element)))
        {
            if (step.IsLeaving && !untagged.Contains(step.Node))
                End((IElement)step.Node, markup);
            if (step.IsLeaving || step.Node == root)
                continue;
            var decided = fate(step.Node);
            if (decided == TreeFate.Keep)
                Begin(step.Node, attribute, markup);
            else
                (decided == TreeFate.Remove ? removed : untagged).Add(step.Node);
        }

        return markup.ToString();
    }

    private static void Begin(INode node, Func<string, string, string?>? valueOf, StringBuilder markup)
    {
        if (node is IText text)
            Escape(text.Data, markup);
        if (node is not IElement element)
            return;
        markup.Append('<').Append(element.LocalName);
        foreach (var attribute in element.Attributes)
        {
            if ((valueOf is null ? attribute.Value : valueOf(attribute.Name, attribute.Value)) is not { } value)
                continue;
            markup.Append(' ').Append(attribute.Name).Append("=\"");
            Escape(value, markup);
            markup.Append('"');
        }

        markup.Append('>');
        // The first line break in a pre is not part of it (HTML, 13.2.6.4.7), so one that is has to be written twice.
        if (element.LocalName == "pre" && element.FirstChild is IText { Data: ['\n', ..] })
            markup.Append('\n');
    }

    private static void End(IElement element, StringBuilder markup)
    {
        if (!Void.Contains(element.LocalName))
            markup.Append("</").Append(element.LocalName).Append('>');
    }

    // HTML, 13.3, escaping a string.
    private static void Escape(string text, StringBuilder markup)
    {
        foreach (var c in text)
        {
            _ = c switch
            {
                '&' => markup.Append("&amp;"),
                '<' => markup.Append("&lt;"),
                '>' => markup.Append("&gt;"),
                '"' => markup.Append("&quot;"),
                '\u00a0' => markup.Append("&nbsp;"),
                _ => markup.Append(c),
            };
        }
    }
}
