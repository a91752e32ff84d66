using Antiphon.Server.Work;

namespace Antiphon.Server.Channels.Planning;

/// <summary>Wakes the channel worker.</summary>
internal sealed class ChannelSignal : WakeUp;
