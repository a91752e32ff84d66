using System.Numerics;
using Antiphon.Core.Comments.Filtering.Folding;

namespace Antiphon.Core.Comments.Filtering.Signals;

/// <summary>
/// Reads the shape of a comment: how long, which letters, how many addresses, whether name and mail belong together.
/// Traits are told in steps, and the plain ones in pairs as well.
/// </summary>
/// <typeparam name="TSink">Where they go.</typeparam>
internal sealed class ShapeReader<TSink>
    where TSink : struct, ISignalSink
{
    private static readonly (string Name, ulong Hash)[] Pairable =
    [
        .. new[]
        {
            "link",
            "links",
            "markup",
            "site",
            "site-path",
            "short",
            "long",
            "no-mail",
            "mail-is-name",
            "mail-digits",
            "name-is-one-word",
            "name-in-lower-case",
            "name-of-many-words",
            "name-has-digit",
            "name-in-site",
            "question",
            "shout",
            "exclaims",
            "trick",
            "other-script",
            "number",
            "no-capital",
        }.Select(name => (name, SignalHash.Of(name))),
    ];

    private readonly Dictionary<string, ulong> _names = [];
    private readonly List<int> _holds = [];

    /// <summary>Reads the shape.</summary>
    public void Read(in ShapeInput input, ref TSink sink)
    {
        var signs = SignCounts.Of(input.Body);
        var (words, addresses) = (input.Spans.Words.Count, input.Spans.Addresses.Count);
        Degree("length", Step(input.Body.Length), ref sink);
        Degree("words", Step(words), ref sink);
        Degree("addresses", Math.Min(addresses, 6), ref sink);
        Degree("address-share", Share(addresses * 8, words + 1), ref sink);
        Degree("word-length", words == 0 ? 0 : Math.Min(12, signs.LettersAndDigits / words), ref sink);
        Degree("capitals", Share(signs.Capitals, signs.Letters), ref sink);
        Degree("digits", Share(signs.Digits, signs.LettersAndDigits), ref sink);
        Degree("punctuation", Share(signs.Punctuation, input.Body.Length), ref sink);
        Degree("exclamations", Math.Min(signs.Exclamations, 4), ref sink);
        Degree("questions", Math.Min(signs.Questions, 3), ref sink);
        Degree("lines", Step(signs.Lines), ref sink);
        Degree("pictures", Math.Min(signs.Symbols, 4), ref sink);
        Degree("other-letters", Share(signs.OtherLetters, signs.Letters), ref sink);
        Degree("money", Math.Min(signs.Money, 3), ref sink);
        foreach (var trick in Enum.GetValues<Tricks>())
        {
            if (trick != Tricks.None && input.Tricks.HasFlag(trick))
                Degree("trick", (int)trick, ref sink);
        }

        ReadPairs(input, signs, ref sink);
    }

    private static int Step(int count) => BitOperations.Log2((uint)count + 1);

    private static int Share(int part, int whole) =>
        whole == 0
            ? 0
            : Math.Min(10, (part * 20 / whole) is var share && share > 5 ? 5 + ((share - 5) / 3) : part * 20 / whole);

    private void Degree(string name, int degree, ref TSink sink)
    {
        if (!_names.TryGetValue(name, out var hash))
            _names[name] = hash = SignalHash.Of(name);
        sink.Add(SignalKind.Shape, SignalHash.Join(hash, (ulong)degree), name, degree);
    }

    private void ReadPairs(in ShapeInput input, in SignCounts signs, ref TSink sink)
    {
        _holds.Clear();
        var holds = Holding(input, signs);
        for (var number = 0; number < Pairable.Length; number++)
        {
            if ((holds & (1u << number)) != 0)
                _holds.Add(number);
        }

        Span<char> both = stackalloc char[64];
        for (var first = 0; first < _holds.Count; first++)
        {
            var one = Pairable[_holds[first]];
            sink.Add(SignalKind.Shape, one.Hash, one.Name, -1);
            for (var second = first + 1; second < _holds.Count; second++)
            {
                var other = Pairable[_holds[second]];
                one.Name.CopyTo(both);
                both[one.Name.Length] = '+';
                other.Name.CopyTo(both[(one.Name.Length + 1)..]);
                sink.Add(
                    SignalKind.ShapePair,
                    SignalHash.Join(one.Hash, other.Hash),
                    both[..(one.Name.Length + 1 + other.Name.Length)],
                    -1
                );
            }
        }
    }

    // In the order of the names above.
    private static uint Holding(in ShapeInput input, in SignCounts signs)
    {
        var body = input.Body;
        var (words, addresses) = (input.Spans.Words.Count, input.Spans.Addresses.Count);
        var at = input.Mail.IndexOf('@', StringComparison.Ordinal);
        var local = at < 0 ? default : input.Mail.AsSpan(0, at);
        ReadOnlySpan<bool> traits =
        [
            addresses > 0,
            addresses > 1,
            body.Contains("<a ", StringComparison.OrdinalIgnoreCase)
                || body.Contains("[url", StringComparison.OrdinalIgnoreCase)
                || body.Contains("](", StringComparison.Ordinal),
            input.Site.Length > 0,
            AddressesInText.PathOf(input.Site).Length > 1,
            words <= 12,
            words > 120,
            input.Mail.Length == 0,
            IsOfName(local, input.Author),
            local.ContainsAnyInRange('0', '9'),
            input.Author.Length > 0 && !input.Author.Contains(' ', StringComparison.Ordinal),
            input.Author.Length > 0 && input.Author == input.AuthorAsTyped.Trim(),
            input.Author.AsSpan().Count(' ') >= 2,
            input.Author.AsSpan().ContainsAnyInRange('0', '9'),
            IsInSite(input.Author, input.Site),
            signs.Questions > 0,
            signs.Letters > 20 && signs.Capitals * 3 > signs.Letters,
            signs.Exclamations > 1,
            input.Tricks != Tricks.None,
            signs.OtherLetters * 2 > signs.Letters,
            signs.LongestNumber >= 7,
            signs.Letters > 0 && signs.Capitals == 0,
        ];
        var holds = 0u;
        for (var number = 0; number < traits.Length; number++)
            holds |= traits[number] ? 1u << number : 0;
        return holds;
    }

    private static bool IsOfName(ReadOnlySpan<char> local, string author)
    {
        foreach (var range in author.AsSpan().Split(' '))
        {
            if (author.AsSpan()[range] is { Length: >= 3 } word && local.Contains(word, StringComparison.Ordinal))
                return true;
        }

        return false;
    }

    private static bool IsInSite(string author, string site)
    {
        if (site.Length == 0)
            return false;
        foreach (var range in author.AsSpan().Split(' '))
        {
            if (
                author.AsSpan()[range] is { Length: >= 4 } word
                && site.AsSpan().Contains(word, StringComparison.Ordinal)
            )
                return true;
        }

        return false;
    }
}
