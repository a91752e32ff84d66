namespace Antiphon.Core.Html.Trees;

/// <summary>What a document has too much of.</summary>
public enum HtmlExcess
{
    /// <summary>More characters than <see cref="HtmlLimits.Length"/>.</summary>
    Length,

    /// <summary>Elements nested deeper than <see cref="HtmlLimits.Depth"/>.</summary>
    Depth,

    /// <summary>More nodes than <see cref="HtmlLimits.Nodes"/>.</summary>
    Nodes,

    /// <summary>An element with more attributes than <see cref="HtmlLimits.Attributes"/>.</summary>
    Attributes,

    /// <summary>An element with more children than <see cref="HtmlLimits.Children"/>.</summary>
    Children,

    /// <summary>Text that is put together from so many pieces that joining them is beyond all measure.</summary>
    Joining,
}
