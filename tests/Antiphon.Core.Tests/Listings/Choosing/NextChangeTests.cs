using Antiphon.Core.Listings.Choosing;
using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Listings.Filters;
using Antiphon.Core.Posts;

namespace Antiphon.Core.Tests.Listings.Choosing;

/// <summary>When what a listing shows changes though nothing is written.</summary>
public sealed class NextChangeTests
{
    private static readonly TimeZoneInfo Zone = TimeZoneInfo.FindSystemTimeZoneById("Europe/London");
    private static readonly DateTimeOffset Now = new(2026, 11, 30, 20, 0, 0, TimeSpan.Zero);
    private static readonly ListingDefinition Plain = ListingDefinition.For(1, null);

    [Fact]
    public void Nothing_changes_by_itself_where_time_does_not_matter() =>
        Assert.Equal(DateTimeOffset.MaxValue, NextChange.After(Plain, [Post(1, Now.AddDays(-3))], Now, Zone));

    [Fact]
    public void A_post_dated_ahead_comes_at_its_time_if_it_is_of_its_blogs() =>
        Assert.Equal(
            Now.AddHours(3),
            NextChange.After(
                Plain,
                [Post(1, Now.AddHours(5)), Post(2, Now.AddHours(3)), Post(3, Now.AddHours(1), blog: 2)],
                Now,
                Zone
            )
        );

    [Fact]
    public void A_post_that_becomes_too_old_goes_at_the_moment_the_choice_leaves_it_out()
    {
        var young = Plain with { Filter = PostFilter.Everything with { MaxAgeDays = 2 } };
        ListingCandidate[] posts =
        [
            Post(1, Now.AddDays(-2).AddMinutes(7)),
            Post(2, Now.AddDays(-1)),
            Post(3, Now.AddDays(-9)),
        ];
        var next = NextChange.After(young, posts, Now, Zone);
        Assert.Equal(
            [2L, 1L],
            ListingSelection.Choose(young, posts, next.AddTicks(-1)).Fitting.Select(post => post.Id)
        );
        Assert.Equal([2L], ListingSelection.Choose(young, posts, next).Fitting.Select(post => post.Id));
    }

    [Theory]
    [InlineData("2026-11-30T20:00:00Z", "2026-12-01T00:00:00Z")]
    [InlineData("2026-06-30T20:00:00Z", "2026-06-30T23:00:00Z")]
    [InlineData("2026-06-30T23:30:00Z", "2026-07-01T23:00:00Z")]
    // The day on which clocks go forward has 23 hours, the one on which they go back 25.
    [InlineData("2026-03-29T00:30:00Z", "2026-03-29T23:00:00Z")]
    [InlineData("2026-10-25T00:30:00Z", "2026-10-26T00:00:00Z")]
    public void A_shuffle_is_made_anew_at_midnight_on_the_site_s_clocks(string now, string midnight) =>
        Assert.Equal(
            DateTimeOffset.Parse(midnight, null),
            NextChange.After(Plain with { Order = ListingOrder.Shuffled }, [], DateTimeOffset.Parse(now, null), Zone)
        );

    [Fact]
    public void Between_now_and_then_the_choice_is_the_same()
    {
        var random = new Random(7);
        for (var run = 0; run < 300; run++)
        {
            var definition = Plain with
            {
                Order = run % 2 == 0 ? ListingOrder.Shuffled : ListingOrder.Newest,
                Filter = PostFilter.Everything with { MaxAgeDays = run % 3 == 0 ? random.Next(1, 4) : null },
            };
            var posts = Enumerable
                .Range(1, 12)
                .Select(id => Post(id, Now.AddMinutes(random.Next(-6000, 3000))))
                .ToList();
            var next = NextChange.After(definition, posts, Now, Zone);
            var at =
                next == DateTimeOffset.MaxValue
                    ? Now.AddDays(30)
                    : Now.AddTicks((long)((next - Now).Ticks * random.NextDouble()));
            Assert.Equal(
                ListingSelection.Choose(definition, posts, Now).Fitting.Select(post => post.Id),
                ListingSelection.Choose(definition, posts, at).Fitting.Select(post => post.Id)
            );
        }
    }

    private static ListingCandidate Post(long id, DateTimeOffset at, long blog = 1) =>
        new(id, blog, $"Night {id}", PostStatus.Published, at);
}
