namespace Antiphon.Core.Feeds.Following;

/// <summary>A feed in a list of subscriptions (OPML 2.0, type rss).</summary>
/// <param name="Title">Its name.</param>
/// <param name="FeedAddress">Address of the feed.</param>
/// <param name="PageAddress">Address of its page, or null.</param>
/// <param name="Folder">Names of the outlines around it, joined by " / "; null at the top.</param>
public sealed record OpmlOutline(string Title, string FeedAddress, string? PageAddress = null, string? Folder = null);

/// <summary>What was read of a list of subscriptions.</summary>
/// <param name="Feeds">Feeds in document order, each address once.</param>
/// <param name="Problem">Why the list ends early or is none, in words; null when all is well.</param>
public sealed record OpmlList(IReadOnlyList<OpmlOutline> Feeds, string? Problem);
