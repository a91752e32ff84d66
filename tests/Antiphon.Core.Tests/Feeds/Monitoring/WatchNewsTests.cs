using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Monitoring;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Tests.Feeds.Monitoring;

public sealed class WatchNewsTests
{
    private static readonly WatchedState Good = new(Verdict.Valid, null, []);
    private static readonly WatchedState Warned = new(
        Verdict.ValidWithWarnings,
        null,
        [new("rss-date-odd", Severity.Warning, "Odd date", 4)]
    );
    private static readonly WatchedState Bad = new(
        Verdict.Invalid,
        null,
        [
            new("rss-date-odd", Severity.Warning, "Odd date", 4),
            new("xml-not-well-formed", Severity.Error, "The XML breaks here", 12),
        ]
    );
    private static readonly WatchedState Away = new(null, "The site answers with error 500.", []);

    public static TheoryData<string, bool?, WatchedState, int, string?> Turns =>
        new()
        {
            { "good at first", null, Good, 0, null },
            { "good as ever", true, Warned, 0, null },
            { "bad at first", null, Bad, 0, "Footpath Diary has errors" },
            { "turned bad", true, Bad, 0, "Footpath Diary has errors" },
            { "bad as told", false, Bad, 0, null },
            { "good again", false, Warned, 0, "Footpath Diary has recovered" },
            { "away once", true, Away, 1, null },
            { "away twice", true, Away, 2, "Footpath Diary cannot be fetched" },
            { "away and told", false, Away, 3, null },
            {
                "a page instead",
                true,
                new WatchedState(Verdict.NotAFeed, null, []),
                0,
                "Footpath Diary is no longer a feed"
            },
        };

    [Theory]
    [MemberData(nameof(Turns))]
    public void Only_a_turn_is_news(string what, bool? wasGood, WatchedState now, int failures, string? title) =>
        Assert.True(title == WatchNews.Of("Footpath Diary", wasGood, Good, now, failures)?.Title, what);

    [Fact]
    public void What_changed_since_it_was_good_is_told() =>
        Assert.Equal(["The XML breaks here (line 12)"], WatchNews.Of("Footpath Diary", true, Warned, Bad, 0)!.Lines);

    [Fact]
    public void A_long_list_is_cut()
    {
        var rules = Enumerable
            .Range(1, 9)
            .Select(number => new WatchedRule($"rule-{number}", Severity.Error, $"Fault {number}", null))
            .ToList();
        var lines = WatchNews.Of("x", true, Good, new WatchedState(Verdict.Invalid, null, rules), 0)!.Lines;
        Assert.Equal((7, "and 3 more"), (lines.Count, lines[^1]));
    }

    [Fact]
    public void The_same_findings_at_other_places_say_the_same() =>
        Assert.True(Warned.SaysTheSame(Warned with { Rules = [Warned.Rules[0] with { Line = 9 }] }));
}
