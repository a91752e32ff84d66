using System.Buffers;
using System.Net;

namespace Antiphon.Core.Feeds.Checking.Examining.Texts;

/// <summary>Goes through the tags of HTML as they are written, once and without a tree (HTML Standard, §13.2.5).</summary>
internal sealed class HtmlTags(string html)
{
    private static readonly HtmlElement Doctype = HtmlElement.Unknown("!doctype");
    private static readonly SearchValues<char> EndOfTagName = SearchValues.Create(" \t\r\n\f/>");
    private static readonly SearchValues<char> EndOfName = SearchValues.Create(" \t\r\n\f/>=");
    private static readonly SearchValues<char> EndOfBare = SearchValues.Create(" \t\r\n\f>");
    private static readonly string[] RawText = ["script", "style", "textarea", "title", "xmp"];
    private int _at;

    /// <summary>Place behind the tag that was taken last.</summary>
    public int Position => _at;

    /// <summary>The next tag, or null at the end.</summary>
    public HtmlTag? Next()
    {
        while (_at < html.Length)
        {
            var open = html.IndexOf('<', _at);
            if (open < 0 || open + 1 >= html.Length)
                return null;
            _at = open + 1;
            if (html[_at] == '!')
            {
                if (Declaration(open) is { } doctype)
                    return doctype;
            }
            else if (
                char.IsAsciiLetter(html[_at])
                || (html[_at] == '/' && _at + 1 < html.Length && char.IsAsciiLetter(html[_at + 1]))
            )
                return Tag(open);
        }

        return null;
    }

    private HtmlTag? Declaration(int open)
    {
        if (string.CompareOrdinal(html, _at, "!--", 0, 3) == 0)
        {
            var end = html.IndexOf("-->", _at + 3, StringComparison.Ordinal);
            _at = end < 0 ? html.Length : end + 3;
            return null;
        }

        var close = html.IndexOf('>', _at);
        var isDoctype = string.Compare(html, _at, "!doctype", 0, 8, StringComparison.OrdinalIgnoreCase) == 0;
        _at = close < 0 ? html.Length : close + 1;
        return isDoctype ? new HtmlTag(open, Doctype, false, [], false) : null;
    }

    private HtmlTag Tag(int open)
    {
        var isEnd = html[_at] == '/';
        var start = isEnd ? _at + 1 : _at;
        _at = EndOf(start, EndOfTagName);
        var element = HtmlVocabulary.Of(html.AsSpan(start, _at - start));
        List<HtmlAttribute>? attributes = null;
        var isBroken = false;
        while (true)
        {
            while (_at < html.Length && (char.IsWhiteSpace(html[_at]) || html[_at] == '/'))
                _at++;
            // The next tag begins before this one ended.
            if (_at >= html.Length || html[_at] == '<')
            {
                isBroken = true;
                break;
            }

            if (html[_at] == '>')
            {
                _at++;
                break;
            }

            if (Attribute() is not { } attribute)
            {
                isBroken = true;
                break;
            }

            (attributes ??= []).Add(attribute);
        }

        if (!isEnd && !isBroken && RawText.Contains(element.Name))
            SkipTo("</" + element.Name);
        return new HtmlTag(open, element, isEnd, attributes ?? (IReadOnlyList<HtmlAttribute>)[], isBroken);
    }

    private HtmlAttribute? Attribute()
    {
        var start = _at;
        // An equals sign as the first character is part of the name.
        _at = EndOf(_at + 1, EndOfName);
        var name = NameOf(html.AsSpan(start, _at - start));
        var after = _at;
        while (after < html.Length && char.IsWhiteSpace(html[after]))
            after++;
        if (after >= html.Length || html[after] != '=')
            return new HtmlAttribute(start, name, string.Empty);
        _at = after + 1;
        while (_at < html.Length && char.IsWhiteSpace(html[_at]))
            _at++;
        if (_at < html.Length && html[_at] is '"' or '\'')
        {
            var close = html.IndexOf(html[_at], _at + 1);
            var value = close < 0 ? string.Empty : html[(_at + 1)..close];
            // A quote that is missing lets the value run on into the next tags.
            if (
                close < 0
                || (
                    value.Contains('<', StringComparison.Ordinal)
                    && value.Contains('>', StringComparison.Ordinal)
                    && value.Contains('=', StringComparison.Ordinal)
                )
            )
                return null;
            var at = _at + 1;
            _at = close + 1;
            return new HtmlAttribute(at, name, Decoded(value));
        }

        var from = _at;
        _at = EndOf(_at, EndOfBare);
        return new HtmlAttribute(from, name, Decoded(html[from.._at]));
    }

    private static string Decoded(string value) =>
        value.Contains('&', StringComparison.Ordinal) ? WebUtility.HtmlDecode(value) : value;

    private static string NameOf(ReadOnlySpan<char> name) =>
        HtmlVocabulary.AttributeNames.TryGetValue(name, out var known) ? known : name.ToString().ToLowerInvariant();

    private int EndOf(int from, SearchValues<char> stops)
    {
        if (from >= html.Length)
            return html.Length;
        var end = html.AsSpan(from).IndexOfAny(stops);
        return end < 0 ? html.Length : from + end;
    }

    private void SkipTo(string end)
    {
        var at = html.IndexOf(end, _at, StringComparison.OrdinalIgnoreCase);
        // Without its end everything behind it is its text (HTML Standard, §13.2.5.2).
        _at = at < 0 ? html.Length : at;
    }
}
