using System.Text;

namespace Antiphon.Core.Feeds.Mending;

/// <summary>Something mended in a document that is no well-formed JSON.</summary>
/// <param name="At">Place in the original.</param>
/// <param name="Slip">What was wrong, as a noun.</param>
public sealed record JsonMend(int At, string Slip);

/// <summary>
/// Makes well-formed JSON (RFC 8259) of a document that is none, changing as little as does: commas, quotes, comments,
/// words of other languages, what breaks off. Lines stay where they are.
/// </summary>
public sealed class JsonMender
{
    private const int Deepest = 90;
    private const int MostSlips = 200;
    private const int LongestName = 60;

    private readonly string _source;
    private readonly StringBuilder _written;
    private readonly List<JsonMend> _mends = [];
    private int _at;
    private bool _endsEarly;

    private JsonMender(string source) => (_source, _written) = (source, new StringBuilder(source.Length + 16));

    private bool IsOver => _at >= _source.Length;

    /// <summary>The mended document and what was mended, in the order of the document.</summary>
    public static (string Text, IReadOnlyList<JsonMend> Mends) Mend(string source)
    {
        var mender = new JsonMender(source);
        mender.GoThrough();
        return (mender._written.ToString(), mender._mends);
    }

    private void GoThrough()
    {
        var start = _source.AsSpan().IndexOfAny('{', '[');
        if (start < 0)
            return;
        if (_source.AsSpan(0, start).Trim().Trim('\uFEFF').Length > 0)
            Note(0, "text before the beginning");
        _at = start;
        Value(0);
        Space();
        if (!IsOver)
            Note(_at, "text behind the end");
        _at = _source.Length;
    }

    private void Note(int at, string slip)
    {
        if (_mends.Count < MostSlips)
            _mends.Add(new JsonMend(at, slip));
    }

    // Whatever is open where the document breaks off, it broke off once.
    private void NoteEnd()
    {
        if (!_endsEarly)
            Note(_source.Length, "an end that comes too early");
        _endsEarly = true;
    }

    private void Value(int depth)
    {
        Space();
        if (IsOver)
        {
            NoteEnd();
            _written.Append("null");
            return;
        }

        var c = _source[_at];
        if (c is '{' or '[' && depth < Deepest)
            Block(c == '{', depth);
        else if (c is '"' or '\'' or '“' or '„' or '‘')
            Words();
        else
            Bare();
    }

    private void Block(bool isObject, int depth)
    {
        _written.Append(_source[_at++]);
        var hasEntry = false;
        var comma = -1;
        while (!Ends(isObject, ref comma))
        {
            if (_source[_at] is ',' or ';')
            {
                var isSemicolon = _source[_at] == ';';
                if (comma >= 0 || !hasEntry || isSemicolon)
                    Note(_at, isSemicolon ? "a semicolon instead of a comma" : "a comma too many");
                comma = hasEntry ? _at : -1;
                _at++;
                continue;
            }

            if (hasEntry && comma < 0)
                Note(_at, "a comma that is missing");
            if (hasEntry)
                _written.Append(',');
            (hasEntry, comma) = (true, -1);
            if (isObject)
                Member(depth);
            else
                Value(depth + 1);
        }

        if (comma >= 0)
            Note(comma, "a comma too many");
        _written.Append(isObject ? '}' : ']');
    }

    // Whether the object or list is over here: closed, broken off, or left open by its author.
    private bool Ends(bool isObject, ref int comma)
    {
        Space();
        if (IsOver)
        {
            NoteEnd();
            return true;
        }

        var c = _source[_at];
        if (c == (isObject ? '}' : ']'))
        {
            _at++;
            return true;
        }

        if (c is '}' or ']')
        {
            // The bracket of what is around it: this one was not closed.
            Note(_at, isObject ? "an object that is not closed" : "a list that is not closed");
            return true;
        }

        if (isObject || c != '"' || !IsName())
            return false;
        // A member of the object around it: the list was not closed before, and the comma is the object's.
        (_at, comma) = (comma < 0 ? _at : comma, -1);
        Note(_at, "a list that is not closed");
        return true;
    }

    // Whether the text that begins here is followed by a colon.
    private bool IsName()
    {
        var end = _source.IndexOf('"', _at + 1, Math.Min(LongestName, _source.Length - _at - 1));
        return end > 0 && _source.AsSpan(end + 1).TrimStart() is [':', ..];
    }

    private void Member(int depth)
    {
        if (_source[_at] is '"' or '\'' or '“' or '„' or '‘')
            Words();
        else
        {
            Note(_at, "a name without quotes");
            var start = _at;
            while (
                !IsOver
                && !char.IsWhiteSpace(_source[_at])
                && _source[_at] is not (':' or '=' or ',' or '}' or ']' or '{' or '[')
            )
                _at++;
            // A bracket where a name should be is no name; it is passed over, so that there is always a step ahead.
            if (_at == start)
                _at++;
            Quote(_source[start.._at]);
        }

        Space();
        if (!IsOver && _source[_at] == ':')
            _at++;
        else if (!IsOver && _source[_at] == '=')
        {
            Note(_at, "an equals sign instead of a colon");
            _at += _at + 1 < _source.Length && _source[_at + 1] == '>' ? 2 : 1;
        }
        else if (!IsOver)
            Note(_at, "a colon that is missing");
        _written.Append(':');
        Space();
        if (!IsOver && _source[_at] is ',' or '}' or ']')
        {
            Note(_at, "a value that is missing");
            _written.Append("null");
        }
        else
            Value(depth + 1);
    }

    // Text in quotes, of whatever kind, ends with its own; line ends and the like in it are escaped.
    private void Words()
    {
        var (start, open) = (_at, _source[_at++]);
        var close = open switch
        {
            '“' => '”',
            '„' => '“',
            '‘' => '’',
            _ => open,
        };
        if (open != '"')
            Note(start, "a text in other quotes");
        _written.Append('"');
        while (!IsOver && _source[_at] != close)
        {
            if (_source[_at] == '\\')
                Escape();
            else
                Character();
        }

        if (IsOver)
            NoteEnd();
        _at++;
        _written.Append('"');
    }

    private void Character()
    {
        var c = _source[_at];
        if (c < ' ')
            Note(_at, c is '\r' or '\n' ? "an end of line within a text" : "a control character within a text");
        Written(c);
        _at++;
    }

    private void Written(char c)
    {
        if (c is '"' or '\\')
            _written.Append('\\').Append(c);
        else if (c < ' ')
            _written.Append(
                c switch
                {
                    '\n' => "\\n",
                    '\r' => "\\r",
                    '\t' => "\\t",
                    _ => $"\\u{(int)c:x4}",
                }
            );
        else
            _written.Append(c);
    }

    private void Escape()
    {
        var next = _at + 1 < _source.Length ? _source[_at + 1] : '\0';
        var isWhole =
            next is '"' or '\\' or '/' or 'b' or 'f' or 'n' or 'r' or 't'
            || (
                next == 'u'
                && _at + 5 < _source.Length
                && _source.AsSpan(_at + 2, 4).IndexOfAnyExcept("0123456789abcdefABCDEF") < 0
            );
        if (isWhole)
        {
            var length = next == 'u' ? 6 : 2;
            _written.Append(_source, _at, length);
            _at += length;
            return;
        }

        // A backslash before what needs none, as other languages allow it.
        Note(_at, "an escape that JSON does not have");
        _at++;
        if (IsOver)
            return;
        if (next is '\'' or '`' or '$')
        {
            _written.Append(next);
            _at++;
        }
        else if (next is not ('\r' or '\n'))
            _written.Append("\\\\");
        else
            _at++;
    }

    private void Bare()
    {
        var start = _at;
        while (
            !IsOver
            && !char.IsWhiteSpace(_source[_at])
            && _source[_at] is not (',' or '}' or ']' or ':' or ';' or '{' or '[' or '"')
        )
            _at++;
        if (_at == start)
            _at++;
        var word = _source[start.._at];
        if (word is "true" or "false" or "null" || JsonWord.IsNumber(word))
        {
            _written.Append(word);
            return;
        }

        var (right, slip) = JsonWord.Meant(word);
        Note(start, slip);
        if (right is null)
            Quote(word);
        else
            _written.Append(right);
    }

    private void Quote(string word)
    {
        _written.Append('"');
        foreach (var c in word)
            Written(c);
        _written.Append('"');
    }

    // White space stays; comments, which JSON does not have, are left out but for their lines.
    private void Space()
    {
        while (!IsOver)
        {
            var c = _source[_at];
            if (c is ' ' or '\t' or '\r' or '\n')
                _written.Append(_source[_at++]);
            else if (char.IsWhiteSpace(c) || c == '\uFEFF')
            {
                Note(_at, "white space that JSON does not have");
                _at++;
            }
            else if (c == '#' || (c == '/' && _at + 1 < _source.Length && _source[_at + 1] is '/' or '*'))
                Comment();
            else
                return;
        }
    }

    private void Comment()
    {
        Note(_at, "a comment");
        var isBlock = _source[_at] == '/' && _source[_at + 1] == '*';
        var end = isBlock ? _source.IndexOf("*/", _at + 2, StringComparison.Ordinal) : _source.IndexOf('\n', _at);
        end =
            end < 0 ? _source.Length
            : isBlock ? end + 2
            : end;
        for (; _at < end; _at++)
        {
            if (_source[_at] == '\n')
                _written.Append('\n');
        }
    }
}
