using Antiphon.Server.Work;

namespace Antiphon.Server.Blogs.Followed;

/// <summary>Wakes the asking of hubs.</summary>
internal sealed class HubAskSignal : WakeUp;
