namespace Antiphon.Core.Listings.Definition;

/// <summary>Where the picture of an entry stands.</summary>
public enum PicturePlace
{
    /// <summary>Where the layout has it: beside the text in Lines, Rows and Zigzag, above it in the others.</summary>
    ByLayout,

    /// <summary>Beside the text.</summary>
    Beside,

    /// <summary>Among the parts of the text, in their order.</summary>
    AmongParts,

    /// <summary>Behind the text, with a veil between them that keeps it readable.</summary>
    Behind,
}
