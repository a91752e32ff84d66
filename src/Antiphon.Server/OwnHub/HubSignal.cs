using Antiphon.Server.Hosting;

namespace Antiphon.Server.OwnHub;

/// <summary>Wakes the worker of the hub.</summary>
internal sealed class HubSignal : WakeUp;
