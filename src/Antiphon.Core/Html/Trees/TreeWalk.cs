using AngleSharp.Dom;

namespace Antiphon.Core.Html.Trees;

/// <summary>
/// The nodes of a tree in the order they stand, without recursion and with the same work for each. (A sibling's
/// neighbour is looked for from the first child on by the tree itself, so that
/// walking by neighbours costs the square of the children.)
/// </summary>
public static class TreeWalk
{
    /// <summary>Each node as it is entered, and elements once more as they are left.</summary>
    /// <param name="root">Where the walk begins; it is entered and left itself.</param>
    /// <param name="goesInto">Whether the children of an element are walked; all when null.</param>
    public static IEnumerable<TreeStep> Steps(INode root, Func<IElement, bool>? goesInto = null)
    {
        var open = new Stack<(INode Node, int Next)>();
        open.Push((root, -1));
        while (open.TryPop(out var at))
        {
            if (at.Next < 0)
            {
                yield return new TreeStep(at.Node, open.Count, IsLeaving: false);
                if (at.Node is IElement skipped && goesInto?.Invoke(skipped) == false)
                    continue;
                open.Push((at.Node, 0));
                continue;
            }

            var children = at.Node.ChildNodes;
            if (at.Next < children.Length)
            {
                open.Push((at.Node, at.Next + 1));
                open.Push((children[at.Next], -1));
            }
            else if (at.Node is IElement)
            {
                yield return new TreeStep(at.Node, open.Count, IsLeaving: true);
            }
        }
    }
}
