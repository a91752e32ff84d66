namespace Antiphon.Core.Comments.Filtering.Signals;

/// <summary>
/// Turns signals into slots of a table of fixed size, so that a filter needs the same room whatever it has read.
/// </summary>
internal static class SignalHash
{
    /// <summary>Slots of the table; at this size two signals of a site rarely share one.</summary>
    public const int Slots = 1 << 20;

    private const ulong Start = 14_695_981_039_346_656_037;
    private const ulong Prime = 1_099_511_628_211;

    /// <summary>Hash of a text (FNV-1a, by characters).</summary>
    public static ulong Of(ReadOnlySpan<char> text)
    {
        var hash = Start;
        foreach (var c in text)
            hash = (hash ^ c) * Prime;
        return hash;
    }

    /// <summary>Hash of two things in this order.</summary>
    public static ulong Join(ulong first, ulong second) =>
        Mixed(first ^ ((second * 0x9E37_79B9_7F4A_7C15) + 0x632B_E59B_D9B4_E019));

    /// <summary>Slot of a signal.</summary>
    public static int SlotOf(SignalKind kind, ulong hash) =>
        (int)(Mixed(hash + ((ulong)(kind + 1) * 0xA24B_AED4_963E_E407)) & (Slots - 1));

    private static ulong Mixed(ulong hash)
    {
        hash = (hash ^ (hash >> 32)) * 0xD6E8_FEB8_6659_FD93;
        hash = (hash ^ (hash >> 32)) * 0xD6E8_FEB8_6659_FD93;
        return hash ^ (hash >> 32);
    }
}
