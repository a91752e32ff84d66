namespace Antiphon.Core.Coverage;

/// <summary>The kinds of places a post can show.</summary>
public enum PlaceKind
{
    /// <summary>A listing on a page.</summary>
    Listing,

    /// <summary>One of our feeds.</summary>
    Feed,

    /// <summary>Mail to subscribers.</summary>
    Mail,

    /// <summary>A channel beyond pages, feeds and mail.</summary>
    Channel,

    /// <summary>The post's comment thread.</summary>
    Comments,
}
