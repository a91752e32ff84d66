namespace Antiphon.Core.Listings.Definition;

/// <summary>A part of an entry that can be put in any order.</summary>
public enum EntryPart
{
    /// <summary>The picture; counts in the order only when it stands <see cref="PicturePlace.AmongParts"/>.</summary>
    Picture,

    /// <summary>The title.</summary>
    Title,

    /// <summary>Date, author and what stands with them.</summary>
    Byline,

    /// <summary>The excerpt.</summary>
    Excerpt,

    /// <summary>Tags.</summary>
    Tags,

    /// <summary>"Read more".</summary>
    More,
}
