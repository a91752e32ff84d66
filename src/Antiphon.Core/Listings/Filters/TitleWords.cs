using System.Numerics;

namespace Antiphon.Core.Listings.Filters;

/// <summary>The words of a title as numbers, for telling titles that are nearly the same.</summary>
internal sealed class TitleWords
{
    private const int MostWords = 64;
    private const ulong Start = 14695981039346656037;
    private const ulong Prime = 1099511628211;
    private readonly List<ulong> _words = new(12);

    // A bit for each word: two titles differ in at least as many words as in bits, which settles most pairs without
    // looking at the words.
    private ulong _bits;

    /// <summary>
    /// Words without capitals and marks, each once; an apostrophe joins what it stands between. Words past the
    /// sixty-fourth are not looked at.
    /// </summary>
    public static TitleWords Of(string title)
    {
        var words = new TitleWords();
        var word = Start;
        foreach (var c in title)
        {
            if (char.IsLetterOrDigit(c))
                word = (word ^ char.ToLowerInvariant(c)) * Prime;
            else if (c is not ('\'' or '’'))
            {
                words.Add(word);
                word = Start;
            }
        }

        words.Add(word);
        return words;
    }

    /// <summary>
    /// True when four in five of all their words are shared. Two words or fewer say too little for that: "Notes" on one
    /// day is not the same as "Notes" of somebody else unless it is written
    /// exactly so.
    /// </summary>
    public bool IsAlike(TitleWords other)
    {
        var (one, two) = (_words.Count, other._words.Count);
        if (one == 0 || two == 0)
            return false;
        var isShort = one < 3 || two < 3;
        // Four in five shared leaves at most a ninth of the words of both to differ.
        if (BitOperations.PopCount(_bits ^ other._bits) * 9 > (isShort ? 0 : one + two))
            return false;
        var shared = _words.Count(other._words.Contains);
        return isShort ? shared == one && shared == two : shared * 5 >= (one + two - shared) * 4;
    }

    private void Add(ulong word)
    {
        if (word == Start || _words.Count == MostWords || _words.Contains(word))
            return;
        _words.Add(word);
        _bits |= 1UL << (int)(word >> 58);
    }
}
