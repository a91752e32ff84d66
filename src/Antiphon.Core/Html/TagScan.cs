using System.Buffers;

namespace Antiphon.Core.Html;

/// <summary>
/// Goes through the start tags of HTML and their attributes as they are written (HTML Standard, §13.2.5), in one pass
/// and without making anything: for work on texts that mostly need none. Comments, declarations and the text of
/// scripts and styles hold no tags.
/// </summary>
/// <param name="html">The HTML.</param>
public ref struct TagScan(ReadOnlySpan<char> html)
{
    private static readonly SearchValues<char> EndOfName = SearchValues.Create(" \t\r\n\f/>=<");
    private static readonly SearchValues<char> EndOfBare = SearchValues.Create(" \t\r\n\f>");

    private readonly ReadOnlySpan<char> _html = html;
    private int _at;
    private bool _isInTag;

    /// <summary>Name of the tag, as written.</summary>
    public ReadOnlySpan<char> Name { get; private set; }

    /// <summary>Name of the attribute, as written.</summary>
    public ReadOnlySpan<char> AttributeName { get; private set; }

    /// <summary>Value of the attribute as written, without its quotes and with its entities.</summary>
    public ReadOnlySpan<char> Value { get; private set; }

    /// <summary>Where the value begins, its opening quote being part of it.</summary>
    public int ValueStart { get; private set; }

    /// <summary>Where the value ends, its closing quote being part of it.</summary>
    public int ValueEnd { get; private set; }

    /// <summary>Moves to the next start tag; false at the end.</summary>
    public bool NextTag()
    {
        while (_isInTag && NextAttribute())
            continue;
        while (true)
        {
            var open = _html[_at..].IndexOf('<');
            if (open < 0 || _at + open + 1 >= _html.Length)
                return Finish();
            _at += open + 1;
            if (_html[_at] == '!')
                SkipDeclaration();
            else if (char.IsAsciiLetter(_html[_at]))
                return BeginTag();
        }
    }

    /// <summary>Moves to the next attribute of the tag that has a value; false when there is none.</summary>
    public bool NextAttribute()
    {
        while (_isInTag)
        {
            while (_at < _html.Length && (char.IsWhiteSpace(_html[_at]) || _html[_at] == '/'))
                _at++;
            if (_at >= _html.Length || _html[_at] is '>' or '<')
            {
                EndTag();
                return false;
            }

            if (ReadAttribute())
                return true;
        }

        return false;
    }

    private bool Finish()
    {
        _at = _html.Length;
        return false;
    }

    private bool BeginTag()
    {
        var end = EndOf(_at, EndOfName);
        Name = _html[_at..end];
        (_at, _isInTag) = (end, true);
        return true;
    }

    private void EndTag()
    {
        _isInTag = false;
        if (_at < _html.Length && _html[_at] == '>')
            _at++;
        if (HoldsRawText(Name))
            SkipRawText();
    }

    private bool ReadAttribute()
    {
        var start = _at;
        // An equals sign as the first character is part of the name.
        var end = EndOf(_at + 1, EndOfName);
        var after = SkipSpace(end);
        if (after >= _html.Length || _html[after] != '=')
        {
            _at = end;
            return false;
        }

        AttributeName = _html[start..end];
        ReadValue(SkipSpace(after + 1));
        return true;
    }

    private void ReadValue(int start)
    {
        ValueStart = start;
        if (start < _html.Length && _html[start] is '"' or '\'')
        {
            var length = _html[(start + 1)..].IndexOf(_html[start]);
            var close = length < 0 ? _html.Length : start + 1 + length;
            Value = _html[(start + 1)..close];
            _at = ValueEnd = Math.Min(close + 1, _html.Length);
            return;
        }

        _at = ValueEnd = EndOf(start, EndOfBare);
        Value = _html[start..ValueEnd];
    }

    private void SkipDeclaration()
    {
        var isComment = _html[_at..].StartsWith("!--");
        var length = isComment ? _html[_at..].IndexOf("-->") : _html[_at..].IndexOf('>');
        _at = length < 0 ? _html.Length : _at + length + 1;
    }

    private void SkipRawText()
    {
        var rest = _html[_at..];
        while (rest.IndexOf("</") is var end and >= 0)
        {
            _at += end;
            rest = rest[(end + 2)..];
            if (rest.StartsWith(Name, StringComparison.OrdinalIgnoreCase))
                return;
            _at += 2;
        }

        _at = _html.Length;
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

    private readonly int EndOf(int start, SearchValues<char> stops)
    {
        if (start >= _html.Length)
            return _html.Length;
        var length = _html[start..].IndexOfAny(stops);
        return length < 0 ? _html.Length : start + length;
    }
}
