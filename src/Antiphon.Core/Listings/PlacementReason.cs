namespace Antiphon.Core.Listings;

/// <summary>Why a post is, or is not, in a listing.</summary>
public enum PlacementReason
{
    /// <summary>It is among the entries.</summary>
    Shown,

    /// <summary>It fits, but stands after the last entry shown.</summary>
    BelowTheCut,

    /// <summary>Its blog is not one of the listing's.</summary>
    BlogNotChosen,

    /// <summary>It is still being written or reviewed.</summary>
    NotPublished,

    /// <summary>It will be published later and then fits.</summary>
    Scheduled,

    /// <summary>It was withdrawn.</summary>
    Withdrawn,
}
