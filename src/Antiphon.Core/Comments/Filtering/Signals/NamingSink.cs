namespace Antiphon.Core.Comments.Filtering.Signals;

/// <summary>Keeps signals with their names, to tell people about them.</summary>
internal readonly struct NamingSink(Dictionary<int, (SignalKind Kind, string Name, int Degree)> named) : ISignalSink
{
    /// <summary>The signals by their slot.</summary>
    public Dictionary<int, (SignalKind Kind, string Name, int Degree)> Named => named;

    /// <inheritdoc/>
    public void Add(SignalKind kind, ulong hash, ReadOnlySpan<char> name, int degree)
    {
        var slot = SignalHash.SlotOf(kind, hash);
        if (!named.ContainsKey(slot))
            named[slot] = (kind, name.ToString(), degree);
    }
}
