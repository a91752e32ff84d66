namespace Antiphon.Core.Feeds.Discovery;

/// <summary>Where a feed that was found stands among the others, and why.</summary>
public static class FeedRank
{
    /// <summary>
    /// Sorts feeds that were found and read: the whole blog before its parts and its comments, feeds with entries
    /// before empty ones, what the page names before what was guessed.
    /// </summary>
    public static int Order(FeedLink link, int entries) =>
        ((int)link.Scope * 100)
        + (entries == 0 ? 50 : 0)
        + link.Kind switch
        {
            FeedLinkKind.Given => 0,
            FeedLinkKind.Alternate => 1,
            FeedLinkKind.Header => 2,
            FeedLinkKind.Anchor => 3,
            _ => 4,
        };

    /// <summary>The reason in words.</summary>
    /// <param name="link">The link by which it was found.</param>
    /// <param name="page">The page it was found from.</param>
    /// <param name="entries">Entries it holds.</param>
    public static string Reason(FeedLink link, Uri page, int entries)
    {
        var found = link.Kind switch
        {
            FeedLinkKind.Given => "this is the address you gave",
            FeedLinkKind.Alternate => "the page names it as its feed",
            FeedLinkKind.Header => "the page’s server names it as its feed",
            FeedLinkKind.Anchor => "the page links to it",
            _ => "found at a common feed address",
        };
        var scope = link.Scope switch
        {
            FeedScope.Comments => "; holds comments, not posts",
            FeedScope.Part => "; holds a part of the blog only",
            _ => string.Empty,
        };
        var host = link.Address.Host.Equals(page.Host, StringComparison.OrdinalIgnoreCase)
            ? string.Empty
            : $"; lives at {link.Address.Host}";
        return found + scope + host + (entries == 0 ? "; has no entries yet" : string.Empty);
    }
}
