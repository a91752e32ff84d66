namespace Antiphon.Core.Html.Trees;

/// <summary>
/// How much of a document from outside is taken in. The tree builder's work grows with depth times length, and
/// libraries walk trees by recursion, so both are limited before anything
/// else looks at the tree.
/// </summary>
public sealed record HtmlLimits
{
    /// <summary>
    /// Deepest nesting that is ever allowed, whatever is configured: 512 levels need a twentieth of the stack of a
    /// thread of the pool in the libraries that recurse (a test shows it).
    /// </summary>
    public const int DeepestAllowed = 512;

    /// <summary>Most characters of a class attribute.</summary>
    public const int LongestClass = 4000;

    /// <summary>
    /// Of pages of other sites, unless set otherwise: 3,000,000 characters, 256 levels, 60,000 nodes, 400 attributes of
    /// an element, 20,000 children.
    /// </summary>
    public static HtmlLimits Page { get; private set; } =
        new()
        {
            Length = 3_000_000,
            Depth = 256,
            Nodes = 60_000,
            Attributes = 400,
            Children = 20_000,
        };

    /// <summary>
    /// Of texts that are kept, such as posts, unless set otherwise: 2,000,000 characters, 200 levels, 50,000 nodes, 200
    /// attributes of an element, 20,000 children.
    /// </summary>
    public static HtmlLimits Text { get; private set; } =
        new()
        {
            Length = 2_000_000,
            Depth = 200,
            Nodes = 50_000,
            Attributes = 200,
            Children = 20_000,
        };

    /// <summary>
    /// Of documents that we put together ourselves out of texts that were limited before: 20,000,000 characters, 512
    /// levels, 400,000 nodes, 400 attributes of an element, 50,000 children.
    /// </summary>
    public static HtmlLimits Own { get; } =
        new()
        {
            Length = 20_000_000,
            Depth = DeepestAllowed,
            Nodes = 400_000,
            Attributes = 400,
            Children = 50_000,
        };

    /// <summary>
    /// Sets other limits for the whole process, once and before anything is read; half way through, a text could be
    /// kept that cannot be shown.
    /// </summary>
    /// <param name="page">Of pages of other sites.</param>
    /// <param name="text">Of texts that are kept.</param>
    public static void Set(HtmlLimits page, HtmlLimits text) => (Page, Text) = (page, text);

    /// <summary>Most characters.</summary>
    public required int Length { get; init; }

    /// <summary>Most elements within each other, the root counted; at most <see cref="DeepestAllowed"/>.</summary>
    public required int Depth { get; init; }

    /// <summary>Most nodes: elements, texts and comments.</summary>
    public required int Nodes { get; init; }

    /// <summary>Most attributes of one element.</summary>
    public required int Attributes { get; init; }

    /// <summary>Most children of one element: the tree looks for neighbours among all of them.</summary>
    public required int Children { get; init; }
}
