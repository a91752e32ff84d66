using Antiphon.Server.Work;

namespace Antiphon.Server.Posts.Changes;

/// <summary>Wakes the planning of what changed.</summary>
internal sealed class PostChangeSignal : WakeUp;
