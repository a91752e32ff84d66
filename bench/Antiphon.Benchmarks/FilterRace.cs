using System.Diagnostics;
using System.Text.RegularExpressions;
using Antiphon.Core.Comments.Filtering;
using Antiphon.Core.Tests.Comments.Filtering;

namespace Antiphon.Benchmarks;

/// <summary>Scoring comments, against splitting them into words and looking each up as plain naive Bayes does; and how learning grows.</summary>
internal static partial class FilterRace
{
    private const int Comments = 5_000;

    /// <summary>Prints the ratios, and for once a rate, as one is promised.</summary>
    public static void Run()
    {
        var comments = new MadeComments(5).Make(Comments);
        var filter = SpamFilter.Learn(comments);
        var words = comments
            .SelectMany(one => WordsOf(one.Comment))
            .Distinct()
            .ToDictionary(word => word, word => (double)word.Length);
        var race = new Race()
            .With("plain", () =>
                comments.ForEach(one => WordsOf(one.Comment).Sum(word => words.GetValueOrDefault(word)))
            )
            .With("filter", () => comments.ForEach(one => filter.Score(one.Comment)));
        race.Run(5);
        var watch = Stopwatch.StartNew();
        comments.ForEach(one => filter.Score(one.Comment));
        Console.WriteLine("scoring comments");
        Console.WriteLine($"  against words looked up      {race.Ratio("filter", "plain"):0.00}");
        Console.WriteLine($"  comments a second, one core  {Comments / watch.Elapsed.TotalSeconds:0}");
        var many = new MadeComments(6).Make(20 * Comments);
        var small = Time(() => SpamFilter.Learn(many[..Comments]));
        var large = Time(() => SpamFilter.Learn(many));
        Console.WriteLine(
            $"learning from {many.Count} decisions against {Comments}, for each decision  {large / small / 20:0.00} ({large:0.0} s)"
        );
    }

    private static double Time(Action act)
    {
        var watch = Stopwatch.StartNew();
        act();
        return watch.Elapsed.TotalSeconds;
    }

    private static IEnumerable<string> WordsOf(CommentTraits comment) =>
        Word()
            .Matches($"{comment.Author} {comment.Mail} {comment.Address} {comment.Body}".ToLowerInvariant())
            .Select(match => match.Value);

    [GeneratedRegex(@"\w+")]
    private static partial Regex Word();
}
