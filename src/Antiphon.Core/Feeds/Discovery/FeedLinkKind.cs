namespace Antiphon.Core.Feeds.Discovery;

/// <summary>How an address came to be held for a feed's.</summary>
public enum FeedLinkKind
{
    /// <summary>The address given is the feed.</summary>
    Given,

    /// <summary>The page names it with link rel=alternate.</summary>
    Alternate,

    /// <summary>The page links to it in its text.</summary>
    Anchor,

    /// <summary>It is one of the paths feeds usually have.</summary>
    UsualPath,

    /// <summary>The page's server names it in a Link header.</summary>
    Header,
}
