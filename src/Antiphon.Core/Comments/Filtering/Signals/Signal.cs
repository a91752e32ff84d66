namespace Antiphon.Core.Comments.Filtering.Signals;

/// <summary>A signal as the filter counts it.</summary>
/// <param name="Slot">Its place in the table of weights.</param>
/// <param name="Kind">Where it was seen.</param>
internal readonly record struct Signal(int Slot, SignalKind Kind);
