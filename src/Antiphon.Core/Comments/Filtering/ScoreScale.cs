namespace Antiphon.Core.Comments.Filtering;

/// <summary>Makes a score between 0 and 1 of what speaks for and against, which may be of any size.</summary>
internal static class ScoreScale
{
    // Farther out the logistic curve is flat to the last digit of a double; the scale bends before that, so that scores
    // keep their order.
    private const double Bend = 16;

    /// <summary>The score: near 1 for spam, never 0 or 1 themselves.</summary>
    public static double Of(double leaning) => 1 / (1 + Math.Exp(-leaning / (1 + (Math.Abs(leaning) / Bend))));
}
