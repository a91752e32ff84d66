using Antiphon.Server.Hosting;

namespace Antiphon.Server.Mentions;

/// <summary>Wakes the reading of mentions.</summary>
internal sealed class MentionSignal : WakeUp;
