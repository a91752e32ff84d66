using System.Text;

namespace Antiphon.Core.Feeds.Reading.Encodings;

/// <summary>The encoding in which the bytes of a document are read.</summary>
/// <param name="Encoding">The encoding.</param>
/// <param name="Skip">How many bytes of a byte order mark stand before the text; 0 for no mark.</param>
/// <param name="Declared">Encoding named by the XML declaration, or null.</param>
/// <param name="Served">Charset named by the Content-Type, or null.</param>
/// <param name="IsMislabelled">True when the bytes are not in the encoding they are said to be in.</param>
/// <param name="IsWideWithoutMark">Whether the bytes are wide characters without a mark.</param>
internal sealed record ChosenEncoding(
    Encoding Encoding,
    int Skip,
    string? Declared,
    string? Served,
    bool IsMislabelled,
    bool IsWideWithoutMark
)
{
    /// <summary>
    /// Byte order mark first, then the Content-Type's charset, then the XML declaration, then UTF-8 (RFC 7303 §3).
    /// An unknown name falls through to the next. Sixteen-bit units are told by their first bytes also without a mark
    /// (XML 1.0, appendix F). Bytes said to be UTF-8 that are mostly none
    /// are read as Windows-1252, which is what such feeds are; single ones that do not fit become replacement
    /// characters.
    /// </summary>
    public static ChosenEncoding For(ReadOnlySpan<byte> bytes, string? contentType)
    {
        var served = CharsetOf(contentType);
        var (marked, skip) = ByteOrderMark(bytes);
        var body = bytes[skip..];
        var wide = marked is null ? Wide(body) : null;
        var declared = DeclaredIn(body, marked ?? wide);
        var encoding = marked
            ?? wide
            ?? EncodingNames.Find(served)
            ?? FindForBytes(declared)
            ?? new UTF8Encoding(false);
        var isMislabelled =
            (encoding is UTF8Encoding && marked is null && IsRatherSingleBytes(body))
            || (EncodingNames.IsAscii(served ?? declared) && body.ContainsAnyExceptInRange((byte)0, (byte)0x7F));
        return new ChosenEncoding(
            isMislabelled ? EncodingNames.Find("windows-1252")! : encoding,
            skip,
            declared,
            served,
            isMislabelled,
            wide is not null
        );
    }

    private static (Encoding? Encoding, int Length) ByteOrderMark(ReadOnlySpan<byte> bytes)
    {
        if (bytes.StartsWith<byte>([0xEF, 0xBB, 0xBF]))
            return (new UTF8Encoding(false), 3);
        if (bytes.StartsWith<byte>([0xFF, 0xFE, 0x00, 0x00]))
            return (Encoding.UTF32, 4);
        if (bytes.StartsWith<byte>([0x00, 0x00, 0xFE, 0xFF]))
            return (new UTF32Encoding(bigEndian: true, byteOrderMark: false), 4);
        if (bytes.StartsWith<byte>([0xFF, 0xFE]))
            return (Encoding.Unicode, 2);
        if (bytes.StartsWith<byte>([0xFE, 0xFF]))
            return (Encoding.BigEndianUnicode, 2);
        return (null, 0);
    }

    // A bracket, a brace or white space as the first character, and zeros about it (XML 1.0, appendix F; RFC 4627 §3).
    private static Encoding? Wide(ReadOnlySpan<byte> body)
    {
        if (body.Length < 4)
            return null;
        return (body[0], body[1], body[2], body[3]) switch
        {
            (not 0, 0, 0, 0) => Encoding.UTF32,
            (0, 0, 0, not 0) => new UTF32Encoding(bigEndian: true, byteOrderMark: false),
            (not 0, 0, not 0, 0) => Encoding.Unicode,
            (0, not 0, 0, not 0) => Encoding.BigEndianUnicode,
            _ => null,
        };
    }

    /// <summary>True when more characters beyond ASCII break the rules of UTF-8 than keep them.</summary>
    private static bool IsRatherSingleBytes(ReadOnlySpan<byte> body)
    {
        var (broken, whole) = (0, 0);
        while (body.Length > 0)
        {
            // Most of a feed is ASCII, which is passed over many bytes at a time.
            var next = body.IndexOfAnyExceptInRange((byte)0x00, (byte)0x7F);
            if (next < 0)
                break;
            body = body[next..];
            var state = Rune.DecodeFromUtf8(body, out _, out var length);
            if (state == System.Buffers.OperationStatus.Done)
                whole++;
            // A beginning with what could go on behind it is a character of UTF-8 gone wrong, not one of a single byte.
            else if (body.Length > 1 && body[1] is >= 0x80 and <= 0xBF && !IsMarkOfWindows(body[1]))
                return false;
            else
                broken++;
            body = body[Math.Max(1, length)..];
        }

        return broken > whole;
    }

    // Quotes, dashes and dots of Windows-1252, which stand behind letters.
    private static bool IsMarkOfWindows(byte value) => value is 0x85 or (>= 0x91 and <= 0x97) or 0xBB;

    private static string? CharsetOf(string? contentType)
    {
        var at = contentType?.IndexOf("charset=", StringComparison.OrdinalIgnoreCase) ?? -1;
        if (at < 0)
            return null;
        var value = contentType![(at + 8)..].Split(';')[0].Trim(' ', '"', '\'');
        return value.Length == 0 ? null : value;
    }

    private static string? DeclaredIn(ReadOnlySpan<byte> body, Encoding? known)
    {
        var start = body[..Math.Min(800, body.Length)];
        // Bytes before the declaration are blank lines that should not be there; the declaration counts all the same.
        var head = (known ?? Encoding.Latin1).GetString(start).TrimStart();
        if (!head.StartsWith("<?xml", StringComparison.Ordinal))
            return null;
        var end = head.IndexOf("?>", StringComparison.Ordinal);
        var at = head.IndexOf("encoding", StringComparison.Ordinal);
        if (at < 0 || end < at)
            return null;
        var value = head[(at + 8)..end].TrimStart(' ', '\t', '\r', '\n', '=');
        if (value.Length < 2 || value[0] is not ('"' or '\''))
            return null;
        var close = value.IndexOf(value[0], 1);
        return close > 1 ? value[1..close] : null;
    }

    private static Encoding? FindForBytes(string? name)
    {
        // A declaration that was read as single bytes cannot be telling the truth about wide characters.
        return name is not null && EncodingNames.IsWide(name) ? null : EncodingNames.Find(name);
    }
}
