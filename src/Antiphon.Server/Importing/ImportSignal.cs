using Antiphon.Server.Work;

namespace Antiphon.Server.Importing;

/// <summary>Wakes the worker of imports, so that what is started begins at once.</summary>
internal sealed class ImportSignal : WakeUp;
