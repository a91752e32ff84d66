using Antiphon.Core.Feeds.Following;
using Antiphon.Core.Feeds.Model;
using CsCheck;

namespace Antiphon.Core.Tests.Feeds.Following;

public sealed class VisitPlanTests
{
    // A Tuesday.
    private static readonly DateTimeOffset Now = new(2026, 11, 24, 12, 30, 0, TimeSpan.Zero);

    public static TheoryData<string, double[], int, int, int, VisitReason> Rhythms =>
        new()
        {
            // what; hours since each entry; ttl in minutes; max-age in seconds; expected minutes; reason
            { "nothing is known", [], 0, 0, 60, VisitReason.Usual },
            { "two entries are no rhythm", [1, 2], 0, 0, 60, VisitReason.Usual },
            { "an entry every four hours", [1, 5, 9, 13], 0, 0, 120, VisitReason.OwnRhythm },
            { "an entry a minute", [0.01, 0.02, 0.03, 0.04], 0, 0, 5, VisitReason.OwnRhythm },
            { "an entry a week", [100, 268, 436], 0, 0, 1440, VisitReason.OwnRhythm },
            {
                "one long silence among daily entries does not count",
                [2, 26, 50, 700, 724],
                0,
                0,
                720,
                VisitReason.OwnRhythm
            },
            { "hourly entries that ended four days ago", [96, 97, 98, 99], 0, 0, 720, VisitReason.OwnRhythm },
            { "a ttl longer than the rhythm", [1, 2, 3], 90, 0, 90, VisitReason.TimeToLive },
            { "a ttl shorter than the rhythm", [1, 5, 9], 10, 0, 120, VisitReason.OwnRhythm },
            { "a ttl of a week is a day", [1, 2, 3], 10_080, 0, 1440, VisitReason.TimeToLive },
            { "a max-age longer than the rhythm", [1, 2, 3], 0, 7200, 120, VisitReason.MaxAge },
            { "dates ahead are no rhythm", [-1, -2, -3, -4], 0, 0, 60, VisitReason.Usual },
        };

    [Theory]
    [MemberData(nameof(Rhythms))]
    public void A_feed_is_visited_as_often_as_it_changes_and_allows(
        string what,
        double[] hoursAgo,
        int ttl,
        int maxAge,
        int minutes,
        VisitReason reason
    )
    {
        var asked = new FeedRhythm { TimeToLive = ttl > 0 ? TimeSpan.FromMinutes(ttl) : null };
        var next = VisitPlan.After(
            new VisitTerms(
                Now,
                asked,
                maxAge > 0 ? TimeSpan.FromSeconds(maxAge) : null,
                [.. hoursAgo.Select(hours => Now.AddHours(-hours))]
            )
        );
        Assert.True((minutes, reason) == ((int)Math.Round(next.Pause.TotalMinutes), next.Reason), $"{what}: {next}");
        Assert.Equal(Now + next.Pause, next.At);
    }

    [Fact]
    public void A_rhythm_that_is_told_counts_where_none_is_seen()
    {
        var next = VisitPlan.After(
            new VisitTerms(Now, new FeedRhythm { UpdateEvery = TimeSpan.FromHours(6) }, null, [])
        );
        Assert.Equal((TimeSpan.FromHours(3), VisitReason.UpdatePeriod), (next.Pause, next.Reason));
    }

    [Fact]
    public void A_feed_that_is_pushed_is_visited_once_a_day() =>
        Assert.Equal(
            Now.AddDays(1),
            VisitPlan
                .After(
                    new VisitTerms(
                        Now,
                        new FeedRhythm(),
                        null,
                        [Now, Now.AddHours(-1), Now.AddHours(-2)],
                        IsPushed: true
                    )
                )
                .At
        );

    [Fact]
    public void Hours_and_days_to_skip_are_skipped()
    {
        var asked = new FeedRhythm { SkipHours = { 13, 14 }, SkipDays = { DayOfWeek.Tuesday } };
        var next = VisitPlan.After(new VisitTerms(Now, asked, null, []));
        Assert.Equal(
            (new DateTimeOffset(2026, 11, 25, 0, 0, 0, TimeSpan.Zero), VisitReason.Skipped),
            (next.At, next.Reason)
        );
    }

    [Fact]
    public void A_feed_that_skips_everything_is_visited_all_the_same()
    {
        var asked = new FeedRhythm { SkipHours = [.. Enumerable.Range(0, 24)] };
        Assert.Equal(Now.AddHours(1), VisitPlan.After(new VisitTerms(Now, asked, null, [])).At);
    }

    [Theory]
    [InlineData(1, 0, 5)]
    [InlineData(2, 0, 10)]
    [InlineData(5, 0, 80)]
    [InlineData(5, 1, 96)]
    [InlineData(60, 0, 1440)]
    [InlineData(60, 1, 1728)]
    public void Failures_draw_the_pause_out(int failures, double chance, int minutes) =>
        Assert.Equal(minutes, (int)Math.Round(VisitPlan.AfterFailure(Now, failures, null, chance).Pause.TotalMinutes));

    [Theory]
    [InlineData(7200, 120, VisitReason.RetryAfter)]
    [InlineData(10, 5, VisitReason.Failures)]
    [InlineData(10_000_000, 10_080, VisitReason.RetryAfter)]
    public void A_server_that_asks_to_wait_is_obeyed(int seconds, int minutes, VisitReason reason)
    {
        var next = VisitPlan.AfterFailure(Now, 1, TimeSpan.FromSeconds(seconds), 0);
        Assert.Equal((minutes, reason), ((int)next.Pause.TotalMinutes, next.Reason));
    }

    [Fact]
    public void The_next_visit_lies_between_five_minutes_and_a_day_unless_hours_are_skipped() =>
        Gen.Double[0, 5000]
            .Array[0, 30]
            .Sample(hours =>
            {
                var next = VisitPlan.After(
                    new VisitTerms(Now, new FeedRhythm(), null, [.. hours.Select(hour => Now.AddHours(-hour))])
                );
                Assert.InRange(next.At, Now + VisitPlan.Shortest, Now + VisitPlan.Longest);
            });
}
