namespace Antiphon.Core.Listings.Definition;

/// <summary>Where an excerpt comes from.</summary>
public enum ExcerptSource
{
    /// <summary>The post's own; the start of its text where it has none.</summary>
    OwnOrText,

    /// <summary>The post's own, or none.</summary>
    OwnOnly,

    /// <summary>Always the start of the text.</summary>
    TextOnly,
}
