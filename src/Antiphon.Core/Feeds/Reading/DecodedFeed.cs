using System.Text;

namespace Antiphon.Core.Feeds.Reading;

/// <summary>The bytes of a feed made into text.</summary>
/// <param name="Text">The text, without byte order mark.</param>
/// <param name="Encoding">Name of the encoding used.</param>
/// <param name="Declared">Encoding named by the XML declaration, or null.</param>
/// <param name="Served">Charset named by the Content-Type, or null.</param>
public sealed record DecodedFeed(string Text, string Encoding, string? Declared, string? Served)
{
    static DecodedFeed() => System.Text.Encoding.RegisterProvider(CodePagesEncodingProvider.Instance);

    /// <summary>
    /// True when the bytes were not in the encoding they were said to be in, and were read as Windows-1252 instead.
    /// </summary>
    public bool IsMislabelled { get; init; }

    /// <summary>Encoding named by the byte order mark, or null where there is none.</summary>
    public string? Marked { get; init; }

    /// <summary>Whether the bytes are wide characters without a mark.</summary>
    public bool IsWideWithoutMark { get; init; }

    /// <summary>
    /// Whether the document says Latin-1, whose letters it has, and uses characters that only Windows-1252 has.
    /// </summary>
    public bool HasWindowsCharacters { get; init; }

    /// <summary>The first bytes that are no characters in the encoding used; null when all are.</summary>
    public BrokenBytes? Broken { get; init; }

    /// <summary>
    /// Byte order mark first, then the Content-Type's charset, then the XML declaration, then UTF-8 (RFC 7303 §3).
    /// An unknown name falls through to the next. Sixteen-bit units are told by their first bytes also without a mark
    /// (XML 1.0, appendix F). Bytes said to be UTF-8 that are mostly none
    /// are read as Windows-1252, which is what such feeds are; single ones that do not fit become replacement
    /// characters.
    /// </summary>
    public static DecodedFeed From(ReadOnlySpan<byte> bytes, string? contentType)
    {
        var served = CharsetOf(contentType);
        var (marked, skip) = ByteOrderMark(bytes);
        var body = bytes[skip..];
        var wide = marked is null ? Wide(body) : null;
        var declared = DeclaredIn(body, marked ?? wide);
        var encoding = marked ?? wide ?? Find(served) ?? FindForBytes(declared) ?? new UTF8Encoding(false);
        var isMislabelled =
            (encoding is UTF8Encoding && marked is null && IsRatherSingleBytes(body))
            || (IsAscii(served ?? declared) && body.ContainsAnyExceptInRange((byte)0, (byte)0x7F));
        if (isMislabelled)
            encoding = Find("windows-1252")!;
        return new DecodedFeed(encoding.GetString(body), encoding.WebName, declared, served)
        {
            IsMislabelled = isMislabelled,
            Marked = marked?.WebName,
            IsWideWithoutMark = wide is not null,
            HasWindowsCharacters =
                !isMislabelled && IsLatin(served ?? declared) && body.ContainsAnyInRange((byte)0x80, (byte)0x9F),
            Broken = isMislabelled ? null : BrokenBytes.In(body, encoding),
        };
    }

    private static (Encoding? Encoding, int Length) ByteOrderMark(ReadOnlySpan<byte> bytes)
    {
        if (bytes.StartsWith<byte>([0xEF, 0xBB, 0xBF]))
            return (new UTF8Encoding(false), 3);
        if (bytes.StartsWith<byte>([0xFF, 0xFE, 0x00, 0x00]))
            return (System.Text.Encoding.UTF32, 4);
        if (bytes.StartsWith<byte>([0x00, 0x00, 0xFE, 0xFF]))
            return (new UTF32Encoding(bigEndian: true, byteOrderMark: false), 4);
        if (bytes.StartsWith<byte>([0xFF, 0xFE]))
            return (System.Text.Encoding.Unicode, 2);
        if (bytes.StartsWith<byte>([0xFE, 0xFF]))
            return (System.Text.Encoding.BigEndianUnicode, 2);
        return (null, 0);
    }

    // A bracket, a brace or white space as the first character, and zeros about it (XML 1.0, appendix F; RFC 4627 §3).
    private static Encoding? Wide(ReadOnlySpan<byte> body)
    {
        if (body.Length < 4)
            return null;
        return (body[0], body[1], body[2], body[3]) switch
        {
            (not 0, 0, 0, 0) => System.Text.Encoding.UTF32,
            (0, 0, 0, not 0) => new UTF32Encoding(bigEndian: true, byteOrderMark: false),
            (not 0, 0, not 0, 0) => System.Text.Encoding.Unicode,
            (0, not 0, 0, not 0) => System.Text.Encoding.BigEndianUnicode,
            _ => null,
        };
    }

    private static bool IsLatin(string? name) =>
        name is not null
        && (EncodingNames.Registered(name) ?? name).ToLowerInvariant()
            is "iso-8859-1"
                or "latin1"
                or "l1"
                or "iso_8859-1";

    private static bool IsAscii(string? name) =>
        name?.ToLowerInvariant() is "us-ascii" or "ascii" or "iso646-us" or "ansi_x3.4-1968";

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
            var state = System.Text.Rune.DecodeFromUtf8(body, out _, out var length);
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
        var head = (known ?? System.Text.Encoding.Latin1).GetString(start).TrimStart();
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
        return name is not null && IsWideName(name) ? null : Find(name);
    }

    /// <summary>True for a name of an encoding whose characters are all two or four bytes wide.</summary>
    internal static bool IsWideName(string name) =>
        name.StartsWith("utf-16", StringComparison.OrdinalIgnoreCase)
        || name.StartsWith("utf-32", StringComparison.OrdinalIgnoreCase)
        || name.StartsWith("utf16", StringComparison.OrdinalIgnoreCase)
        || name.Contains("ucs-", StringComparison.OrdinalIgnoreCase);

    /// <summary>True for a name that stands for an encoding.</summary>
    internal static bool IsKnown(string name) => Find(name) is not null;

    private static Encoding? Find(string? name)
    {
        if (name is null)
            return null;
        name = EncodingNames.Registered(name) ?? name;
        // Like browsers (the Encoding Standard), Latin-1 is read as its superset Windows-1252.
        if (
            name.Equals("iso-8859-1", StringComparison.OrdinalIgnoreCase)
            || name.Equals("us-ascii", StringComparison.OrdinalIgnoreCase)
            || name.Equals("latin1", StringComparison.OrdinalIgnoreCase)
        )
            name = "windows-1252";
        try
        {
            return System.Text.Encoding.GetEncoding(name);
        }
        catch (Exception unknown) when (unknown is ArgumentException or NotSupportedException)
        {
            return null;
        }
    }
}
