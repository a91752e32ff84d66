using Antiphon.Server.Work;

namespace Antiphon.Server.Feeds.Kept;

/// <summary>Wakes the worker of check runs, so that what is begun starts at once.</summary>
internal sealed class CheckRunSignal : WakeUp;
