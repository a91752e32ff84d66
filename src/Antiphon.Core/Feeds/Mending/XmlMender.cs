using System.Text;
using System.Text.RegularExpressions;

namespace Antiphon.Core.Feeds.Mending;

/// <summary>
/// Makes well-formed XML of a document that is none, changing as little as does: what is escaped wrongly is escaped,
/// what is not closed is closed, what XML forbids is left out. Lines stay
/// where they are. A document that breaks off loses the entry it breaks off in and nothing else.
/// </summary>
public sealed partial class XmlMender
{
    private static readonly HashSet<string> Entries = new(StringComparer.Ordinal) { "item", "entry" };

    private readonly MendingText _text;
    private readonly NamespaceBook _names = new();
    private readonly OpenElements _open = new();
    private readonly NextPlaces _next;
    private bool _rootIsClosed;
    private bool _hasDeclaration;

    private XmlMender(string source) => (_text, _next) = (new MendingText(source), new NextPlaces(source));

    /// <summary>The mended document and what was mended, in the order of the document.</summary>
    /// <param name="source">The document as text.</param>
    public static (string Text, IReadOnlyList<Mend> Mends) Mend(string source)
    {
        var mender = new XmlMender(source);
        mender.GoThrough();
        return (
            mender._text.Written.ToString(),
            [.. mender._text.Mends.OrderBy(mend => mend.Line).ThenBy(mend => mend.Column)]
        );
    }

    private void GoThrough()
    {
        while (!_text.IsOver)
        {
            if (_text.Source[_text.At] == '<')
                TakeMarkup();
            else if (_open.Count > 0)
                _text.WriteCharacter(isValue: false);
            else
                TakeOutside();
        }

        CloseAll();
        DeclareMissing();
    }

    private void TakeMarkup()
    {
        if (_text.GoesOn("<!--"))
            TakeSection("-->", keeps: _open.Count > 0 || !_rootIsClosed);
        else if (_text.GoesOn("<![CDATA["))
            TakeCData();
        else if (_text.GoesOn("<?"))
            TakeInstruction();
        else if (_text.GoesOn("<!"))
            TakeDeclaration();
        else if (_text.GoesOn("</"))
            TakeEnd();
        else if (MendingTag.NameAt(_text.Source, _text.At + 1).Length > 0)
            TakeStart();
        else if (_open.Count > 0)
        {
            _text.Note(
                MendKind.StrayLessThan,
                _text.At,
                _text.Source[_text.At..Math.Min(_text.Source.Length, _text.At + 12)]
            );
            _text.Written.Append("&lt;");
            _text.At++;
        }
        else
            TakeOutside();
    }

    private void TakeOutside()
    {
        var end = _text.Source.IndexOf('<', _text.At + 1);
        if (end < 0)
            end = _text.Source.Length;
        var piece = _text.Source[_text.At..end];
        if (piece.AsSpan().Trim().Length > 0 && piece.Trim('\uFEFF', ' ', '\r', '\n', '\t').Length > 0)
            _text.Note(MendKind.TextOutside, _text.At, piece);
        _text.LeaveOut(end);
    }

    private void TakeSection(string close, bool keeps)
    {
        var end = _next.Of(close, _text.At + 4);
        if (end < 0)
        {
            _text.Note(MendKind.SectionNotClosed, _text.At, "<!--");
            _text.LeaveOut(_text.At + 4);
            return;
        }

        var inside = _text.Source[(_text.At + 4)..end];
        // Two hyphens inside would end a comment for a strict parser (XML 1.0 §2.5).
        if (keeps && !inside.Contains("--", StringComparison.Ordinal) && !inside.EndsWith('-'))
            Copy(end + close.Length);
        else
            _text.LeaveOut(end + close.Length);
    }

    private void TakeCData()
    {
        if (_open.Count == 0)
        {
            TakeOutside();
            return;
        }

        var end = _text.Source.IndexOf("]]>", _text.At, StringComparison.Ordinal);
        if (end < 0)
            _text.Note(MendKind.SectionNotClosed, _text.At, "<![CDATA[");
        Copy(end < 0 ? _text.Source.Length : end + 3);
        if (end < 0)
            _text.Written.Append("]]>");
    }

    private void TakeInstruction()
    {
        var isDeclaration = IsDeclaration()
            .IsMatch(_text.Source.AsSpan(_text.At, Math.Min(6, _text.Source.Length - _text.At)));
        var end = EndOfInstruction(isDeclaration);
        var piece = _text.Source[_text.At..end];
        // Behind blank lines a declaration is told by the check as such.
        var isRight = isDeclaration ? Declaration().IsMatch(piece) : Instruction().IsMatch(piece);
        if (isRight && (!isDeclaration || _text.Written.Length == 0))
        {
            _hasDeclaration |= isDeclaration;
            Copy(end);
            return;
        }

        if (isDeclaration && (_open.Count > 0 || _rootIsClosed))
            _text.Note(MendKind.SecondRoot, _text.At, "<?xml");
        else if (isDeclaration && (!isRight || _hasDeclaration))
            _text.Note(MendKind.DeclarationForm, _text.At, Text.Shortened.ToLength(piece, 80));
        _hasDeclaration |= isDeclaration;
        _text.LeaveOut(end);
    }

    // A declaration that is not closed ends before the next tag begins.
    private int EndOfInstruction(bool isDeclaration)
    {
        var end = _text.Source.IndexOf("?>", _text.At, StringComparison.Ordinal);
        end = end < 0 ? _text.Source.Length : end + 2;
        if (!isDeclaration)
            return end;
        var next = _text.Source.IndexOf('<', _text.At + 1);
        var close = _text.Source.IndexOf('>', _text.At);
        return next >= 0 && next < end && close >= 0 && close < next ? close + 1 : end;
    }

    /// <summary>
    /// A DOCTYPE, with what stands in its brackets; nothing of it is needed and none of it is followed.
    /// </summary>
    private void TakeDeclaration()
    {
        var depth = 0;
        var end = _text.At;
        for (; end < _text.Source.Length; end++)
        {
            if (_text.Source[end] == '[')
                depth++;
            else if (_text.Source[end] == ']')
                depth--;
            else if (_text.Source[end] == '>' && depth <= 0)
                break;
        }

        _text.LeaveOut(Math.Min(_text.Source.Length, end + 1));
    }

    private void TakeStart()
    {
        var place = _text.At;
        var name = MendingTag.NameAt(_text.Source, place + 1);
        CloseEntryBefore(name);
        if (_rootIsClosed)
        {
            _text.Note(MendKind.SecondRoot, place, "<" + name);
            _text.LeaveOut(_text.Source.Length);
            return;
        }

        var written = _text.Written.Length;
        if (new MendingTag(_text).Write() is not { } tag)
            return;
        _names.Enter(tag);
        if (!tag.IsEmpty)
        {
            _open.Push(new OpenElement(tag.Name, place, written, tag.Prefixes));
            return;
        }

        _names.Leave(tag.Prefixes);
        if (_open.Count == 0)
            _rootIsClosed = true;
    }

    /// <summary>No entry stands in another: where one begins, the one before it was not closed.</summary>
    private void CloseEntryBefore(string name)
    {
        if (!Entries.Contains(LocalName(name)) || !_open.Contains(name))
            return;
        while (_open.Peek().Name != name)
            CloseUnclosed();
        CloseUnclosed();
    }

    private static string LocalName(string name) => name[(name.IndexOf(':', StringComparison.Ordinal) + 1)..];

    private void TakeEnd()
    {
        var place = _text.At;
        var name = MendingTag.NameAt(_text.Source, place + 2);
        var close = _next.Of(">", place);
        var next = _next.Of("<", place + 1);
        _text.At = close < 0 || (next >= 0 && next < close) ? Math.Max(place + 2 + name.Length, place + 2) : close + 1;
        // An end tag cut off by the end of the document closes nothing for sure.
        if (close < 0 && next < 0)
            _text.At = _text.Source.Length;
        var isWhole = close >= 0 || next >= 0;
        if (isWhole && !_open.Contains(name) && _open.Count > 0 && IsMisspelt(name, _open.Peek().Name))
        {
            _text.Note(MendKind.EndMisspelt, place, $"</{name}>");
            Close();
            return;
        }

        if (!isWhole || !_open.Contains(name))
        {
            _text.Note(MendKind.EndWithoutStart, place, $"</{name}>");
            return;
        }

        while (_open.Peek().Name != name)
            CloseUnclosed();
        Close();
    }

    // Letters of another size, or a slip in a name that is long enough to be told from another.
    private static bool IsMisspelt(string end, string start) =>
        end.Equals(start, StringComparison.OrdinalIgnoreCase) || NearestName.Of(end, [start]) is not null;

    private void CloseUnclosed()
    {
        var open = _open.Peek();
        _text.Note(MendKind.ElementNotClosed, open.Place, $"<{open.Name}>");
        Close();
    }

    private void Close()
    {
        var open = _open.Pop();
        _names.Leave(open.Prefixes);
        _text.Written.Append("</").Append(open.Name).Append('>');
        if (_open.Count == 0)
            _rootIsClosed = true;
    }

    private void CloseAll()
    {
        if (_open.Count == 0)
            return;
        // An entry document is an entry itself, and keeps what stands in it.
        if (_open.SkipLast(1).FirstOrDefault(element => Entries.Contains(LocalName(element.Name))) is { } entry)
        {
            _text.Note(MendKind.BrokenOff, entry.Place, $"<{entry.Name}>");
            _text.Written.Length = entry.Written;
            while (_open.Pop() != entry) { }
        }
        else
            _text.Note(MendKind.BrokenOff, _open.Peek().Place, $"<{_open.Peek().Name}>");

        foreach (var open in _open)
            _text.Written.Append("</").Append(open.Name).Append('>');
    }

    private void DeclareMissing()
    {
        if (_names.RootEnd is not { } at)
            return;
        var declarations = new StringBuilder();
        foreach (var (prefix, place, name) in _names.Missing())
        {
            _text.Note(MendKind.PrefixNotDeclared, place, prefix);
            declarations.Append(" xmlns:").Append(prefix).Append("=\"").Append(name).Append('"');
        }

        _text.Written.Insert(at, declarations.ToString());
    }

    private void Copy(int end)
    {
        while (_text.At < end)
            _text.WriteAllowed(instead: " ");
    }

    [GeneratedRegex(
        @"^<\?xml\s+version\s*=\s*(""1\.[01]""|'1\.[01]')(\s+encoding\s*=\s*(""[A-Za-z][\w.\-]*""|'[A-Za-z][\w.\-]*'))?(\s+standalone\s*=\s*(""(yes|no)""|'(yes|no)'))?\s*\?>$"
    )]
    private static partial Regex Declaration();

    [GeneratedRegex(@"^<\?xml(?:\s|\?)", RegexOptions.IgnoreCase)]
    private static partial Regex IsDeclaration();

    [GeneratedRegex(@"^<\?(?![xX][mM][lL]\b)[A-Za-z_][\w.\-]*(\s[^\uFFFE]*)?\?>$", RegexOptions.Singleline)]
    private static partial Regex Instruction();
}
