namespace Antiphon.Core.Comments.Filtering.Folding;

/// <summary>The words of a folded text, as ranges of it; what stands within addresses is none.</summary>
internal sealed class WordSpans
{
    private readonly List<(int Start, int End)> _words = [];
    private readonly List<(int Start, int End)> _addresses = [];

    /// <summary>The words in order.</summary>
    public IReadOnlyList<(int Start, int End)> Words => _words;

    /// <summary>The addresses in order.</summary>
    public IReadOnlyList<(int Start, int End)> Addresses => _addresses;

    /// <summary>Reads a text in place of the one before.</summary>
    public void Read(ReadOnlySpan<char> text)
    {
        _words.Clear();
        _addresses.Clear();
        var at = 0;
        while (AddressesInText.Next(text, at) is { } address)
        {
            ReadWords(text, at, address.Start);
            _addresses.Add(address);
            at = Math.Max(address.End, at + 1);
        }

        ReadWords(text, at, text.Length);
    }

    private void ReadWords(ReadOnlySpan<char> text, int from, int until)
    {
        for (var at = from; at < until; )
        {
            if (!char.IsLetterOrDigit(text[at]))
            {
                at++;
                continue;
            }

            var start = at;
            // Signs within a word may stand for letters; an apostrophe belongs to it.
            while (
                at < until
                && (
                    char.IsLetterOrDigit(text[at])
                    || (
                        text[at] is '\'' or '’' or '$' or '@' or '!' or '|'
                        && at + 1 < until
                        && char.IsLetter(text[at + 1])
                    )
                )
            )
                at++;
            _words.Add((start, at));
        }
    }
}
