namespace Antiphon.Core.Comments.Threads;

/// <summary>
/// How sure it is that readers like a comment: the lower bound of the Wilson score interval for the share of votes up.
/// </summary>
public static class WilsonBound
{
    // Two-sided 95 %.
    private const double Z = 1.959_963_984_540_054;

    /// <summary>
    /// The share of votes up that is exceeded with 97.5 % confidence, from 0 to 1; 0 without votes. Two of two stand
    /// below ninety of a hundred, as two votes may be chance.
    /// </summary>
    public static double Of(int up, int down)
    {
        // Without votes up it is zero, however many are against; the formula would say so only nearly.
        if (up <= 0)
            return 0;
        double votes = up + down;
        var share = up / votes;
        return Math.Max(
            0,
            (share + (Z * Z / (2 * votes)) - (Z * Math.Sqrt(((share * (1 - share)) + (Z * Z / (4 * votes))) / votes)))
                / (1 + (Z * Z / votes))
        );
    }
}
