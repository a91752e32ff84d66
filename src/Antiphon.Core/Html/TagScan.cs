using System.Buffers;

namespace Antiphon.Core.Html;

/// <summary>
/// Goes through the tags of HTML and their attributes as they are written (HTML Standard, §13.2.5), in one pass and
/// without making anything: for work on texts that mostly need none. Comments and the text of scripts and styles hold
/// no tags.
/// </summary>
/// <param name="html">The HTML.</param>
/// <param name="start">Where to begin, outside any tag.</param>
/// <param name="withEnds">Whether end tags and a document type, named "!doctype", are gone through as well.</param>
public ref struct TagScan(ReadOnlySpan<char> html, int start = 0, bool withEnds = false)
{
    private static readonly SearchValues<char> EndOfTagName = SearchValues.Create(" \t\r\n\f/>");
    private static readonly SearchValues<char> EndOfName = SearchValues.Create(" \t\r\n\f/>=");
    private static readonly SearchValues<char> EndOfBare = SearchValues.Create(" \t\r\n\f>");

    private readonly ReadOnlySpan<char> _html = html;
    private readonly bool _withEnds = withEnds;
    private bool _isInTag;

    /// <summary>Place behind what was read last.</summary>
    public int Position { get; private set; } = start;

    /// <summary>Place of the bracket the tag begins with.</summary>
    public int TagStart { get; private set; }

    /// <summary>Name of the tag, as written.</summary>
    public ReadOnlySpan<char> Name { get; private set; }

    /// <summary>Whether it is an end tag.</summary>
    public bool IsEnd { get; private set; }

    /// <summary>
    /// Whether the tag does not end: the text does, the next tag begins within it, or a quote is missing. Known once
    /// its attributes were gone through.
    /// </summary>
    public bool IsBroken { get; private set; }

    /// <summary>Name of the attribute, as written.</summary>
    public ReadOnlySpan<char> AttributeName { get; private set; }

    /// <summary>Place of the attribute's name.</summary>
    public int AttributeStart { get; private set; }

    /// <summary>Value of the attribute as written, without its quotes and with its entities; empty when it has none.</summary>
    public ReadOnlySpan<char> Value { get; private set; }

    /// <summary>Where the value begins, its opening quote being part of it; where it ends when there is none.</summary>
    public int ValueStart { get; private set; }

    /// <summary>Where the value ends, its closing quote being part of it.</summary>
    public int ValueEnd { get; private set; }

    /// <summary>Moves to the next tag; false at the end.</summary>
    public bool NextTag()
    {
        while (NextAttribute())
            continue;
        while (_html[Position..].IndexOf('<') is var open and >= 0 && Position + open + 1 < _html.Length)
        {
            TagStart = Position + open;
            Position = TagStart + 1;
            if (_html[Position] == '!' ? IsDoctype() : IsTag())
                return true;
        }

        Position = _html.Length;
        return false;
    }

    /// <summary>Moves to the next attribute of the tag; false when there is none.</summary>
    public bool NextAttribute()
    {
        if (!_isInTag)
            return false;
        while (Position < _html.Length && (char.IsWhiteSpace(_html[Position]) || _html[Position] == '/'))
            Position++;
        if (Position < _html.Length && _html[Position] is not ('>' or '<') && ReadAttribute())
            return true;
        EndTag();
        return false;
    }

    private bool IsTag()
    {
        var isEnd = _withEnds && _html[Position] == '/' && Position + 1 < _html.Length;
        var name = isEnd ? Position + 1 : Position;
        if (!char.IsAsciiLetter(_html[name]))
            return false;
        Position = EndOf(name, EndOfTagName);
        Name = _html[name..Position];
        (IsEnd, IsBroken, _isInTag) = (isEnd, false, true);
        return true;
    }

    private bool IsDoctype()
    {
        var rest = _html[Position..];
        var isComment = rest.StartsWith("!--");
        var length = isComment ? rest[3..].IndexOf("-->") + 5 : rest.IndexOf('>');
        Position = length < (isComment ? 5 : 0) ? _html.Length : Position + length + 1;
        if (isComment || !_withEnds || !rest.StartsWith("!doctype", StringComparison.OrdinalIgnoreCase))
            return false;
        Name = rest[..8];
        (IsEnd, IsBroken, _isInTag) = (false, false, false);
        return true;
    }

    private void EndTag()
    {
        _isInTag = false;
        IsBroken = Position >= _html.Length || _html[Position] != '>';
        if (IsBroken)
            return;
        Position++;
        if (!IsEnd && HoldsRawText(Name))
            SkipRawText();
    }

    // False where a quote is missing, so that the value would run on into the next tags.
    private bool ReadAttribute()
    {
        AttributeStart = Position;
        // An equals sign as the first character is part of the name.
        var end = EndOf(Position + 1, EndOfName);
        AttributeName = _html[Position..end];
        var after = SkipSpace(end);
        if (after >= _html.Length || _html[after] != '=')
        {
            Value = [];
            ValueStart = ValueEnd = Position = end;
            return true;
        }

        ValueStart = SkipSpace(after + 1);
        if (ValueStart < _html.Length && _html[ValueStart] is '"' or '\'')
            return ReadQuoted();
        ValueEnd = EndOf(ValueStart, EndOfBare);
        Value = _html[ValueStart..ValueEnd];
        Position = ValueEnd;
        return true;
    }

    private bool ReadQuoted()
    {
        var rest = _html[(ValueStart + 1)..];
        var length = rest.IndexOf(_html[ValueStart]);
        Value = length < 0 ? [] : rest[..length];
        if (length < 0 || (Value.Contains('<') && Value.Contains('>') && Value.Contains('=')))
        {
            Position = ValueStart;
            return false;
        }

        Position = ValueEnd = ValueStart + length + 2;
        return true;
    }

    // Without its end everything behind it is its text (HTML Standard, §13.2.5.2).
    private void SkipRawText()
    {
        while (_html[Position..].IndexOf("</") is var end and >= 0)
        {
            Position += end;
            if (_html[(Position + 2)..].StartsWith(Name, StringComparison.OrdinalIgnoreCase))
                return;
            Position += 2;
        }

        Position = _html.Length;
    }

    private static bool HoldsRawText(ReadOnlySpan<char> name) =>
        name.Length is >= 3 and <= 8
        && (
            name.Equals("script", StringComparison.OrdinalIgnoreCase)
            || name.Equals("style", StringComparison.OrdinalIgnoreCase)
            || name.Equals("textarea", StringComparison.OrdinalIgnoreCase)
            || name.Equals("title", StringComparison.OrdinalIgnoreCase)
            || name.Equals("xmp", StringComparison.OrdinalIgnoreCase)
        );

    private readonly int SkipSpace(int at)
    {
        while (at < _html.Length && char.IsWhiteSpace(_html[at]))
            at++;
        return at;
    }

    private readonly int EndOf(int from, SearchValues<char> stops)
    {
        if (from >= _html.Length)
            return _html.Length;
        var length = _html[from..].IndexOfAny(stops);
        return length < 0 ? _html.Length : from + length;
    }
}
