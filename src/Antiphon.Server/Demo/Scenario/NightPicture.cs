using SkiaSharp;

namespace Antiphon.Server.Demo.Scenario;

/// <summary>
/// Draws the pictures of the scenario's library: night skies over a moor, with a moon, star trails, meteors or a dome.
/// The same kind and number give the same picture.
/// </summary>
internal static class NightPicture
{
    private const int Width = 1800;
    private const int Height = 1200;
    private static readonly string[] Nights = ["#0f1830", "#1a2547", "#2c2338", "#12262b", "#241a2e"];

    /// <summary>A JPEG. Kinds are stars, moon, trails, meteors and dome.</summary>
    public static byte[] Draw(string kind, int number)
    {
        var random = new Random((kind.Sum(c => c) * 31) + number);
        using var bitmap = new SKBitmap(Width, Height);
        using var canvas = new SKCanvas(bitmap);
        using var paint = new SKPaint { IsAntialias = true };
        var night = SKColor.Parse(Nights[number % Nights.Length]);
        paint.Shader = SKShader.CreateLinearGradient(
            new SKPoint(0, 0),
            new SKPoint(0, Height),
            [night, Mixed(night, SKColor.Parse("#b9784f"), 0.35f)],
            SKShaderTileMode.Clamp
        );
        canvas.DrawRect(0, 0, Width, Height, paint);
        paint.Shader = null;
        Stars(canvas, paint, random, kind == "trails" ? 60 : 420);
        if (kind == "moon")
            Moon(canvas, paint, random);
        if (kind == "trails")
            Trails(canvas, paint, random);
        if (kind == "meteors")
            Meteors(canvas, paint, random);
        Moor(canvas, paint, random);
        if (kind == "dome")
            Dome(canvas, paint, random);
        using var encoded = bitmap.Encode(SKEncodedImageFormat.Jpeg, 90);
        return encoded.ToArray();
    }

    private static SKColor Mixed(SKColor a, SKColor b, float part) =>
        new(
            (byte)(a.Red + ((b.Red - a.Red) * part)),
            (byte)(a.Green + ((b.Green - a.Green) * part)),
            (byte)(a.Blue + ((b.Blue - a.Blue) * part))
        );

    private static void Stars(SKCanvas canvas, SKPaint paint, Random random, int count)
    {
        for (var star = 0; star < count; star++)
        {
            paint.Color = SKColor.Parse("#eef1ff").WithAlpha((byte)(70 + random.Next(185)));
            canvas.DrawCircle(
                random.Next(Width),
                random.Next(Height * 4 / 5),
                0.8f + (random.NextSingle() * 2.6f),
                paint
            );
        }
    }

    private static void Moon(SKCanvas canvas, SKPaint paint, Random random)
    {
        var (x, y, r) = (500 + random.Next(800), 260 + random.Next(260), 150 + random.Next(70));
        paint.Color = SKColor.Parse("#f3e9cf").WithAlpha(36);
        canvas.DrawCircle(x, y, r * 1.7f, paint);
        paint.Color = SKColor.Parse("#f3e9cf");
        canvas.DrawCircle(x, y, r, paint);
        for (var sea = 0; sea < 9; sea++)
        {
            paint.Color = SKColor.Parse("#c9bb97").WithAlpha(90);
            var (angle, far) = (random.NextDouble() * Math.PI * 2, random.NextDouble() * r * 0.7);
            canvas.DrawCircle(
                (float)(x + (Math.Cos(angle) * far)),
                (float)(y + (Math.Sin(angle) * far)),
                10 + random.Next(r / 5),
                paint
            );
        }
    }

    private static void Trails(SKCanvas canvas, SKPaint paint, Random random)
    {
        paint.Style = SKPaintStyle.Stroke;
        paint.StrokeWidth = 2.5f;
        var (x, y) = (600 + random.Next(600), 420 + random.Next(160));
        for (var r = 40f; r < 1500; r += 16)
        {
            paint.Color = SKColor.Parse("#dfe6ff").WithAlpha((byte)(60 + random.Next(160)));
            canvas.DrawArc(
                SKRect.Create(x - r, y - r, 2 * r, 2 * r),
                random.Next(360),
                25 + random.Next(30),
                false,
                paint
            );
        }

        paint.Style = SKPaintStyle.Fill;
    }

    private static void Meteors(SKCanvas canvas, SKPaint paint, Random random)
    {
        paint.StrokeWidth = 4;
        for (var trail = 0; trail < 11; trail++)
        {
            paint.Color = SKColor.Parse("#f2f4ff").WithAlpha((byte)(110 + random.Next(145)));
            var (x, y, length) = (120 + random.Next(1500), 60 + random.Next(600), 120 + random.Next(260));
            canvas.DrawLine(x, y, x + length, y - (length * 0.6f), paint);
        }
    }

    private static void Moor(SKCanvas canvas, SKPaint paint, Random random)
    {
        foreach (var (height, colour) in new[] { (250, "#101a22"), (170, "#0a1118"), (90, "#06090e") })
        {
            paint.Color = SKColor.Parse(colour);
            using var line = new SKPathBuilder();
            line.MoveTo(0, Height);
            line.LineTo(0, Height - height - random.Next(60));
            line.CubicTo(
                Width * 0.3f,
                Height - height - random.Next(140),
                Width * 0.6f,
                Height - height + random.Next(90),
                Width,
                Height - height - random.Next(80)
            );
            line.LineTo(Width, Height);
            using var path = line.Detach();
            canvas.DrawPath(path, paint);
        }
    }

    private static void Dome(SKCanvas canvas, SKPaint paint, Random random)
    {
        var (x, y, r) = (700 + random.Next(500), Height - 170, 190);
        paint.Color = SKColor.Parse("#d9d2c3");
        canvas.DrawArc(SKRect.Create(x - r, y - r, 2 * r, 2 * r), 180, 180, true, paint);
        canvas.DrawRect(x - r, y - 2, 2 * r, 130, paint);
        paint.Color = SKColor.Parse("#1b2230");
        canvas.DrawRect(x - 28, y - r, 56, r - 20, paint);
        paint.Color = SKColor.Parse("#b0543f");
        canvas.DrawRect(x - 20, y + 40, 40, 88, paint);
    }
}
