using Antiphon.Server.Work;

namespace Antiphon.Server.Mailing.Sending;

/// <summary>Wakes the worker that makes editions.</summary>
internal sealed class GatheringSignal : WakeUp;
