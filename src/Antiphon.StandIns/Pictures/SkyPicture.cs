using System.Globalization;
using System.Text;

namespace Antiphon.StandIns.Pictures;

/// <summary>
/// Draws pictures for the scenario: star fields, moon phases, star trails, meteors, planets, fog, brass instruments.
/// The same kind and seed give the same picture.
/// </summary>
public static class SkyPicture
{
    private const int Width = 800;
    private const int Height = 500;
    private static readonly string[] Nights = ["#0f1830", "#101a36", "#22345e", "#2c2338", "#12262b", "#1b1a33"];

    /// <summary>An SVG document. Unknown kinds give a star field.</summary>
    public static string Draw(string kind, int seed)
    {
        var random = new Random(HashOf(kind) ^ seed);
        var body = kind switch
        {
            "trails" => Trails(random),
            "moon" => Moon(random, seed),
            "meteors" => Meteors(random),
            "saturn" => Ringed(random),
            "fog" => Fog(random),
            "brass" => Brass(random),
            "gears" => Gears(random),
            _ => string.Empty,
        };
        var sky = Nights[random.Next(Nights.Length)];
        var stars = kind is "brass" or "gears" ? string.Empty : Stars(random, kind == "stars" ? 220 : 70);
        var ground = kind is "brass" or "gears" ? string.Empty : Hill(random);
        var paper = kind is "brass" or "gears" ? "#e9dfc8" : sky;
        return $"<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {Width} {Height}\" width=\"{Width}\" height=\"{Height}\"><rect width=\"{Width}\" height=\"{Height}\" fill=\"{paper}\"/>{stars}{body}{ground}</svg>";
    }

    // string.GetHashCode differs from start to start; pictures must not.
    private static int HashOf(string text) => text.Aggregate(17, (hash, c) => unchecked((hash * 31) + c));

    private static string N(double number) => number.ToString("0.#", CultureInfo.InvariantCulture);

    private static string Stars(Random random, int count)
    {
        var stars = new StringBuilder("<g fill=\"#eef1ff\">");
        for (var i = 0; i < count; i++)
        {
            stars
                .Append("<circle cx=\"")
                .Append(N(random.NextDouble() * Width))
                .Append("\" cy=\"")
                .Append(N(random.NextDouble() * Height))
                .Append("\" r=\"")
                .Append(N(0.5 + (random.NextDouble() * 1.6)))
                .Append("\" opacity=\"")
                .Append((0.35 + (random.NextDouble() * 0.65)).ToString("0.##", CultureInfo.InvariantCulture))
                .Append("\"/>");
        }

        return stars.Append("</g>").ToString();
    }

    private static string Hill(Random random)
    {
        var left = 400 + random.Next(50);
        var right = 400 + random.Next(50);
        return $"<path d=\"M0 {Height}V{left}C200 {left - 60} 320 {right + 40} 480 {right - 10}S700 {right - 50} {Width} {right}V{Height}z\" fill=\"#070c18\"/>";
    }

    private static string Trails(Random random)
    {
        var arcs = new StringBuilder("<g fill=\"none\" stroke=\"#cfd8f5\" stroke-width=\"1.6\" opacity=\".85\">");
        var (x, y) = (320 + random.Next(160), 250 + random.Next(80));
        for (var radius = 26; radius < 460; radius += 13)
        {
            var start = random.NextDouble() * Math.PI * 2;
            var sweep = 0.35 + (random.NextDouble() * 0.5);
            arcs.Append("<path d=\"M")
                .Append(N(x + (radius * Math.Cos(start))))
                .Append(' ')
                .Append(N(y + (radius * Math.Sin(start))))
                .Append('A')
                .Append(radius)
                .Append(' ')
                .Append(radius)
                .Append(" 0 0 1 ")
                .Append(N(x + (radius * Math.Cos(start + sweep))))
                .Append(' ')
                .Append(N(y + (radius * Math.Sin(start + sweep))))
                .Append("\"/>");
        }

        return arcs.Append("</g>").ToString();
    }

    private static string Moon(Random random, int seed)
    {
        var (x, y, r) = (300 + random.Next(200), 170 + random.Next(60), 95 + random.Next(40));
        var shift = (seed % 7 * r / 4) - (r / 2);
        return $"<defs><mask id=\"m\"><circle cx=\"{x}\" cy=\"{y}\" r=\"{r}\" fill=\"#fff\"/><circle cx=\"{x + shift + (r / 2)}\" cy=\"{y - (r / 6)}\" r=\"{r}\" fill=\"#000\"/></mask></defs><circle cx=\"{x}\" cy=\"{y}\" r=\"{r}\" fill=\"#f1e9d2\" opacity=\".1\"/><circle cx=\"{x}\" cy=\"{y}\" r=\"{r}\" fill=\"#f1e9d2\" mask=\"url(#m)\"/>";
    }

    private static string Meteors(Random random)
    {
        var lines = new StringBuilder("<g stroke=\"#dfe6ff\" stroke-width=\"2.4\" stroke-linecap=\"round\">");
        for (var i = 0; i < 9; i++)
        {
            var (x, y, length) = (60 + random.Next(640), 40 + random.Next(280), 60 + random.Next(130));
            lines.Append(
                CultureInfo.InvariantCulture,
                $"<path d=\"M{x} {y}l{length} {-length * 7 / 10}\" opacity=\"{N(0.4 + (random.NextDouble() * 0.6))}\"/>"
            );
        }

        return lines.Append("</g>").ToString();
    }

    private static string Ringed(Random random)
    {
        var (x, y, tilt) = (330 + random.Next(140), 190 + random.Next(50), -10 - random.Next(20));
        return $"<g transform=\"rotate({tilt} {x} {y})\"><circle cx=\"{x}\" cy=\"{y}\" r=\"72\" fill=\"#e3c58e\"/><path d=\"M{x - 71} {y - 12}h142\" stroke=\"#cda96a\" stroke-width=\"9\"/><ellipse cx=\"{x}\" cy=\"{y}\" rx=\"158\" ry=\"36\" fill=\"none\" stroke=\"#e3c58e\" stroke-width=\"13\"/></g>";
    }

    private static string Fog(Random random)
    {
        var bands = new StringBuilder("<g fill=\"#c9d0d6\">");
        for (var i = 0; i < 6; i++)
            bands.Append(
                CultureInfo.InvariantCulture,
                $"<rect x=\"-20\" y=\"{210 + (i * 38) + random.Next(14)}\" width=\"860\" height=\"{16 + random.Next(26)}\" rx=\"14\" opacity=\".{12 + (i * 5)}\"/>"
            );
        return bands.Append("</g>").ToString();
    }

    private static string Brass(Random random)
    {
        var (x, y) = (400, 250);
        var circles = new StringBuilder("<g fill=\"none\" stroke=\"#8a6a1f\">");
        for (var r = 210; r > 30; r -= 24 + random.Next(18))
            circles.Append(
                CultureInfo.InvariantCulture,
                $"<circle cx=\"{x}\" cy=\"{y}\" r=\"{r}\" stroke-width=\"{2 + random.Next(7)}\"/>"
            );
        for (var i = 0; i < 36; i++)
        {
            var angle = i * Math.PI / 18;
            circles
                .Append("<path stroke-width=\"2\" d=\"M")
                .Append(N(x + (184 * Math.Cos(angle))))
                .Append(' ')
                .Append(N(y + (184 * Math.Sin(angle))))
                .Append('L')
                .Append(N(x + (206 * Math.Cos(angle))))
                .Append(' ')
                .Append(N(y + (206 * Math.Sin(angle))))
                .Append("\"/>");
        }

        var turn = random.Next(180);
        return circles
            .Append(
                CultureInfo.InvariantCulture,
                $"<path d=\"M{x - 190} {y}h380\" stroke=\"#5f4712\" stroke-width=\"12\" transform=\"rotate({turn} {x} {y})\"/></g>"
            )
            .ToString();
    }

    private static string Gears(Random random)
    {
        var wheels = new StringBuilder("<g fill=\"none\" stroke=\"#8a6a1f\" stroke-width=\"12\">");
        for (var i = 0; i < 4; i++)
        {
            var (x, y, r) = (130 + (i * 175), 190 + random.Next(130), 52 + random.Next(50));
            wheels.Append(
                CultureInfo.InvariantCulture,
                $"<circle cx=\"{x}\" cy=\"{y}\" r=\"{r}\"/><circle cx=\"{x}\" cy=\"{y}\" r=\"{r + 13}\" stroke-width=\"14\" stroke-dasharray=\"13 11\"/><circle cx=\"{x}\" cy=\"{y}\" r=\"10\" fill=\"#8a6a1f\"/>"
            );
        }

        return wheels.Append("</g>").ToString();
    }
}
