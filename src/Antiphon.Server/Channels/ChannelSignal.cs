using Antiphon.Server.Work;

namespace Antiphon.Server.Channels;

/// <summary>Wakes the channel worker.</summary>
internal sealed class ChannelSignal : WakeUp;
