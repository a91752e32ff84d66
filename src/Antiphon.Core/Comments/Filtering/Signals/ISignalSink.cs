namespace Antiphon.Core.Comments.Filtering.Signals;

/// <summary>Takes the signals of a comment as they are read.</summary>
internal interface ISignalSink
{
    /// <summary>Takes one; the same one may come again.</summary>
    /// <param name="kind">Where it was seen.</param>
    /// <param name="hash">What it is.</param>
    /// <param name="name">In words: a piece of the text, or the name of a trait. Valid during the call.</param>
    /// <param name="degree">How strong a trait is, in steps of its own; -1 for what has no degree.</param>
    void Add(SignalKind kind, ulong hash, ReadOnlySpan<char> name, int degree);
}
