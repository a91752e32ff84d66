using System.Globalization;
using System.Text;

namespace Antiphon.Core.Feeds.Mending;

/// <summary>
/// The document being mended: where the mending stands in it, what was written so far, and what was mended.
/// </summary>
internal sealed class MendingText(string source)
{
    private const int LongestEntity = 32;

    /// <summary>Mends of one kind that are told; a document with more of them is no more broken for it.</summary>
    private const int MostOfOneKind = 1000;

    private readonly List<Mend> _mends = [];
    private readonly Dictionary<MendKind, int> _counts = [];
    private int _line = 1;
    private int _lineStart;
    private int _counted;

    /// <summary>The original.</summary>
    public string Source => source;

    /// <summary>Where the mending stands.</summary>
    public int At { get; set; }

    /// <summary>What is written so far. Lines of the original stay lines, so that places can still be told.</summary>
    public StringBuilder Written { get; } = new(source.Length + 64);

    /// <summary>What was mended.</summary>
    public IReadOnlyList<Mend> Mends => _mends;

    /// <summary>True at the end.</summary>
    public bool IsOver => At >= source.Length;

    /// <summary>Whether the original goes on like this.</summary>
    public bool GoesOn(string text) => string.CompareOrdinal(source, At, text, 0, text.Length) == 0;

    /// <summary>Notes a mend at a place of the original.</summary>
    public void Note(MendKind kind, int place, string detail)
    {
        var count = _counts.GetValueOrDefault(kind);
        _counts[kind] = count + 1;
        if (count >= MostOfOneKind)
            return;
        for (; _counted < place && _counted < source.Length; _counted++)
        {
            if (source[_counted] != '\n')
                continue;
            _line++;
            _lineStart = _counted + 1;
        }

        _mends.Add(
            new Mend(
                _line,
                Math.Max(1, place - _lineStart + 1),
                kind,
                Text.Shortened.ToLength(detail.ReplaceLineEndings(" ").Trim(), 60)
            )
        );
    }

    /// <summary>Leaves a piece out up to a place, but keeps its lines.</summary>
    public void LeaveOut(int end)
    {
        for (; At < end; At++)
        {
            if (source[At] == '\n')
                Written.Append('\n');
        }
    }

    /// <summary>Writes one character of text or of an attribute's value, mended.</summary>
    /// <param name="isValue">Whether it stands in an attribute.</param>
    public void WriteCharacter(bool isValue)
    {
        var c = source[At];
        if (c == '&')
            WriteEntity();
        else if (c == '<' && isValue)
            WriteInstead("&lt;", MendKind.StrayLessThan, "<");
        else if (c == '"' && isValue)
            WriteInstead("&quot;");
        else if (c == '>' && !isValue && Written.Length > 1 && Written[^1] == ']' && Written[^2] == ']')
            WriteInstead("&gt;");
        else
            WriteAllowed();
    }

    /// <summary>Writes one character as it is, unless XML forbids it (XML 1.0 §2.2).</summary>
    /// <param name="instead">What stands in for a forbidden one; in a section that ends with a run of marks, leaving
    /// one out could make such a run.</param>
    public void WriteAllowed(string instead = "")
    {
        var c = source[At];
        if (char.IsHighSurrogate(c) && At + 1 < source.Length && char.IsLowSurrogate(source[At + 1]))
        {
            Written.Append(c).Append(source[At + 1]);
            At += 2;
            return;
        }

        if ((c < ' ' && c is not ('\t' or '\n' or '\r')) || c is '\uFFFE' or '\uFFFF' || char.IsSurrogate(c))
        {
            Note(MendKind.ForbiddenCharacter, At, $"U+{(int)c:X4}");
            Written.Append(instead);
        }
        else
            Written.Append(c);
        At++;
    }

    private void WriteInstead(string text, MendKind? kind = null, string detail = "")
    {
        if (kind is { } mended)
            Note(mended, At, detail);
        Written.Append(text);
        At++;
    }

    private void WriteEntity()
    {
        var end = source.IndexOf(';', At + 1, Math.Min(LongestEntity, source.Length - At - 1));
        var name = end < 0 ? string.Empty : source[(At + 1)..end];
        if (name.StartsWith('#') && NumberOf(name) is { } number)
            WriteNumbered(name, number, end);
        else if (HtmlEntities.IsOfXml(name))
            WriteWhole(end);
        else if (name.Length > 0 && name.All(char.IsAsciiLetterOrDigit) && HtmlEntities.Find(name) is { } characters)
        {
            Note(MendKind.HtmlEntity, At, $"&{name};");
            foreach (var rune in characters.EnumerateRunes())
                Written.Append(CultureInfo.InvariantCulture, $"&#{rune.Value};");
            At = end + 1;
        }
        else
            WriteInstead("&amp;", MendKind.StrayAmpersand, source[At..Math.Min(source.Length, At + 12)]);
    }

    private void WriteNumbered(string name, int number, int end)
    {
        if (
            number
            is 9
                or 10
                or 13
                or (>= 0x20 and <= 0xD7FF)
                or (>= 0xE000 and <= 0xFFFD)
                or (>= 0x10000 and <= 0x10FFFF)
        )
            WriteWhole(end);
        else
        {
            Note(MendKind.ForbiddenCharacter, At, $"&{name};");
            At = end + 1;
        }
    }

    private void WriteWhole(int end)
    {
        Written.Append(source, At, end + 1 - At);
        At = end + 1;
    }

    private static int? NumberOf(string name)
    {
        var isHex = name.Length > 1 && name[1] is 'x' or 'X';
        var digits = name[(isHex ? 2 : 1)..];
        return int.TryParse(
            digits,
            isHex ? NumberStyles.AllowHexSpecifier : NumberStyles.None,
            CultureInfo.InvariantCulture,
            out var number
        )
            ? number
            : null;
    }
}
