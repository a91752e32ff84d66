using Antiphon.Server.Work;

namespace Antiphon.Server.Mailing.Sending;

/// <summary>Wakes the delivery worker.</summary>
internal sealed class DeliverySignal : WakeUp;
