namespace Antiphon.Core.Comments.Filtering.Signals;

/// <summary>
/// Finds the earlier comment a text is most like, by the runs of three words they share. Of long texts every fourth run
/// is kept, chosen by its hash, so that the same ones are kept of both.
/// </summary>
internal sealed class LikenessIndex
{
    private const int RunLength = 3;
    private const int LongFrom = 40;
    private const int Candidates = 24;
    private readonly Dictionary<ulong, Holders> _holders = [];

    /// <summary>Adds a comment.</summary>
    /// <param name="number">Its number, which likenesses name.</param>
    /// <param name="words">Hashes of its words in order.</param>
    public void Add(int number, IReadOnlyList<ulong> words)
    {
        for (var at = 0; at < Runs(words); at++)
        {
            if (!IsKept(Run(words, at), words.Count))
                continue;
            ref var holders = ref System.Runtime.InteropServices.CollectionsMarshal.GetValueRefOrAddDefault(
                _holders,
                Run(words, at),
                out var isKnown
            );
            holders = isKnown ? holders.With(number) : new Holders(number, -1, -1);
        }
    }

    /// <summary>The likeness of a text to the comments added, without one of them.</summary>
    public EarlierLikeness Find(IReadOnlyList<ulong> words, int without = -1)
    {
        Span<int> numbers = stackalloc int[Candidates];
        Span<int> hits = stackalloc int[Candidates];
        var (known, kept) = (0, 0);
        for (var at = 0; at < Runs(words); at++)
        {
            var run = Run(words, at);
            if (!IsKept(run, words.Count))
                continue;
            kept++;
            if (!_holders.TryGetValue(run, out var holders))
                continue;
            Count(holders.First, without, numbers, hits, ref known);
            Count(holders.Second, without, numbers, hits, ref known);
            Count(holders.Third, without, numbers, hits, ref known);
        }

        var best = EarlierLikeness.None;
        for (var at = 0; at < known; at++)
        {
            if ((double)hits[at] / kept > best.Share)
                best = new EarlierLikeness(numbers[at], (double)hits[at] / kept);
        }

        return best;
    }

    private static void Count(int number, int without, Span<int> numbers, Span<int> hits, ref int known)
    {
        if (number < 0 || number == without)
            return;
        var at = numbers[..known].IndexOf(number);
        if (at < 0)
        {
            if (known == numbers.Length)
                return;
            at = known++;
            (numbers[at], hits[at]) = (number, 0);
        }

        hits[at]++;
    }

    private static int Runs(IReadOnlyList<ulong> words) =>
        words.Count == 0 ? 0 : Math.Max(1, words.Count - RunLength + 1);

    private static ulong Run(IReadOnlyList<ulong> words, int at)
    {
        var run = words[at];
        for (var next = at + 1; next < Math.Min(words.Count, at + RunLength); next++)
            run = SignalHash.Join(run, words[next]);
        return run;
    }

    private static bool IsKept(ulong run, int words) => words < LongFrom || run % 4 == 0;

    private readonly record struct Holders(int First, int Second, int Third)
    {
        // The first two stay, as the original of what is copied often is among them; the third is the latest.
        public Holders With(int number) =>
            number == First || number == Second || number == Third ? this
            : Second < 0 ? this with { Second = number }
            : this with { Third = number };
    }
}
