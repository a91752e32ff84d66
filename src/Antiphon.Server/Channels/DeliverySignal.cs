using Antiphon.Server.Hosting;

namespace Antiphon.Server.Channels;

/// <summary>Wakes the delivery worker.</summary>
internal sealed class DeliverySignal : WakeUp;
