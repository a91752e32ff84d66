namespace Antiphon.Core.Comments.Filtering.Signals;

/// <summary>Collects the signals of one comment after another, each signal once.</summary>
internal sealed class SignalBuffer
{
    /// <summary>Number of kinds.</summary>
    public static readonly int Kinds = Enum.GetValues<SignalKind>().Length;

    private readonly int[] _seen = new int[SignalHash.Slots];
    private readonly int[] _counts = new int[Kinds];
    private Signal[] _signals = new Signal[1024];
    private int _number;
    private int _length;

    /// <summary>The signals of the comment read last.</summary>
    public ReadOnlySpan<Signal> Signals => _signals.AsSpan(0, _length);

    /// <summary>How many there are of each kind, by its number.</summary>
    public ReadOnlySpan<int> Counts => _counts;

    /// <summary>Begins another comment.</summary>
    public void Clear()
    {
        _number++;
        _length = 0;
        Array.Clear(_counts);
    }

    /// <summary>Takes a signal, unless the comment has shown it already.</summary>
    public void Add(SignalKind kind, ulong hash)
    {
        var slot = SignalHash.SlotOf(kind, hash);
        if (_seen[slot] == _number)
            return;
        _seen[slot] = _number;
        if (_length == _signals.Length)
            Array.Resize(ref _signals, _length * 2);
        _signals[_length++] = new Signal(slot, kind);
        _counts[(int)kind]++;
    }
}

/// <summary>Hands signals to a buffer.</summary>
internal readonly struct BufferSink(SignalBuffer buffer) : ISignalSink
{
    /// <inheritdoc/>
    public void Add(SignalKind kind, ulong hash, ReadOnlySpan<char> name, int degree) => buffer.Add(kind, hash);
}
