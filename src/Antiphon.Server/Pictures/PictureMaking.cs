using Antiphon.Core.Pictures;
using Antiphon.Data.Pictures;
using Antiphon.Server.Platform.Limits;
using Microsoft.Extensions.Options;
using SkiaSharp;

namespace Antiphon.Server.Pictures;

/// <summary>Makes the forms in which a picture is served.</summary>
internal sealed class PictureMaking(PictureFiles files, IOptions<PictureOptions> options) : IDisposable
{
    private const int WebpQuality = 80;
    private const int CardQuality = 85;

    // Unpacked pictures are large; a few at a time keep the memory of a small server in bounds.
    private readonly SemaphoreSlim _atOnce = new(options.Value.MadeAtOnce);
    private readonly SenderLine _line = new(options.Value.WaitingOfSender, options.Value.Waiting);

    /// <summary>
    /// The same for somebody who asks from outside; a form that is made already costs nothing, and of those to be made
    /// not everything can be asked for at once.
    /// </summary>
    /// <exception cref="BadHttpRequestException">Too much is asked for at once.</exception>
    public async Task<string> FileAsync(Picture picture, PictureVariant variant, HttpContext asked)
    {
        if (files.Made(picture, variant) is { } made)
            return made;
        using var place = _line.EnterOrRefuse(asked);
        return await FileAsync(picture, variant, asked.RequestAborted);
    }

    /// <summary>Path of the file to serve, made when it is asked for the first time.</summary>
    public async Task<string> FileAsync(Picture picture, PictureVariant variant, CancellationToken cancellation)
    {
        if (files.Made(picture, variant) is { } made)
            return made;
        await _atOnce.WaitAsync(cancellation);
        try
        {
            return files.Made(picture, variant)
                ?? await files.KeepAsync(
                    picture,
                    variant,
                    Make(await files.ReadAsync(picture, cancellation), picture, variant),
                    cancellation
                );
        }
        finally
        {
            _atOnce.Release();
        }
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        _atOnce.Dispose();
        _line.Dispose();
    }

    private static byte[] Make(byte[] received, Picture picture, PictureVariant variant)
    {
        using var whole = SKBitmap.Decode(received);
        using var shown = Edited(whole, picture.Edit);
        var part = variant.IsCard
            ? CropBox.Around(
                shown.Width,
                shown.Height,
                PictureVariant.CardWidth,
                PictureVariant.CardHeight,
                variant.FocusX,
                variant.FocusY
            )
            : new CropBox(0, 0, shown.Width, shown.Height);
        var width = Math.Min(variant.Width, part.Width);
        var height = Math.Max(1, (int)Math.Round((double)part.Height * width / part.Width));
        using var drawn = Drawn(shown, part, width, height, variant.IsCard ? SKColors.White : SKColors.Transparent);
        using var encoded = drawn.Encode(
            variant.IsCard ? SKEncodedImageFormat.Jpeg : SKEncodedImageFormat.Webp,
            variant.IsCard ? CardQuality : WebpQuality
        );
        return encoded.ToArray();
    }

    private static SKBitmap Edited(SKBitmap whole, PictureEdit edit)
    {
        var (width, height) = edit.Turned(whole.Width, whole.Height);
        var part = edit.Part(whole.Width, whole.Height);
        var result = new SKBitmap(part.Width, part.Height, SKColorType.Rgba8888, SKAlphaType.Premul);
        using var canvas = new SKCanvas(result);
        canvas.Translate(-part.Left, -part.Top);
        canvas.Translate(width / 2f, height / 2f);
        canvas.RotateDegrees(90 * edit.QuarterTurns);
        canvas.Translate(-whole.Width / 2f, -whole.Height / 2f);
        canvas.DrawBitmap(whole, 0, 0, SKSamplingOptions.Default);
        return result;
    }

    private static SKBitmap Drawn(SKBitmap from, CropBox part, int width, int height, SKColor behind)
    {
        var result = new SKBitmap(width, height, SKColorType.Rgba8888, SKAlphaType.Premul);
        using var canvas = new SKCanvas(result);
        canvas.Clear(behind);
        using var image = SKImage.FromBitmap(from);
        canvas.DrawImage(
            image,
            SKRect.Create(part.Left, part.Top, part.Width, part.Height),
            SKRect.Create(0, 0, width, height),
            new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear)
        );
        return result;
    }
}
