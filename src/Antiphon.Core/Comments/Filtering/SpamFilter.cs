using System.Collections.Concurrent;
using Antiphon.Core.Comments.Filtering.Signals;

namespace Antiphon.Core.Comments.Filtering;

/// <summary>
/// A filter that learned from decisions: how likely a comment is spam, and what spoke for and against. It is made once
/// and does not change; any number of threads may ask it.
/// </summary>
public sealed class SpamFilter
{
    private static readonly ConcurrentBag<CommentReading> Readings = [];

    private const int ShortestPart = 4;
    private const double Telling = 0.02;
    private readonly FilterWeights _weights;
    private readonly EarlierComments _earlier;

    private SpamFilter(FilterWeights weights, EarlierComments earlier) => (_weights, _earlier) = (weights, earlier);

    /// <summary>Spam it learned from.</summary>
    public int Spam => _weights.Spam;

    /// <summary>Genuine comments it learned from.</summary>
    public int Good => _weights.Good;

    /// <summary>Fewest decisions of either sort before a score is more than a guess.</summary>
    public const int FewestOfEach = 15;

    /// <summary>Whether it has seen enough of both to be relied on; "not sure yet" otherwise.</summary>
    public bool IsSure => Spam >= FewestOfEach && Good >= FewestOfEach;

    /// <summary>
    /// Learns from decisions, from nothing else. The same decisions in the same order make the same filter.
    /// </summary>
    public static SpamFilter Learn(IReadOnlyList<FilterDecision> decisions)
    {
        var reading = Take();
        try
        {
            var earlier = new EarlierComments();
            return new SpamFilter(new FilterLearning(decisions, reading, earlier).Learn(), earlier);
        }
        finally
        {
            Readings.Add(reading);
        }
    }

    /// <summary>How likely a comment is spam: above 0 and below 1, to the last digit.</summary>
    public double Score(CommentTraits comment)
    {
        var reading = Take();
        try
        {
            reading.Read(comment);
            reading.ReadLikeness(comment, _earlier, itself: -1);
            return ScoreScale.Of(_weights.LeaningOf(reading.Buffer));
        }
        finally
        {
            Readings.Add(reading);
        }
    }

    /// <summary>What speaks most for spam and most against it.</summary>
    /// <param name="comment">The comment.</param>
    /// <param name="most">How many of either.</param>
    public FilterExplanation Explain(CommentTraits comment, int most = 6)
    {
        var sink = new NamingSink([]);
        var reader = new SignalReader<NamingSink>();
        reader.Read(comment, ref sink);
        _earlier.Read(comment, reader.WordHashes, reader.Addresses, itself: -1, ref sink);
        var told = Tellable(_weights.Told(sink.Named));
        return new FilterExplanation(
            Score(comment),
            [.. told.Where(part => part.Leaning > 0).OrderByDescending(part => part.Leaning).Take(most)],
            [.. told.Where(part => part.Leaning < 0).OrderBy(part => part.Leaning).Take(most)]
        );
    }

    // Pieces of words, steps of counts and pairs of traits help the score and tell a person nothing; of likenesses the
    // strongest says it all.
    private static List<FilterReason> Tellable(IEnumerable<FilterReason> parts)
    {
        var plain = parts
            .Where(part =>
                Math.Abs(part.Leaning) >= Telling
                && part.Kind is not (SignalKind.Piece or SignalKind.ShapePair)
                && (part.Kind != SignalKind.Shape || part.Degree < 0)
                && (
                    part.Kind is not (SignalKind.Link or SignalKind.Site or SignalKind.Mail or SignalKind.Author)
                    || part.Name.Length >= ShortestPart
                )
            )
            .ToList();
        var likest = plain
            .Where(part => part.Kind == SignalKind.Likeness)
            .OrderByDescending(part => Math.Abs(part.Leaning))
            .Skip(1)
            .ToHashSet();
        return plain.FindAll(part => !likest.Contains(part));
    }

    private static CommentReading Take() => Readings.TryTake(out var reading) ? reading : new CommentReading();
}
