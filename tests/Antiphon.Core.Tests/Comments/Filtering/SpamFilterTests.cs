using Antiphon.Core.Comments.Filtering;
using Antiphon.Core.Comments.Filtering.Signals;

namespace Antiphon.Core.Tests.Comments.Filtering;

/// <summary>The filter on comments made from fixed seeds.</summary>
public sealed class SpamFilterTests
{
    private const int Tested = 1500;

    [Theory]
    [InlineData(50, 0.5, 0.93, 0.5)]
    [InlineData(200, 0.5, 0.985, 0.9)]
    [InlineData(1000, 0.5, 0.995, 0.97)]
    [InlineData(50, 0.2, 0.90, 0.4)]
    [InlineData(1000, 0.2, 0.995, 0.96)]
    public void More_decisions_make_a_better_filter(int decisions, double spam, double area, double caught)
    {
        var made = new MadeComments(20261);
        var trial = Scored(SpamFilter.Learn(made.Make(decisions, spam)), made.Make(Tested, spam));
        Assert.True(trial.Area() >= area, $"area {trial.Area()}");
        Assert.True(trial.CaughtAt(0.01) >= caught, $"caught {trial.CaughtAt(0.01)}");
    }

    [Fact]
    public void It_does_better_than_counting_words_alone()
    {
        var made = new MadeComments(77);
        var (learned, tested) = (made.Make(1000), made.Make(Tested));
        var plain = new PlainBayes(learned);
        var counted = new FilterTrial([
            .. tested.Select(one => new ScoredDecision(one.IsSpam, plain.Score(one.Comment))),
        ]);
        Assert.True(1 - Scored(SpamFilter.Learn(learned), tested).Area() < (1 - counted.Area()) / 2);
    }

    [Fact]
    public void A_few_wrong_decisions_do_not_spoil_it()
    {
        var made = new MadeComments(4);
        var learned = made.Make(1000)
            .Select((one, number) => number % 50 == 0 ? one with { IsSpam = !one.IsSpam } : one)
            .ToList();
        Assert.True(Scored(SpamFilter.Learn(learned), made.Make(Tested)).Area() > 0.99);
    }

    [Theory]
    [InlineData("Buy chе\u0430p p\u0456lls online")]
    [InlineData("B u y c h e a p p i l l s online")]
    [InlineData("Buy ch\u200Be\u200Bap pi\u200Bl\u200Bls online")]
    [InlineData("Buy che@p p1ll$ online")]
    [InlineData("𝐁𝐮𝐲 𝐜𝐡𝐞𝐚𝐩 𝐩𝐢𝐥𝐥𝐬 𝐨𝐧𝐥𝐢𝐧𝐞")]
    [InlineData("Ｂｕｙ ｃｈｅａｐ ｐｉｌｌｓ ｏｎｌｉｎｅ")]
    [InlineData("Buuuuy cheeeeap piiiills online")]
    public void Tricks_do_not_hide_words(string body)
    {
        var learned = Enumerable
            .Range(0, 40)
            .SelectMany(number =>
                new[] { Spam($"Buy cheap pills online number {number}"), Good($"We saw the moon over hill {number}") }
            )
            .ToList();
        Assert.True(SpamFilter.Learn(learned).Score(new CommentTraits("A", "", "", body)) > 0.7);
    }

    [Fact]
    public void A_copy_of_a_genuine_comment_with_an_address_is_told()
    {
        var made = new MadeComments(9);
        var learned = made.Make(400);
        var original = learned
            .First(one => !one.IsSpam && one.Comment.Body.Length > 80 && one.Comment.Address.Length == 0)
            .Comment;
        var filter = SpamFilter.Learn(learned);
        var copy = original with { Author = "Noor Baird", Address = "http://new-roofs.shop.example/" };
        Assert.True(
            filter.Score(copy) > 0.5 && filter.Score(original) < 0.2,
            $"{filter.Score(copy)} {filter.Score(original)}"
        );
        Assert.Contains(filter.Explain(copy, most: 30).For, part =>
            part.Kind == SignalKind.Likeness && part.Name.Contains("genuine", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void It_says_what_spoke_for_and_against()
    {
        var learned = Enumerable
            .Range(0, 30)
            .SelectMany(number => new[] { Spam($"pills {number}"), Good($"moon {number}") })
            .ToList();
        var told = SpamFilter.Learn(learned).Explain(new CommentTraits("A", "", "", "pills under the moon"));
        Assert.Contains(told.For, part => part is { Kind: SignalKind.Word, Name: "pills" });
        Assert.Contains(told.Against, part => part is { Kind: SignalKind.Word, Name: "moon" });
        Assert.All(told.For.Zip(told.For.Skip(1)), pair => Assert.True(pair.First.Leaning >= pair.Second.Leaning));
    }

    [Fact]
    public void Learning_is_the_same_each_time()
    {
        var made = new MadeComments(3).Make(300);
        var (one, other) = (SpamFilter.Learn(made), SpamFilter.Learn(made));
        Assert.All(made, decision => Assert.Equal(one.Score(decision.Comment), other.Score(decision.Comment)));
    }

    [Theory]
    [InlineData(0)]
    [InlineData(10)]
    public void It_is_not_sure_before_it_has_seen_enough_of_both(int decisions)
    {
        var filter = SpamFilter.Learn(new MadeComments(1).Make(decisions));
        Assert.False(filter.IsSure);
        Assert.InRange(filter.Score(new CommentTraits("Ida", "", "", "Hello")), double.Epsilon, 0.999);
        Assert.True(SpamFilter.Learn(new MadeComments(1).Make(60)).IsSure);
    }

    [Fact]
    public void Decisions_of_one_sort_alone_leave_it_working() =>
        Assert.InRange(
            SpamFilter
                .Learn([.. Enumerable.Range(0, 20).Select(number => Good($"moon {number}"))])
                .Score(new CommentTraits("A", "", "", "pills")),
            0.0001,
            0.9999
        );

    [Fact]
    public void Scores_keep_their_order_and_never_reach_the_ends()
    {
        var learned = Enumerable
            .Range(0, 3000)
            .SelectMany(number => new[] { Spam($"pills {number}"), Good($"moon {number}") })
            .ToList();
        var filter = SpamFilter.Learn(learned);
        var scores = Enumerable
            .Range(1, 60)
            .Select(number =>
                filter.Score(
                    new CommentTraits(
                        "A",
                        "",
                        "",
                        string.Join(' ', Enumerable.Repeat("pills", 1))
                            + string.Concat(Enumerable.Range(0, number).Select(word => $" pills {word}"))
                    )
                )
            )
            .ToList();
        Assert.All(scores, score => Assert.InRange(score, double.Epsilon, 1 - double.Epsilon - 1e-16));
        Assert.True(scores.Distinct().Count() > 50);
    }

    [Fact]
    public void Text_of_any_size_and_make_is_read()
    {
        var filter = SpamFilter.Learn(new MadeComments(2).Make(100));
        string[] odd =
        [
            "",
            " ",
            new string('a', 20_000_000),
            "\uD800",
            "\u0000",
            "http://",
            "....",
            "@",
            "a.b",
            "://",
            new string('.', 50_000),
            string.Concat(Enumerable.Repeat("http://a.example ", 5000)),
            "نص عربي",
            "観測日記を読みました",
            "👩‍🚀👩‍🚀",
        ];
        Assert.All(odd, body =>
            Assert.InRange(filter.Score(new CommentTraits(body, body, body, body)), double.Epsilon, 1)
        );
    }

    [Fact]
    public void A_trial_says_where_thresholds_would_have_sent_comments()
    {
        var trial = new FilterTrial([
            new(false, 0.1),
            new(false, 0.5),
            new(false, 0.95),
            new(true, 0.05),
            new(true, 0.6),
            new(true, 0.99),
            new(true, 0.97),
        ]);
        var outcome = trial.At(publish: 0.2, spam: 0.9);
        Assert.Equal(new FilterOutcome(1, 1, 1, 1, 1, 2), outcome);
        Assert.Equal((2 / 3.0, 0.5), (outcome.Precision, outcome.Recall));
        Assert.Equal(8 / 12.0, trial.Area()!.Value, 9);
    }

    [Fact]
    public void A_trial_scores_each_decision_by_a_filter_that_does_not_know_it()
    {
        // Numbers alone tell nothing of their sort: a filter that had seen them would score them perfectly.
        var random = new Random(8);
        var trial = FilterTrial.Run([
            .. Enumerable
                .Range(0, 400)
                .Select(number => new FilterDecision(
                    new CommentTraits("A", "", "", $"w{number}x{number * 7}"),
                    random.Next(2) == 0
                )),
        ]);
        Assert.InRange(trial.Area()!.Value, 0.4, 0.6);
        Assert.True(FilterTrial.Run(new MadeComments(6).Make(400)).Area() > 0.97);
    }

    private static FilterTrial Scored(SpamFilter filter, List<FilterDecision> tested) =>
        new([.. tested.Select(one => new ScoredDecision(one.IsSpam, filter.Score(one.Comment)))]);

    private static FilterDecision Spam(string body) => new(new CommentTraits("B", "", "", body), true);

    private static FilterDecision Good(string body) => new(new CommentTraits("C", "", "", body), false);

    /// <summary>Plain naive Bayes over words, to compare with.</summary>
    private sealed class PlainBayes
    {
        private readonly Dictionary<string, (int Spam, int Good)> _counts = [];
        private readonly (int Spam, int Good) _words;

        public PlainBayes(List<FilterDecision> decisions)
        {
            foreach (var decision in decisions)
            {
                foreach (var word in Words(decision.Comment))
                {
                    var (spam, good) = _counts.GetValueOrDefault(word);
                    _counts[word] = decision.IsSpam ? (spam + 1, good) : (spam, good + 1);
                }
            }

            _words = (_counts.Values.Sum(one => one.Spam), _counts.Values.Sum(one => one.Good));
        }

        public double Score(CommentTraits comment) => 1 / (1 + Math.Exp(-Words(comment).Sum(Leaning)));

        private double Leaning(string word) =>
            _counts.TryGetValue(word, out var seen)
                ? Math.Log(
                    (seen.Spam + 1.0)
                        / (_words.Spam + _counts.Count)
                        * (_words.Good + _counts.Count)
                        / (seen.Good + 1.0)
                )
                : 0;

        private static IEnumerable<string> Words(CommentTraits comment) =>
            System
                .Text.RegularExpressions.Regex.Matches(
                    $"{comment.Author} {comment.Mail} {comment.Address} {comment.Body}".ToLowerInvariant(),
                    @"\w+"
                )
                .Select(match => match.Value);
    }
}
