using Antiphon.Server.Work;

namespace Antiphon.Server.FollowedFeeds;

/// <summary>Wakes the asking of hubs.</summary>
internal sealed class HubAskSignal : WakeUp;
