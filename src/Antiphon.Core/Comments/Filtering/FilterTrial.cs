namespace Antiphon.Core.Comments.Filtering;

/// <summary>
/// How well a filter does on decisions it did not learn from: they are dealt into parts, and each part is scored by a
/// filter that learned from the others.
/// </summary>
/// <param name="Scored">Every decision with its score, in the order given.</param>
public sealed record FilterTrial(IReadOnlyList<ScoredDecision> Scored)
{
    private const int Parts = 4;

    /// <summary>Runs the trial.</summary>
    public static FilterTrial Run(IReadOnlyList<FilterDecision> decisions)
    {
        var scores = new double[decisions.Count];
        for (var part = 0; part < Parts; part++)
        {
            var filter = SpamFilter.Learn([.. decisions.Where((_, number) => number % Parts != part)]);
            Parallel.For(0, (decisions.Count - part + Parts - 1) / Parts, number =>
                scores[(number * Parts) + part] = filter.Score(decisions[(number * Parts) + part].Comment)
            );
        }

        return new FilterTrial([
            .. decisions.Select((decision, number) => new ScoredDecision(decision.IsSpam, scores[number])),
        ]);
    }

    /// <summary>What a pair of thresholds would have done.</summary>
    /// <param name="publish">Comments scored below are published.</param>
    /// <param name="spam">Comments scored at or above are put aside as spam; what lies between waits.</param>
    public FilterOutcome At(double publish, double spam)
    {
        int Count(bool isSpam, Func<double, bool> fits) =>
            Scored.Count(decision => decision.IsSpam == isSpam && fits(decision.Score));
        return new FilterOutcome(
            Count(false, score => score < publish),
            Count(false, score => score >= publish && score < spam),
            Count(false, score => score >= spam),
            Count(true, score => score < publish),
            Count(true, score => score >= publish && score < spam),
            Count(true, score => score >= spam)
        );
    }

    /// <summary>
    /// Area under the ROC curve: how often a spam comment is scored above a genuine one (Mann and Whitney); null
    /// without both.
    /// </summary>
    public double? Area()
    {
        var (spam, good) = (Scored.Count(decision => decision.IsSpam), Scored.Count(decision => !decision.IsSpam));
        if (spam == 0 || good == 0)
            return null;
        var sorted = Scored.OrderBy(decision => decision.Score).ToList();
        var ranks = 0.0;
        for (var start = 0; start < sorted.Count; )
        {
            var end = start;
            while (end < sorted.Count && sorted[end].Score.Equals(sorted[start].Score))
                end++;
            ranks += sorted[start..end].Count(decision => decision.IsSpam) * (start + end + 1) / 2.0;
            start = end;
        }

        return (ranks - (spam * (spam + 1.0) / 2)) / ((double)spam * good);
    }

    /// <summary>
    /// Share of the spam that would be caught when so small a share of the genuine comments were held with it.
    /// </summary>
    public double CaughtAt(double held)
    {
        var good = Scored
            .Where(decision => !decision.IsSpam)
            .Select(decision => decision.Score)
            .OrderDescending()
            .ToList();
        if (good.Count == 0)
            return 1;
        var threshold = good[Math.Min(good.Count - 1, (int)(good.Count * held))];
        var spam = Scored.Where(decision => decision.IsSpam).ToList();
        return spam.Count == 0 ? 0 : (double)spam.Count(decision => decision.Score > threshold) / spam.Count;
    }
}

/// <summary>A decision with the score of a filter that did not know it.</summary>
/// <param name="IsSpam">What was decided.</param>
/// <param name="Score">What the filter said.</param>
public readonly record struct ScoredDecision(bool IsSpam, double Score);

/// <summary>Where thresholds would have sent comments.</summary>
/// <param name="GoodPublished">Genuine and published.</param>
/// <param name="GoodWaiting">Genuine, and left to a person.</param>
/// <param name="GoodAsSpam">Genuine, and put aside: what must not happen.</param>
/// <param name="SpamPublished">Spam that would have been public.</param>
/// <param name="SpamWaiting">Spam left to a person.</param>
/// <param name="SpamAsSpam">Spam put aside.</param>
public sealed record FilterOutcome(
    int GoodPublished,
    int GoodWaiting,
    int GoodAsSpam,
    int SpamPublished,
    int SpamWaiting,
    int SpamAsSpam
)
{
    /// <summary>Of what was put aside, the share that was spam; null when nothing was.</summary>
    public double? Precision => GoodAsSpam + SpamAsSpam == 0 ? null : (double)SpamAsSpam / (GoodAsSpam + SpamAsSpam);

    /// <summary>Of the spam, the share put aside; null when there was none.</summary>
    public double? Recall =>
        SpamPublished + SpamWaiting + SpamAsSpam == 0
            ? null
            : (double)SpamAsSpam / (SpamPublished + SpamWaiting + SpamAsSpam);
}
