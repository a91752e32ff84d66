using Antiphon.Core.Comments.Filtering.Signals;

namespace Antiphon.Core.Comments.Filtering;

/// <summary>
/// Makes the weights of a filter in three steps: signals are counted (as naive Bayes does, each comment judged without
/// itself), kinds of signals are weighed against each other, and what is still judged
/// wrongly corrects single signals (as logistic regression does).
/// </summary>
internal sealed class FilterLearning(
    IReadOnlyList<FilterDecision> decisions,
    CommentReading reading,
    EarlierComments earlier
)
{
    private const int SlotBits = SignalHash.Slots - 1;
    private const int KindShift = 20;
    private const double Step = 0.1;
    private const double Kept = 0.98;
    private const double SmallestScale = 0.3;
    private const int Rounds = 3;

    private readonly int[][] _signals = new int[decisions.Count][];
    private readonly SignalCounts _counts = new();

    /// <summary>Learns.</summary>
    public FilterWeights Learn()
    {
        ReadAll();
        InnateLeanings.CountIn(_counts);
        _counts.Finish();
        var kinds = new KindWeights();
        if (_counts.Spam > 0 && _counts.Good > 0)
            kinds.Fit(SumsByKind(), [.. decisions.Select(decision => decision.IsSpam)]);
        var said = new float[2 * SignalHash.Slots];
        if (_counts.Spam > 0 && _counts.Good > 0)
            Correct(said, kinds);
        for (var slot = 0; slot < SignalHash.Slots; slot++)
            said[2 * slot] = _counts.Ratio(slot);
        return new FilterWeights(_counts.Spam, _counts.Good, said, kinds.Weights, kinds.Lean);
    }

    private void ReadAll()
    {
        // Likeness is told between all of them, so all are remembered before any is compared.
        var words = new ulong[decisions.Count][];
        var addresses = new int[decisions.Count];
        for (var number = 0; number < decisions.Count; number++)
        {
            reading.Read(decisions[number].Comment);
            words[number] = [.. reading.Words];
            addresses[number] = reading.Addresses;
            _signals[number] = Packed(reading.Buffer);
            earlier.Add(decisions[number], words[number], addresses[number]);
        }

        for (var number = 0; number < decisions.Count; number++)
        {
            reading.Buffer.Clear();
            var sink = new BufferSink(reading.Buffer);
            earlier.Read(decisions[number].Comment, words[number], addresses[number], number, ref sink);
            _signals[number] = [.. _signals[number], .. Packed(reading.Buffer)];
            _counts.Add(_signals[number].AsSpan(), decisions[number].IsSpam);
        }
    }

    private static int[] Packed(SignalBuffer buffer)
    {
        var packed = new int[buffer.Signals.Length];
        for (var at = 0; at < packed.Length; at++)
            packed[at] = ((int)buffer.Signals[at].Kind << KindShift) | buffer.Signals[at].Slot;
        return packed;
    }

    private double[][] SumsByKind()
    {
        var sums = new double[decisions.Count][];
        for (var number = 0; number < sums.Length; number++)
        {
            sums[number] = new double[SignalBuffer.Kinds];
            var scales = Scales(_signals[number]);
            foreach (var signal in _signals[number])
            {
                sums[number][signal >> KindShift] +=
                    _counts.RatioWithout(signal & SlotBits, decisions[number].IsSpam) * scales[signal >> KindShift];
            }
        }

        return sums;
    }

    private static double[] Scales(int[] signals)
    {
        var scales = new double[SignalBuffer.Kinds];
        foreach (var signal in signals)
            scales[signal >> KindShift]++;
        for (var kind = 0; kind < scales.Length; kind++)
            scales[kind] = scales[kind] > 0 ? 1 / Math.Sqrt(scales[kind]) : 0;
        return scales;
    }

    private void Correct(float[] said, KindWeights kinds)
    {
        var steepness = new float[SignalHash.Slots];
        var order = Enumerable.Range(0, decisions.Count).ToArray();
        var random = new Random(1);
        for (var round = 0; round < Rounds; round++)
        {
            random.Shuffle(order);
            foreach (var number in order)
                CorrectBy(number, said, steepness, kinds);
        }
    }

    private void CorrectBy(int number, float[] said, float[] steepness, KindWeights kinds)
    {
        var (signals, isSpam) = (_signals[number], decisions[number].IsSpam);
        var scales = Scales(signals);
        var leaning = kinds.Lean;
        foreach (var signal in signals)
        {
            var (kind, slot) = (signal >> KindShift, signal & SlotBits);
            leaning +=
                ((kinds.Weights[kind] * _counts.RatioWithout(slot, isSpam)) + said[(2 * slot) + 1]) * scales[kind];
        }

        var mistake = (1 / (1 + Math.Exp(-leaning))) - (isSpam ? 1 : 0);
        if (Math.Abs(mistake) < 0.005)
            return;
        foreach (var signal in signals)
        {
            var (kind, slot) = (signal >> KindShift, signal & SlotBits);
            if (!_counts.IsShared(slot))
                continue;
            var slope = mistake * scales[kind];
            steepness[slot] += (float)(slope * slope);
            // What was learned fades a little with each use, or one wrong decision would be learned by heart.
            said[(2 * slot) + 1] = (float)(
                (said[(2 * slot) + 1] * Kept)
                - (Step * (Math.Abs(_counts.Ratio(slot)) + SmallestScale) * slope / Math.Sqrt(steepness[slot] + 1))
            );
        }
    }
}
