namespace Antiphon.Core.Feeds.Discovery;

/// <summary>How much of a blog a feed holds.</summary>
public enum FeedScope
{
    /// <summary>All of it, as far as can be told.</summary>
    Whole,

    /// <summary>One category, tag, author or search.</summary>
    Part,

    /// <summary>The comments.</summary>
    Comments,
}
