using System.Globalization;
using System.Text;

namespace Antiphon.Core.Comments.Filtering.Folding;

/// <summary>
/// A text with the tricks taken out: composed letters taken apart and their marks dropped (UAX 15), characters without
/// width dropped, look-alike letters replaced where a text mixes scripts, lower case.
/// </summary>
internal sealed class FoldedText
{
    /// <summary>Most characters looked at: spam stands at the start or at the end of what is longer.</summary>
    public const int MostRead = 12_000;

    private const int HeadRead = 8_000;
    private char[] _letters = new char[1024];
    private int _length;

    /// <summary>The folded text; valid until the next one is read.</summary>
    public ReadOnlySpan<char> Text => _letters.AsSpan(0, _length);

    /// <summary>Tricks found.</summary>
    public Tricks Tricks { get; private set; }

    /// <summary>The part of a text that is looked at.</summary>
    public static string Bounded(string text) =>
        text.Length <= MostRead
            ? text
            : string.Concat(text.AsSpan(0, HeadRead), " ", text.AsSpan(text.Length - (MostRead - HeadRead)));

    /// <summary>Reads a text in place of the one before.</summary>
    public void Read(string text)
    {
        (_length, Tricks) = (0, Tricks.None);
        if (Ascii.IsValid(text))
            ReadPlain(text);
        else
            ReadAny(text);
    }

    private void ReadPlain(string text)
    {
        Need(text.Length);
        Ascii.ToLower(text, _letters, out _length);
    }

    private void ReadAny(string text)
    {
        var apart = Apart(text);
        Need(apart.Length);
        var (latin, others) = (0, 0);
        for (var at = 0; at < apart.Length; at++)
        {
            var c = apart[at];
            if (c < 0x80)
            {
                if (char.IsAsciiLetter(c))
                    latin++;
                _letters[_length++] = char.ToLowerInvariant(c);
                continue;
            }

            var category = CharUnicodeInfo.GetUnicodeCategory(c);
            if (category is UnicodeCategory.NonSpacingMark or UnicodeCategory.EnclosingMark)
                continue;
            if (category == UnicodeCategory.Format || c is '\u115F' or '\u3164')
            {
                if (at > 0 && at + 1 < apart.Length && char.IsLetter(apart[at - 1]) && char.IsLetter(apart[at + 1]))
                    Tricks |= Tricks.Invisible;
                continue;
            }

            var lower = char.ToLowerInvariant(c);
            if (LookAlikes.Latin(lower) != lower)
                others++;
            _letters[_length++] = char.IsWhiteSpace(c) ? ' ' : lower;
        }

        if (others > 0 && latin > others)
            ReplaceLookAlikes();
    }

    // Styled letters become plain ones by the compatibility forms; a lone surrogate cannot be normalised and is left
    // out first.
    private string Apart(string text)
    {
        var whole = text.Any(char.IsSurrogate)
            ? new string([
                .. text.EnumerateRunes()
                    .Where(rune => rune != Rune.ReplacementChar)
                    .SelectMany(rune => rune.ToString()),
            ])
            : text;
        var apart = whole.Normalize(NormalizationForm.FormKD);
        if (whole.AsSpan().ContainsAnyInRange('\uFF21', '\uFF5A') || whole.Contains('\uD835', StringComparison.Ordinal))
            Tricks |= Tricks.Styled;
        return apart;
    }

    private void ReplaceLookAlikes()
    {
        for (var start = 0; start < _length; )
        {
            var end = start;
            var (hasLatin, hasOther) = (false, false);
            for (; end < _length && char.IsLetter(_letters[end]); end++)
            {
                if (char.IsAsciiLetter(_letters[end]))
                    hasLatin = true;
                else
                    hasOther |= LookAlikes.Latin(_letters[end]) != _letters[end];
            }

            if (hasLatin && hasOther)
            {
                Tricks |= Tricks.LookAlike;
                for (var at = start; at < end; at++)
                    _letters[at] = LookAlikes.Latin(_letters[at]);
            }

            start = Math.Max(end, start + 1);
        }
    }

    /// <summary>Notes a trick that shows in the words only.</summary>
    public void Note(Tricks trick) => Tricks |= trick;

    private void Need(int length)
    {
        if (_letters.Length < length)
            _letters = new char[Math.Max(length, _letters.Length * 2)];
    }
}
