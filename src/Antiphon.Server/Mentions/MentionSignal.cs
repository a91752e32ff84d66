using Antiphon.Server.Work;

namespace Antiphon.Server.Mentions;

/// <summary>Wakes the reading of mentions.</summary>
internal sealed class MentionSignal : WakeUp;
