namespace Antiphon.Core.Feeds.Mending;

/// <summary>What was mended.</summary>
public enum MendKind
{
    /// <summary>Text before the first element or behind the last was left out.</summary>
    TextOutside,

    /// <summary>A second root element, or an XML declaration in the middle, was left out.</summary>
    SecondRoot,

    /// <summary>An XML declaration that is not written as one, or stands twice, was left out.</summary>
    DeclarationForm,

    /// <summary>An ampersand that starts no entity was escaped.</summary>
    StrayAmpersand,

    /// <summary>An entity of HTML, which XML does not know, was written as its character.</summary>
    HtmlEntity,

    /// <summary>A "less than" that starts no tag was escaped.</summary>
    StrayLessThan,

    /// <summary>A character that XML forbids was left out.</summary>
    ForbiddenCharacter,

    /// <summary>An element that was not closed was closed.</summary>
    ElementNotClosed,

    /// <summary>An end tag without its start was left out.</summary>
    EndWithoutStart,

    /// <summary>An end tag that is spelt otherwise than the start tag before it was written as that one.</summary>
    EndMisspelt,

    /// <summary>An attribute without quotes or without a value was given them.</summary>
    AttributeForm,

    /// <summary>An attribute that stood twice was kept once.</summary>
    AttributeTwice,

    /// <summary>A prefix that was not declared was declared.</summary>
    PrefixNotDeclared,

    /// <summary>A comment or CDATA section that was not closed was closed.</summary>
    SectionNotClosed,

    /// <summary>
    /// The document breaks off in an entry; what there is of it was left out, since nobody knows the rest.
    /// </summary>
    BrokenOff,
}

/// <summary>Something mended in a document that is no well-formed XML.</summary>
/// <param name="Line">Line of the original, from 1.</param>
/// <param name="Column">Column, from 1.</param>
/// <param name="Kind">What was done.</param>
/// <param name="Detail">The piece it is about.</param>
public sealed record Mend(int Line, int Column, MendKind Kind, string Detail);
