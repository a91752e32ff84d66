using AngleSharp.Dom;

namespace Antiphon.Core.Html.Trees;

/// <summary>A step of a walk over a tree.</summary>
/// <param name="Node">The node that is entered or left.</param>
/// <param name="Depth">How many nodes it stands within, counted from the root of the walk.</param>
/// <param name="IsLeaving">Whether an element is left; what has no children to walk is entered only.</param>
public readonly record struct TreeStep(INode Node, int Depth, bool IsLeaving);
