namespace Antiphon.Core.Feeds.Discovery;

/// <summary>An address where a feed may be.</summary>
/// <param name="Address">Absolute http(s) address.</param>
/// <param name="Kind">How it was found.</param>
/// <param name="IsComments">True when name or path say it is the feed of comments, which ranks below the main one.</param>
public sealed record FeedLink(Uri Address, FeedLinkKind Kind, bool IsComments);
