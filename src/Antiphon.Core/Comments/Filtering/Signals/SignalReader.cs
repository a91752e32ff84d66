using Antiphon.Core.Comments.Filtering.Folding;

namespace Antiphon.Core.Comments.Filtering.Signals;

/// <summary>
/// Reads the signals of a comment: words, pairs and pieces of the text, parts of names and addresses, its shape. One
/// reader serves one thread at a time.
/// </summary>
/// <typeparam name="TSink">Where they go; a structure, so that the call costs nothing.</typeparam>
internal sealed class SignalReader<TSink>
    where TSink : struct, ISignalSink
{
    private const int PieceLength = 4;
    private const int NamePiece = 3;
    private const int FewestSpaced = 4;

    private readonly FoldedText _folded = new();
    private readonly WordSpans _spans = new();
    private readonly ShapeReader<TSink> _shape = new();
    private readonly List<ulong> _wordHashes = [];
    private readonly char[] _joined = new char[64];

    /// <summary>Hashes of the words of the text read last, in order, without those of addresses.</summary>
    public IReadOnlyList<ulong> WordHashes => _wordHashes;

    /// <summary>How many addresses stand in that text.</summary>
    public int Addresses => _spans.Addresses.Count;

    /// <summary>Reads a comment.</summary>
    public void Read(CommentTraits comment, ref TSink sink)
    {
        var body = FoldedText.Bounded(comment.Body);
        _folded.Read(body);
        var text = _folded.Text;
        _spans.Read(text);
        ReadWords(text, ref sink);
        ReadPieces(text, ref sink);
        foreach (var (start, end) in _spans.Addresses)
            ReadAddress(SignalKind.Link, text[start..end], ref sink);
        var author = Lowered(comment.Author, 100);
        var mail = Lowered(comment.Mail, 200);
        var site = Lowered(comment.Address, 500);
        ReadName(author, ref sink);
        if (mail.Length > 0)
            ReadMail(mail, ref sink);
        if (site.Length > 0)
            ReadAddress(SignalKind.Site, site, ref sink);
        _shape.Read(new ShapeInput(body, _folded.Tricks, _spans, comment.Author, author, mail, site), ref sink);
    }

    private static string Lowered(string text, int most) =>
        (text.Length > most ? text[..most] : text).Trim().ToLowerInvariant();

    private void ReadWords(ReadOnlySpan<char> text, ref TSink sink)
    {
        _wordHashes.Clear();
        var before = (Hash: 0UL, Start: -1);
        var letters = 0;
        for (var number = 0; number < _spans.Words.Count; number++)
        {
            var (start, end) = _spans.Words[number];
            var word = text[start..end];
            var hash = SignalHash.Of(word);
            _wordHashes.Add(hash);
            sink.Add(SignalKind.Word, hash, word, -1);
            if (before.Start >= 0)
                sink.Add(SignalKind.WordPair, SignalHash.Join(before.Hash, hash), text[before.Start..end], -1);
            before = (hash, start);
            ReadHidden(word, ref sink);
            // Letters pulled apart: the word they would make is read too.
            letters =
                end - start == 1
                && char.IsLetter(text[start])
                && (letters == 0 || start - _spans.Words[number - 1].End <= 2)
                    ? letters + 1
                    : 0;
            var goesOn =
                letters > 0
                && number + 1 < _spans.Words.Count
                && _spans.Words[number + 1] is var next
                && next.End - next.Start == 1
                && next.Start - end <= 2;
            if (letters >= FewestSpaced && !goesOn)
                ReadSpacedOut(text, number - letters + 1, number, ref sink);
        }
    }

    private void ReadHidden(ReadOnlySpan<char> word, ref TSink sink)
    {
        if (word.Length > _joined.Length || word.Length < 3)
            return;
        var (letters, signs, others, length) = (0, 0, 0, 0);
        for (var at = 0; at < word.Length; at++)
        {
            var c = word[at];
            if (char.IsLetter(c))
                letters++;
            else if (c is '$' or '@' or '!' or '|')
                signs++;
            else if (LookAlikes.Letter(c) != c)
                others++;
            var plain = char.IsLetter(c) ? c : LookAlikes.Letter(c);
            // Letters drawn out are read as two.
            if (length >= 2 && _joined[length - 1] == plain && _joined[length - 2] == plain)
                continue;
            _joined[length++] = plain;
        }

        if (signs > 0 && letters > signs)
            _folded.Note(Tricks.SignsForLetters);
        if (letters >= 2 && (signs + others > 0 || length < word.Length))
            sink.Add(SignalKind.Word, SignalHash.Of(_joined.AsSpan(0, length)), _joined.AsSpan(0, length), -1);
    }

    private void ReadSpacedOut(ReadOnlySpan<char> text, int first, int last, ref TSink sink)
    {
        var length = 0;
        for (var number = first; number <= last && length < _joined.Length; number++)
            _joined[length++] = text[_spans.Words[number].Start];
        _folded.Note(Tricks.SpacedOut);
        sink.Add(SignalKind.Word, SignalHash.Of(_joined.AsSpan(0, length)), _joined.AsSpan(0, length), -1);
    }

    // Pieces of words with their edges, so that beginnings and endings count apart.
    private void ReadPieces(ReadOnlySpan<char> text, ref TSink sink)
    {
        foreach (var (start, end) in _spans.Words)
        {
            var word = text[start..end];
            if (word.Length < PieceLength)
                continue;
            for (var at = 0; at + PieceLength <= word.Length; at++)
            {
                var piece = word.Slice(at, PieceLength);
                sink.Add(SignalKind.Piece, SignalHash.Of(piece), piece, -1);
            }
        }
    }

    private static void ReadName(string author, ref TSink sink)
    {
        sink.Add(SignalKind.Author, SignalHash.Of(author), author, -1);
        foreach (var range in author.AsSpan().SplitAny(' ', '-', '.', '_', ',', '|'))
        {
            var word = author.AsSpan()[range];
            if (word.Length == 0)
                continue;
            sink.Add(SignalKind.Author, SignalHash.Join(1, SignalHash.Of(word)), word, -1);
            for (var at = 0; at + NamePiece <= word.Length; at++)
                sink.Add(
                    SignalKind.Author,
                    SignalHash.Join(2, SignalHash.Of(word.Slice(at, NamePiece))),
                    word.Slice(at, NamePiece),
                    -1
                );
        }
    }

    private static void ReadMail(string mail, ref TSink sink)
    {
        sink.Add(SignalKind.Mail, SignalHash.Of(mail), mail, -1);
        var at = mail.IndexOf('@', StringComparison.Ordinal);
        if (at < 0)
            return;
        ReadHost(SignalKind.Mail, mail.AsSpan(at + 1), ref sink);
        foreach (var range in mail.AsSpan(0, at).SplitAny('.', '-', '_', '+'))
        {
            var part = mail.AsSpan(0, at)[range];
            if (part.Length > 1)
                sink.Add(SignalKind.Mail, SignalHash.Join(3, SignalHash.Of(part)), part, -1);
        }
    }

    private static void ReadAddress(SignalKind kind, ReadOnlySpan<char> address, ref TSink sink)
    {
        ReadHost(kind, AddressesInText.HostOf(address), ref sink);
        var path = AddressesInText.PathOf(address);
        var parts = 0;
        foreach (var range in path.SplitAny("/-_?&=.+%"))
        {
            var part = path[range];
            if (part.Length == 0 || ++parts > 12)
                continue;
            sink.Add(kind, SignalHash.Join(4, SignalHash.Of(part)), part, -1);
        }
    }

    private static void ReadHost(SignalKind kind, ReadOnlySpan<char> host, ref TSink sink)
    {
        sink.Add(kind, SignalHash.Of(host), host, -1);
        var ending = host[(host.LastIndexOf('.') + 1)..];
        sink.Add(kind, SignalHash.Join(5, SignalHash.Of(ending)), ending, -1);
        foreach (var range in host.SplitAny('.', '-'))
        {
            var part = host[range];
            if (part.Length == 0 || part.Length == ending.Length && part.SequenceEqual(ending))
                continue;
            sink.Add(kind, SignalHash.Join(6, SignalHash.Of(part)), part, -1);
            for (var at = 0; at + PieceLength <= part.Length && at < 20; at++)
                sink.Add(
                    kind,
                    SignalHash.Join(7, SignalHash.Of(part.Slice(at, PieceLength))),
                    part.Slice(at, PieceLength),
                    -1
                );
        }
    }
}
