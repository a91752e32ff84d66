namespace Antiphon.Core.Listings.Filters;

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

    /// <summary>Its categories are not those asked for; the detail names the one.</summary>
    CategoryNotChosen,

    /// <summary>Its tags are not those asked for; the detail names the one.</summary>
    TagNotChosen,

    /// <summary>Its author, named by the detail, is not asked for.</summary>
    AuthorNotChosen,

    /// <summary>Only featured posts are taken.</summary>
    NotFeatured,

    /// <summary>It is older than the detail's number of days.</summary>
    TooOld,

    /// <summary>Only posts with a picture are taken.</summary>
    NoPicture,

    /// <summary>The detail's word is not in its title.</summary>
    TitleLacksWord,

    /// <summary>It is the post of the page itself.</summary>
    CurrentPage,

    /// <summary>It came by two ways; the detail is the title of the one shown.</summary>
    SameAsAnother,

    /// <summary>Its blog has the detail's number of entries already.</summary>
    BlogHasEnough,

    /// <summary>It shares no category, tag or telling words with the post of the page.</summary>
    NotRelated,

    /// <summary>Its own field, whose key the detail is, does not hold what is asked for.</summary>
    FieldDiffers,
}
