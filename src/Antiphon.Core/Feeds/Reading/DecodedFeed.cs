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
        var declared = DeclaredIn(body);
        var encoding = marked ?? SixteenBit(body) ?? Find(served) ?? FindForBytes(declared) ?? new UTF8Encoding(false);
        if (encoding is UTF8Encoding && marked is null && IsRatherSingleBytes(body))
        {
            var latin = Find("windows-1252")!;
            return new DecodedFeed(latin.GetString(body), latin.WebName, declared, served) { IsMislabelled = true };
        }

        return new DecodedFeed(encoding.GetString(body), encoding.WebName, declared, served);
    }

    private static (Encoding? Encoding, int Length) ByteOrderMark(ReadOnlySpan<byte> bytes)
    {
        if (bytes.StartsWith<byte>([0xEF, 0xBB, 0xBF]))
            return (new UTF8Encoding(false), 3);
        if (bytes.StartsWith<byte>([0xFF, 0xFE]))
            return (System.Text.Encoding.Unicode, 2);
        if (bytes.StartsWith<byte>([0xFE, 0xFF]))
            return (System.Text.Encoding.BigEndianUnicode, 2);
        return (null, 0);
    }

    private static Encoding? SixteenBit(ReadOnlySpan<byte> body)
    {
        if (body.StartsWith<byte>([0x3C, 0x00, 0x3F, 0x00]))
            return System.Text.Encoding.Unicode;
        return body.StartsWith<byte>([0x00, 0x3C, 0x00, 0x3F]) ? System.Text.Encoding.BigEndianUnicode : null;
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
            var state = System.Text.Rune.DecodeFromUtf8(body, out _, out var length);
            if (state == System.Buffers.OperationStatus.Done)
                whole++;
            else
                broken++;
            body = body[Math.Max(1, length)..];
        }

        return broken > whole;
    }

    private static string? CharsetOf(string? contentType)
    {
        var at = contentType?.IndexOf("charset=", StringComparison.OrdinalIgnoreCase) ?? -1;
        if (at < 0)
            return null;
        var value = contentType![(at + 8)..].Split(';')[0].Trim(' ', '"', '\'');
        return value.Length == 0 ? null : value;
    }

    private static string? DeclaredIn(ReadOnlySpan<byte> body)
    {
        var head = System.Text.Encoding.Latin1.GetString(body[..Math.Min(200, body.Length)]);
        if (!head.StartsWith("<?xml", StringComparison.Ordinal))
            return null;
        var end = head.IndexOf("?>", StringComparison.Ordinal);
        var at = head.IndexOf("encoding", StringComparison.Ordinal);
        if (at < 0 || end < at)
            return null;
        var value = head[(at + 8)..end].TrimStart(' ', '=');
        if (value.Length < 2 || value[0] is not ('"' or '\''))
            return null;
        var close = value.IndexOf(value[0], 1);
        return close > 1 ? value[1..close] : null;
    }

    private static Encoding? FindForBytes(string? name)
    {
        // A declaration that was read as single bytes cannot be telling the truth about sixteen-bit units.
        return name is not null && name.StartsWith("utf-16", StringComparison.OrdinalIgnoreCase) ? null : Find(name);
    }

    private static Encoding? Find(string? name)
    {
        if (name is null)
            return null;
        // Like browsers (the Encoding Standard), Latin-1 is read as its superset Windows-1252.
        if (
            name.Equals("iso-8859-1", StringComparison.OrdinalIgnoreCase)
            || name.Equals("us-ascii", StringComparison.OrdinalIgnoreCase)
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
