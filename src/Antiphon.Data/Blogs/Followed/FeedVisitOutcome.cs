namespace Antiphon.Data.Blogs.Followed;

/// <summary>What became of a visit to a followed feed.</summary>
public enum FeedVisitOutcome
{
    /// <summary>It was read, and something was new or changed.</summary>
    Changed,

    /// <summary>Nothing was new: the server said so, or every entry was known.</summary>
    Unchanged,

    /// <summary>It was read, but breaks off or is broken somewhere.</summary>
    Broken,

    /// <summary>It could not be fetched or is no feed.</summary>
    Failed,

    /// <summary>A hub sent what is new.</summary>
    Pushed,
}
