namespace Antiphon.Core.Feeds.Discovery;

/// <summary>An address where a feed may be.</summary>
/// <param name="Address">Absolute http(s) address.</param>
/// <param name="Kind">How it was found.</param>
/// <param name="Scope">How much of the blog it holds, told by its name and path; parts and comments rank below the
/// whole.</param>
public sealed record FeedLink(Uri Address, FeedLinkKind Kind, FeedScope Scope = FeedScope.Whole)
{
    /// <summary>True when name or path say it is the feed of comments.</summary>
    public bool IsComments => Scope == FeedScope.Comments;
}
