using Antiphon.Data.Feeds;

namespace Antiphon.Server.Feeds.Published.Lists;

/// <summary>A feed of ours.</summary>
/// <param name="Asked">How it is asked for.</param>
/// <param name="Settings">How it is published.</param>
/// <param name="View">How it is shown.</param>
internal sealed record OwnFeed(FeedAsked Asked, FeedSettings Settings, OwnFeedView View);
