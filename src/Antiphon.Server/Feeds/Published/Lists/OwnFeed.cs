namespace Antiphon.Server.Feeds.Published.Lists;

/// <summary>A feed of ours: how it is asked for, and how it is shown.</summary>
internal sealed record OwnFeed(FeedAsked Asked, OwnFeedView View);
