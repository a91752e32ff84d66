namespace Antiphon.Core.Pictures;

/// <summary>Tells the type of a picture by how its bytes begin; names and headers may lie.</summary>
public static class PictureSignature
{
    private const int SvgLook = 1024;

    /// <summary>The type, or null when the bytes are no picture that is taken.</summary>
    public static PictureType? TypeOf(ReadOnlySpan<byte> bytes)
    {
        if (IsPng(bytes))
            return PictureType.Png;
        if (bytes.Length > 3 && bytes[0] == 0xFF && bytes[1] == 0xD8 && bytes[2] == 0xFF)
            return PictureType.Jpeg;
        if (bytes.Length > 12 && bytes.StartsWith("RIFF"u8) && bytes[8..12].SequenceEqual("WEBP"u8))
            return PictureType.Webp;
        if (bytes.StartsWith("GIF87a"u8) || bytes.StartsWith("GIF89a"u8))
            return PictureType.Gif;
        return IsSvg(bytes) ? PictureType.Svg : null;
    }

    private static bool IsPng(ReadOnlySpan<byte> bytes) =>
        bytes.Length > 8 && bytes[0] == 0x89 && bytes[1..8].SequenceEqual("PNG\r\n\u001a\n"u8);

    private static bool IsSvg(ReadOnlySpan<byte> bytes)
    {
        var start = bytes[..Math.Min(bytes.Length, SvgLook)];
        if (start.StartsWith("\uFEFF"u8))
            start = start[3..];
        var text = start.TrimStart(" \t\r\n"u8);
        return text.StartsWith("<"u8) && start.IndexOf("<svg"u8) >= 0;
    }
}
