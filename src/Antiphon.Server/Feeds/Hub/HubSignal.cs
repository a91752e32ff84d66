using Antiphon.Server.Work;

namespace Antiphon.Server.Feeds.Hub;

/// <summary>Wakes the worker of the hub.</summary>
internal sealed class HubSignal : WakeUp;
