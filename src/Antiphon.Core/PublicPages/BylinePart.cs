namespace Antiphon.Core.PublicPages;

/// <summary>A part of the byline of a page.</summary>
public enum BylinePart
{
    /// <summary>Day of publication.</summary>
    Date,

    /// <summary>The author's name, leading to the author's posts.</summary>
    Author,

    /// <summary>The category, leading to its posts.</summary>
    Category,

    /// <summary>Minutes of reading.</summary>
    ReadingTime,

    /// <summary>Number of comments, leading to them.</summary>
    Comments,
}

/// <summary>Where the byline of a page stands.</summary>
public enum BylinePlace
{
    /// <summary>Below the title.</summary>
    BelowTitle,

    /// <summary>Above the title.</summary>
    AboveTitle,

    /// <summary>Behind the text.</summary>
    AtEnd,
}

/// <summary>Where the tags of a page stand.</summary>
public enum TagsPlace
{
    /// <summary>Behind the text.</summary>
    AtEnd,

    /// <summary>Below the title.</summary>
    BelowTitle,

    /// <summary>Nowhere.</summary>
    Nowhere,
}

/// <summary>Room between paragraphs and parts of a page.</summary>
public enum PageSpacing
{
    /// <summary>As books have it.</summary>
    Usual,

    /// <summary>Less.</summary>
    Close,

    /// <summary>More.</summary>
    Airy,
}
