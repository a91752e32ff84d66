using Antiphon.Core.Feeds.Reading.Encodings;

namespace Antiphon.Core.Feeds.Reading;

/// <summary>The bytes of a feed made into text.</summary>
/// <param name="Text">The text, without byte order mark.</param>
/// <param name="Encoding">Name of the encoding used.</param>
/// <param name="Declared">Encoding named by the XML declaration, or null.</param>
/// <param name="Served">Charset named by the Content-Type, or null.</param>
public sealed record DecodedFeed(string Text, string Encoding, string? Declared, string? Served)
{
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

    /// <summary>All the bytes as text, in the encoding <see cref="ChosenEncoding"/> takes for them.</summary>
    public static DecodedFeed From(ReadOnlySpan<byte> bytes, string? contentType)
    {
        var chosen = ChosenEncoding.For(bytes, contentType);
        var body = bytes[chosen.Skip..];
        return new DecodedFeed(chosen.Encoding.GetString(body), chosen.Encoding.WebName, chosen.Declared, chosen.Served)
        {
            IsMislabelled = chosen.IsMislabelled,
            Marked = chosen.Skip > 0 ? chosen.Encoding.WebName : null,
            IsWideWithoutMark = chosen.IsWideWithoutMark,
            HasWindowsCharacters =
                !chosen.IsMislabelled
                && EncodingNames.IsLatin(chosen.Served ?? chosen.Declared)
                && body.ContainsAnyInRange((byte)0x80, (byte)0x9F),
            Broken = chosen.IsMislabelled ? null : BrokenBytes.In(body, chosen.Encoding),
        };
    }
}
