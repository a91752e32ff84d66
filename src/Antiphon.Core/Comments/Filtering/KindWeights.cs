using Antiphon.Core.Comments.Filtering.Signals;

namespace Antiphon.Core.Comments.Filtering;

/// <summary>
/// How much each kind of signal counts against the others: found by logistic regression over what each kind says, held
/// near a usual value while there are few decisions.
/// </summary>
internal sealed class KindWeights
{
    private const double Usual = 0.35;
    private const double Hold = 20;
    private const int Rounds = 60;

    /// <summary>The weights, by the number of the kind.</summary>
    public double[] Weights { get; } = [.. Enumerable.Repeat(Usual, SignalBuffer.Kinds)];

    /// <summary>What a comment that shows nothing leans to.</summary>
    public double Lean { get; private set; }

    /// <summary>Fits them.</summary>
    /// <param name="sums">For each decision what each kind says, the decision itself left aside.</param>
    /// <param name="isSpam">What was decided.</param>
    public void Fit(double[][] sums, bool[] isSpam)
    {
        for (var round = 0; round < Rounds; round++)
        {
            var (slopes, bends) = (new double[Weights.Length + 1], new double[Weights.Length + 1]);
            for (var number = 0; number < sums.Length; number++)
            {
                var leaning = Lean;
                for (var kind = 0; kind < Weights.Length; kind++)
                    leaning += Weights[kind] * sums[number][kind];
                var likely = 1 / (1 + Math.Exp(-Math.Clamp(leaning, -30, 30)));
                var (mistake, bend) = (likely - (isSpam[number] ? 1 : 0), Math.Max(0.01, likely * (1 - likely)));
                for (var kind = 0; kind < Weights.Length; kind++)
                {
                    slopes[kind] += mistake * sums[number][kind];
                    bends[kind] += bend * sums[number][kind] * sums[number][kind];
                }

                slopes[^1] += mistake;
                bends[^1] += bend;
            }

            // One weight at a time by its own curvature, a part of the way, as the kinds say much the same.
            for (var kind = 0; kind < Weights.Length; kind++)
            {
                var step = (slopes[kind] + (Hold * (Weights[kind] - Usual))) / (bends[kind] + Hold);
                Weights[kind] = Math.Max(0, Weights[kind] - (step / Weights.Length * 2));
            }

            Lean -= slopes[^1] / (bends[^1] + 1);
        }
    }
}
