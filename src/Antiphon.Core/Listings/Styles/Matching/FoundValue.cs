namespace Antiphon.Core.Listings.Styles.Matching;

/// <summary>What of a page's look can be taken over.</summary>
public enum FoundProperty
{
    /// <summary>Colour behind the page's text.</summary>
    Background,

    /// <summary>Colour of its text.</summary>
    Text,

    /// <summary>Colour of its headings.</summary>
    Heading,

    /// <summary>Colour of its links.</summary>
    Link,

    /// <summary>Colour of its buttons, or of its header.</summary>
    Accent,

    /// <summary>Colour of its lines.</summary>
    Line,

    /// <summary>Font families of its text.</summary>
    TextFamily,

    /// <summary>Size of its text in CSS pixels.</summary>
    TextSize,

    /// <summary>Font families of its headings.</summary>
    HeadingFamily,

    /// <summary>Size of its second-level headings in CSS pixels.</summary>
    HeadingSize,

    /// <summary>Weight of its headings.</summary>
    HeadingWeight,

    /// <summary>Radius of its buttons, pictures or cards in CSS pixels.</summary>
    Radius,

    /// <summary>Room between its paragraphs in CSS pixels.</summary>
    Spacing,
}

/// <summary>A value found on a page.</summary>
/// <param name="Property">What it is.</param>
/// <param name="Value">A colour code, a list of families, or a number.</param>
/// <param name="Selector">Selector of the rule it stands in; null when it is the browsers' own.</param>
/// <param name="Sheet">Name of that rule's style sheet; null likewise.</param>
public sealed record FoundValue(FoundProperty Property, string Value, string? Selector, string? Sheet);
