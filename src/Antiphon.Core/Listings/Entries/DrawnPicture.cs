using System.Globalization;
using System.Text;

namespace Antiphon.Core.Listings.Entries;

/// <summary>
/// A picture for a post that has none: rings and dots from its title, in the colour of the text around it.
/// </summary>
public static class DrawnPicture
{
    private const ulong Prime = 1099511628211;

    /// <summary>SVG of 4 to 3 that fills its place; the same title always gives the same picture.</summary>
    public static string Svg(string title)
    {
        var seed = title.Aggregate(14695981039346656037, (hash, c) => (hash ^ c) * Prime);
        int Next(int bound)
        {
            seed = (seed ^ (seed >> 29)) * Prime;
            return (int)(seed % (ulong)bound);
        }

        var svg = new StringBuilder(
            "<svg class=\"antiphon-picture\" part=\"picture\" viewBox=\"0 0 400 300\" preserveAspectRatio=\"xMidYMid slice\" aria-hidden=\"true\" fill=\"none\" stroke=\"currentColor\">"
        );
        svg.Append("<rect width=\"400\" height=\"300\" fill=\"currentColor\" fill-opacity=\".08\" stroke=\"none\"/>");
        var (x, y) = (60 + Next(280), 60 + Next(180));
        for (var ring = 0; ring < 5; ring++)
            svg.Append(
                CultureInfo.InvariantCulture,
                $"<circle cx=\"{x}\" cy=\"{y}\" r=\"{24 + (ring * (26 + Next(14)))}\" stroke-opacity=\".{15 + (Next(4) * 9)}\" stroke-width=\"{1 + Next(3)}\"/>"
            );
        for (var dot = 0; dot < 14; dot++)
            svg.Append(
                CultureInfo.InvariantCulture,
                $"<circle cx=\"{Next(400)}\" cy=\"{Next(300)}\" r=\"{1 + Next(3)}\" fill=\"currentColor\" fill-opacity=\".45\" stroke=\"none\"/>"
            );
        return svg.Append("</svg>").ToString();
    }
}
