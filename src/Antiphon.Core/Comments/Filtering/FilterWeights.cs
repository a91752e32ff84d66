using Antiphon.Core.Comments.Filtering.Signals;

namespace Antiphon.Core.Comments.Filtering;

/// <summary>
/// What a filter learned: what each signal says by count, what learning from mistakes added, and how much each kind
/// counts.
/// </summary>
internal sealed class FilterWeights(int spam, int good, float[] said, double[] kinds, double lean)
{
    // Two numbers lie beside each other for each slot, as they are always read together.
    private readonly float[] _said = said;

    /// <summary>Spam learned from.</summary>
    public int Spam => spam;

    /// <summary>Genuine ones learned from.</summary>
    public int Good => good;

    /// <summary>How much each kind counts.</summary>
    public double[] Kinds => kinds;

    /// <summary>What the signals of a comment say together: above 0 for spam.</summary>
    public double LeaningOf(SignalBuffer buffer)
    {
        Span<double> counted = stackalloc double[SignalBuffer.Kinds];
        Span<double> corrected = stackalloc double[SignalBuffer.Kinds];
        counted.Clear();
        corrected.Clear();
        foreach (var signal in buffer.Signals)
        {
            counted[(int)signal.Kind] += _said[2 * signal.Slot];
            corrected[(int)signal.Kind] += _said[(2 * signal.Slot) + 1];
        }

        var leaning = lean;
        for (var kind = 0; kind < SignalBuffer.Kinds; kind++)
        {
            if (buffer.Counts[kind] > 0)
                leaning += ((kinds[kind] * counted[kind]) + corrected[kind]) / Math.Sqrt(buffer.Counts[kind]);
        }

        return leaning;
    }

    /// <summary>What each named signal of a comment says.</summary>
    public IEnumerable<FilterReason> Told(Dictionary<int, (SignalKind Kind, string Name, int Degree)> named)
    {
        var counts = named
            .Values.CountBy(pair => pair.Kind)
            .ToDictionary(pair => pair.Key, pair => Math.Sqrt(pair.Value));
        var told = named.Select(pair => new FilterReason(
            pair.Value.Kind,
            pair.Value.Name,
            pair.Value.Degree,
            ((kinds[(int)pair.Value.Kind] * _said[2 * pair.Key]) + _said[(2 * pair.Key) + 1]) / counts[pair.Value.Kind]
        ));
        // A whole word and a piece of it may be the same letters; people are told once.
        return told.GroupBy(part => (part.Kind, part.Name, part.Degree))
            .Select(same => same.First() with { Leaning = same.Sum(part => part.Leaning) });
    }
}
