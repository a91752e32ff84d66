using Antiphon.Core.Html.Trees;

namespace Antiphon.Server.Platform.Limits;

/// <summary>
/// Bounds of one kind of HTML; null for what stays as it is. All are at least one, and the depth is never more than
/// <see cref="HtmlLimits.DeepestAllowed"/>.
/// </summary>
internal sealed class HtmlBounds
{
    /// <summary>Most characters.</summary>
    public int? Length { get; set; }

    /// <summary>Most elements within each other.</summary>
    public int? Depth { get; set; }

    /// <summary>Most nodes.</summary>
    public int? Nodes { get; set; }

    /// <summary>Most attributes of one element.</summary>
    public int? Attributes { get; set; }

    /// <summary>Most children of one element.</summary>
    public int? Children { get; set; }

    /// <summary>These, and for what is not set those given.</summary>
    public HtmlLimits Over(HtmlLimits limits) =>
        new()
        {
            Length = AtLeastOne(Length ?? limits.Length),
            Depth = Math.Min(AtLeastOne(Depth ?? limits.Depth), HtmlLimits.DeepestAllowed),
            Nodes = AtLeastOne(Nodes ?? limits.Nodes),
            Attributes = AtLeastOne(Attributes ?? limits.Attributes),
            Children = AtLeastOne(Children ?? limits.Children),
        };

    private static int AtLeastOne(int value) => Math.Max(1, value);
}
