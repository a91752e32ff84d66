using System.IO.Compression;

namespace Antiphon.Server.Outgoing;

/// <summary>Answers are decompressed here rather than by the handler, which would hide how they were sent.</summary>
internal static class Decompression
{
    /// <summary>What is asked for.</summary>
    public const string Accepted = "gzip, br, deflate";

    /// <summary>
    /// The body without the encodings named, the last applied taken off first (RFC 9110 §8.4); an unknown encoding is
    /// left as it is.
    /// </summary>
    public static Stream Of(Stream body, string? contentEncoding)
    {
        foreach (
            var encoding in (contentEncoding ?? string.Empty)
                .Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)
                .Reverse()
        )
        {
            body = encoding.ToLowerInvariant() switch
            {
                "gzip" or "x-gzip" => new GZipStream(body, CompressionMode.Decompress),
                "br" => new BrotliStream(body, CompressionMode.Decompress),
                "deflate" => new ZLibStream(body, CompressionMode.Decompress),
                _ => body,
            };
        }

        return body;
    }
}
