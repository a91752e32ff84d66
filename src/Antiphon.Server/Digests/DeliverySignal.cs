using Antiphon.Server.Work;

namespace Antiphon.Server.Digests;

/// <summary>Wakes the delivery worker.</summary>
internal sealed class DeliverySignal : WakeUp;
