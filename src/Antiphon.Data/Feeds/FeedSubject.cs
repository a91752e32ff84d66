namespace Antiphon.Data.Feeds;

/// <summary>What a feed of ours is about.</summary>
public enum FeedSubject
{
    /// <summary>The posts of a blog.</summary>
    Blog,

    /// <summary>The posts a listing shows.</summary>
    Listing,

    /// <summary>The public comments of a site; its feeds of single posts follow the same settings.</summary>
    Comments,
}
