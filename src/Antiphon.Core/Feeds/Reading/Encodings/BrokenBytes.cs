using System.Text;

namespace Antiphon.Core.Feeds.Reading.Encodings;

/// <summary>The first bytes of a document that are no characters in its encoding.</summary>
/// <param name="At">Where the sign for them stands in the text that was made of the bytes.</param>
/// <param name="Bytes">The bytes in hexadecimal digits.</param>
public sealed record BrokenBytes(int At, string Bytes)
{
    /// <summary>Finds them, or null when every byte fits.</summary>
    internal static BrokenBytes? In(ReadOnlySpan<byte> body, Encoding encoding)
    {
        var strict = Encoding.GetEncoding(
            encoding.CodePage,
            EncoderFallback.ReplacementFallback,
            DecoderFallback.ExceptionFallback
        );
        try
        {
            strict.GetCharCount(body);
            return null;
        }
        catch (DecoderFallbackException broken)
        {
            var index = Math.Clamp(broken.Index, 0, body.Length);
            return new BrokenBytes(
                encoding.GetCharCount(body[..index]),
                Convert.ToHexString(broken.BytesUnknown ?? [])
            );
        }
    }
}
