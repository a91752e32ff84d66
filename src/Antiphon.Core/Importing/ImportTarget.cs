namespace Antiphon.Core.Importing;

/// <summary>What of a post a column fills.</summary>
public enum ImportTarget
{
    /// <summary>Title.</summary>
    Title,

    /// <summary>Body, as HTML, Markdown or plain text.</summary>
    Body,

    /// <summary>Own short text.</summary>
    Excerpt,

    /// <summary>Date of publication.</summary>
    Date,

    /// <summary>Name of the author.</summary>
    Author,

    /// <summary>Categories, the first of them first.</summary>
    Category,

    /// <summary>Tags.</summary>
    Tags,

    /// <summary>Last part of the address.</summary>
    Slug,

    /// <summary>Address of a picture.</summary>
    Picture,

    /// <summary>What the picture shows.</summary>
    PictureAlt,

    /// <summary>Where it stands: draft, published …</summary>
    Status,

    /// <summary>Whether it is featured.</summary>
    Featured,

    /// <summary>Address it had before, or of what it is about.</summary>
    Link,

    /// <summary>What tells the row from all others, so that it is not brought in twice.</summary>
    Identifier,

    /// <summary>A field of the blog's own.</summary>
    OwnField,
}
