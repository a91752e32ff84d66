using Antiphon.Core.Comments.Filtering.Signals;

namespace Antiphon.Core.Comments.Filtering;

/// <summary>
/// In how many decided comments each signal was seen, and what that says: the logarithm of how much likelier it is in
/// spam than in genuine ones.
/// </summary>
internal sealed class SignalCounts
{
    // How strongly a signal seen once or twice is doubted.
    private const float Doubt = 1;
    private readonly float[] _spam = new float[SignalHash.Slots];
    private readonly float[] _good = new float[SignalHash.Slots];
    private float _spamDoubt = Doubt;
    private float _goodDoubt = Doubt;
    private float _lean;

    /// <summary>Spam counted.</summary>
    public int Spam { get; private set; }

    /// <summary>Genuine ones counted.</summary>
    public int Good { get; private set; }

    /// <summary>Counts a comment.</summary>
    public void Add(ReadOnlySpan<int> packed, bool isSpam)
    {
        if (isSpam)
            Spam++;
        else
            Good++;
        var counts = isSpam ? _spam : _good;
        foreach (var signal in packed)
            counts[signal & (SignalHash.Slots - 1)]++;
    }

    /// <summary>Takes what is known of a signal before anything was decided, as if it had been seen so often.</summary>
    public void Presume(int slot, float spam, float good)
    {
        _spam[slot] += spam;
        _good[slot] += good;
    }

    /// <summary>
    /// To be called when all are counted. Doubt is shared out by how much there is of each, so that what was never seen
    /// speaks for neither.
    /// </summary>
    public void Finish()
    {
        if (Spam == 0 || Good == 0)
            return;
        float all = Spam + Good;
        (_spamDoubt, _goodDoubt) = (2 * Doubt * Spam / all, 2 * Doubt * Good / all);
        _lean = MathF.Log((Good + (2 * _goodDoubt)) / (Spam + (2 * _spamDoubt)));
    }

    /// <summary>Whether a signal was seen in another comment than one that shows it.</summary>
    public bool IsShared(int slot) => _spam[slot] + _good[slot] >= 2;

    /// <summary>What a signal says.</summary>
    public float Ratio(int slot) =>
        Spam == 0 || Good == 0 ? RatioOf(_spam[slot], _good[slot]) : _lean + RatioOf(_spam[slot], _good[slot]);

    /// <summary>What it says when one of the comments that show it is left aside.</summary>
    public float RatioWithout(int slot, bool isSpam) =>
        Spam == 0 || Good == 0
            ? Ratio(slot)
            : _lean + (isSpam ? RatioOf(_spam[slot] - 1, _good[slot]) : RatioOf(_spam[slot], _good[slot] - 1));

    private float RatioOf(float spam, float good) => MathF.Log((spam + _spamDoubt) / (good + _goodDoubt));
}
