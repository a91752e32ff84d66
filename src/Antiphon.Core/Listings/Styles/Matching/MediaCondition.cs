using System.Globalization;
using System.Text.RegularExpressions;

namespace Antiphon.Core.Listings.Styles.Matching;

/// <summary>Tells which media conditions hold on a light desktop screen, which is what a look is taken from.</summary>
internal static partial class MediaCondition
{
    private const double DesktopWidth = 1280;
    private const double PixelsPerEm = 16;

    /// <summary>True when the condition holds; one that is not understood is taken to.</summary>
    public static bool FitsDesktop(string condition)
    {
        if (condition.Trim().Length == 0)
            return true;
        return condition.Split(',').Any(FitsOne);
    }

    private static bool FitsOne(string query)
    {
        if (
            query.Contains("print", StringComparison.OrdinalIgnoreCase)
            || query.Contains("speech", StringComparison.OrdinalIgnoreCase)
        )
            return false;
        if (Dark().IsMatch(query))
            return false;
        return Widths()
            .Matches(query)
            .All(match =>
            {
                var width =
                    double.Parse(match.Groups[2].Value, CultureInfo.InvariantCulture)
                    * (match.Groups[3].Value.Equals("px", StringComparison.OrdinalIgnoreCase) ? 1 : PixelsPerEm);
                return match.Groups[1].Value.Equals("min", StringComparison.OrdinalIgnoreCase)
                    ? width <= DesktopWidth
                    : width >= DesktopWidth;
            });
    }

    [GeneratedRegex(@"prefers-color-scheme\s*:\s*dark", RegexOptions.IgnoreCase)]
    private static partial Regex Dark();

    [GeneratedRegex(@"(min|max)-width\s*:\s*([0-9.]+)(px|r?em)", RegexOptions.IgnoreCase)]
    private static partial Regex Widths();
}
