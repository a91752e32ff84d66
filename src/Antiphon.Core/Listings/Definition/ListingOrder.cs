namespace Antiphon.Core.Listings.Definition;

/// <summary>The order of a listing's entries. Pinned posts stand before all others in every order.</summary>
public enum ListingOrder
{
    /// <summary>Latest date first.</summary>
    Newest,

    /// <summary>Earliest date first.</summary>
    Oldest,

    /// <summary>By title, as the alphabet goes.</summary>
    Title,

    /// <summary>Most public comments first.</summary>
    MostCommented,

    /// <summary>Last changed first.</summary>
    LastUpdated,

    /// <summary>Shuffled anew each day, and the same all day, so that paging holds.</summary>
    Shuffled,

    /// <summary>As arranged by hand; posts not arranged yet stand on top or at the bottom.</summary>
    ByHand,

    /// <summary>
    /// The most like the post of the page first, and only posts that are like it; newest first where the page is no
    /// post.
    /// </summary>
    Related,
}
