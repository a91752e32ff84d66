using Antiphon.Core.Feeds.Model;
using Antiphon.Data.Feeds;

namespace Antiphon.Server.Feeds.Published;

/// <summary>A feed of ours that there is, with how it is published.</summary>
/// <param name="Feed">The feed; empty when its settings lead elsewhere.</param>
/// <param name="Settings">How it is published.</param>
internal sealed record FoundFeed(Feed Feed, FeedSettings Settings);
