namespace Antiphon.Core.Listings.Definition;

/// <summary>Where an entry leads.</summary>
public enum EntryLead
{
    /// <summary>The post's own page.</summary>
    OwnPage,

    /// <summary>A panel over the page the listing stands on; without script the post's own page.</summary>
    ReadingPanel,

    /// <summary>The page of the site on which the whole blog lives; the post's own page where there is none.</summary>
    WholeBlog,

    /// <summary>
    /// What the post is about, published elsewhere; the post's own page when it is about nothing elsewhere.
    /// </summary>
    Source,
}
