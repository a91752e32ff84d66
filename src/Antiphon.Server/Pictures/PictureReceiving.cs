using System.Text;
using Antiphon.Core.Pictures;
using Microsoft.Extensions.Options;
using SkiaSharp;

namespace Antiphon.Server.Pictures;

/// <summary>
/// Examines what was sent as a picture. The content decides, not its name; what cameras and phones write into files
/// (place, owner, time) is left behind.
/// </summary>
internal sealed class PictureReceiving(IOptions<PictureOptions> options)
{
    private const int Quality = 90;

    /// <summary>The picture, or in plain words why it is refused.</summary>
    public (ReceivedPicture? Picture, string? Problem) Read(byte[] bytes)
    {
        if (bytes.Length > options.Value.MaxBytes)
            return (
                null,
                $"The file is too large ({bytes.Length / 1_000_000.0:0.#} MB; maximum {options.Value.MaxBytes / 1_000_000} MB). Make it smaller and upload it again."
            );
        return PictureSignature.TypeOf(bytes) switch
        {
            null => (null, "Unsupported format. Upload JPEG, PNG, WebP, GIF or SVG."),
            PictureType.Svg => ReadSvg(bytes),
            var type => ReadPixels(bytes, type.Value),
        };
    }

    private static (ReceivedPicture?, string?) ReadSvg(byte[] bytes)
    {
        var clean = SvgCleaner.Clean(Encoding.UTF8.GetString(bytes).TrimStart('\uFEFF'));
        return clean is null
            ? (
                null,
                "This SVG cannot be made safe, or does not say how large it is. Save it as “plain SVG” with width and height, or send it as PNG."
            )
            : (
                new ReceivedPicture(PictureType.Svg, Encoding.UTF8.GetBytes(clean.Text), clean.Width, clean.Height),
                null
            );
    }

    private (ReceivedPicture?, string?) ReadPixels(byte[] bytes, PictureType type)
    {
        // The size stands at the start of a file; nothing is unpacked before it is known.
        using var data = SKData.CreateCopy(bytes);
        using var codec = SKCodec.Create(data);
        if (codec is null)
            return (
                null,
                "The file says it is a picture but cannot be read. Open it in a picture program, save it again and send it."
            );
        var pixels = (long)codec.Info.Width * codec.Info.Height;
        if (pixels == 0 || pixels > options.Value.MaxPixels)
            return (
                null,
                $"The picture has {codec.Info.Width:N0} by {codec.Info.Height:N0} pixels; the most taken is {options.Value.MaxPixels / 1_000_000} million in all. Make it smaller and send it again."
            );
        using var bitmap = new SKBitmap(
            new SKImageInfo(codec.Info.Width, codec.Info.Height, SKColorType.Rgba8888, SKAlphaType.Premul)
        );
        if (
            codec.GetPixels(bitmap.Info, bitmap.GetPixels())
            is not (SKCodecResult.Success or SKCodecResult.IncompleteInput)
        )
            return (null, "The picture is damaged. Open it in a picture program, save it again and send it.");
        using var upright = Upright(bitmap, codec.EncodedOrigin);
        var kept =
            type == PictureType.Jpeg ? PictureType.Jpeg
            : type == PictureType.Webp ? PictureType.Webp
            : PictureType.Png;
        using var encoded = upright.Encode(FormatOf(kept), Quality);
        return (new ReceivedPicture(kept, encoded.ToArray(), upright.Width, upright.Height), null);
    }

    private static SKEncodedImageFormat FormatOf(PictureType type) =>
        type switch
        {
            PictureType.Jpeg => SKEncodedImageFormat.Jpeg,
            PictureType.Webp => SKEncodedImageFormat.Webp,
            _ => SKEncodedImageFormat.Png,
        };

    /// <summary>
    /// The picture as it was meant to be seen; cameras note how they were held instead of turning the pixels (Exif
    /// 2.32, tag 0x0112).
    /// </summary>
    private static SKBitmap Upright(SKBitmap bitmap, SKEncodedOrigin origin)
    {
        var (isSideways, width, height) = (origin >= SKEncodedOrigin.LeftTop, bitmap.Width, bitmap.Height);
        var upright = new SKBitmap(
            isSideways ? height : width,
            isSideways ? width : height,
            SKColorType.Rgba8888,
            SKAlphaType.Premul
        );
        using var canvas = new SKCanvas(upright);
        var matrix = origin switch
        {
            SKEncodedOrigin.TopRight => new SKMatrix(-1, 0, width, 0, 1, 0, 0, 0, 1),
            SKEncodedOrigin.BottomRight => new SKMatrix(-1, 0, width, 0, -1, height, 0, 0, 1),
            SKEncodedOrigin.BottomLeft => new SKMatrix(1, 0, 0, 0, -1, height, 0, 0, 1),
            SKEncodedOrigin.LeftTop => new SKMatrix(0, 1, 0, 1, 0, 0, 0, 0, 1),
            SKEncodedOrigin.RightTop => new SKMatrix(0, -1, height, 1, 0, 0, 0, 0, 1),
            SKEncodedOrigin.RightBottom => new SKMatrix(0, -1, height, -1, 0, width, 0, 0, 1),
            SKEncodedOrigin.LeftBottom => new SKMatrix(0, 1, 0, -1, 0, width, 0, 0, 1),
            _ => SKMatrix.Identity,
        };
        canvas.SetMatrix(matrix);
        canvas.DrawBitmap(bitmap, 0, 0, SKSamplingOptions.Default);
        return upright;
    }
}
