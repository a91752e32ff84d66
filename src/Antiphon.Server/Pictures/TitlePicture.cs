using SkiaSharp;

namespace Antiphon.Server.Pictures;

/// <summary>
/// Draws a picture for a post that has none: a ground, rings and points whose places come from its title, in two
/// colours of the site.
/// </summary>
internal static class TitlePicture
{
    private const int Width = 1600;
    private const int Height = 1000;
    private const ulong Prime = 1099511628211;

    /// <summary>A PNG; the same title and colours always give the same picture.</summary>
    /// <param name="title">The title.</param>
    /// <param name="ground">Colour of the ground, as #rrggbb.</param>
    /// <param name="mark">Colour of what is drawn on it.</param>
    public static byte[] Draw(string title, string ground, string mark)
    {
        var seed = title.Aggregate(14695981039346656037, (hash, c) => (hash ^ c) * Prime);
        int Next(int bound) => (int)((seed = (seed ^ (seed >> 29)) * Prime) % (ulong)bound);
        using var bitmap = new SKBitmap(Width, Height);
        using var canvas = new SKCanvas(bitmap);
        canvas.Clear(SKColor.Parse(ground));
        using var paint = new SKPaint
        {
            IsAntialias = true,
            Color = SKColor.Parse(mark),
            Style = SKPaintStyle.Stroke,
        };
        var (x, y) = (Next(Width), Height / 4 + Next(Height / 2));
        for (var ring = 0; ring < 9; ring++)
        {
            paint.StrokeWidth = 2 + Next(10);
            paint.Color = paint.Color.WithAlpha((byte)(40 + Next(120)));
            canvas.DrawArc(
                SKRect.Create(
                    x - (90 + (ring * 78)),
                    y - (90 + (ring * 78)),
                    2 * (90 + (ring * 78)),
                    2 * (90 + (ring * 78))
                ),
                Next(360),
                90 + Next(250),
                false,
                paint
            );
        }

        paint.Style = SKPaintStyle.Fill;
        for (var point = 0; point < 90; point++)
        {
            paint.Color = paint.Color.WithAlpha((byte)(60 + Next(180)));
            canvas.DrawCircle(Next(Width), Next(Height), 1 + Next(6), paint);
        }

        using var encoded = bitmap.Encode(SKEncodedImageFormat.Png, 100);
        return encoded.ToArray();
    }
}
