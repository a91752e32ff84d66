using Antiphon.Core.Listings.Choosing;
using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Listings.Filters;
using static Antiphon.Core.Tests.Listings.Candidates;

namespace Antiphon.Core.Tests.Listings.Choosing;

/// <summary>The same post arriving by two ways.</summary>
public sealed class TwinTests
{
    public static TheoryData<string, ListingCandidate, ListingCandidate, bool> Pairs =>
        new()
        {
            {
                "the same address",
                Post(1) with
                {
                    Address = "log.example/a",
                },
                Post(2, 90, 2, "Renamed") with
                {
                    Address = "log.example/a",
                },
                true
            },
            {
                "the same identifier",
                Post(1) with
                {
                    SourceId = "tag:a",
                },
                Post(2, 90, 2, "Renamed") with
                {
                    SourceId = "tag:a",
                },
                true
            },
            {
                "the same title a day apart",
                Post(1, 1, 1, "Leonids: three hours, forty-one trails"),
                Post(2, 2, 2, "Leonids – three hours, forty-one trails!"),
                true
            },
            {
                "nearly the same title",
                Post(1, 1, 1, "Leonids over the moor: three hours, forty-one trails"),
                Post(2, 1, 2, "Leonids over moor: three hours, forty-one trails"),
                true
            },
            {
                "the same title a week apart",
                Post(1, 1, 1, "The night report of the dome"),
                Post(2, 8, 2, "The night report of the dome"),
                false
            },
            {
                "the same title in one blog",
                Post(1, 1, 1, "The night report of the dome"),
                Post(2, 1.1, 1, "The night report of the dome"),
                false
            },
            {
                "another title",
                Post(1, 1, 1, "Saturn before the clouds came"),
                Post(2, 1, 2, "Jupiter after the clouds left"),
                false
            },
            { "a short title alike", Post(1, 1, 1, "Fog"), Post(2, 1, 2, "fog"), true },
            { "short titles unlike", Post(1, 1, 1, "Fog again"), Post(2, 1, 2, "Fog"), false },
        };

    [Theory]
    [MemberData(nameof(Pairs))]
    public void Two_ways_make_one_post(string name, ListingCandidate one, ListingCandidate other, bool same)
    {
        Assert.NotEmpty(name);
        var selection = ListingSelection.Choose(Listing(), [other, one], Now);
        Assert.Equal(same ? [1L] : [1L, 2L], selection.Fitting.Select(post => post.Id).Order());
        Assert.Equal(same ? PlacementReason.SameAsAnother : PlacementReason.Shown, selection.Explain(other).Reason);
        if (same)
            Assert.Equal(one.Title, selection.Explain(other).Detail);
    }

    [Fact]
    public void The_blog_named_first_keeps_its_post()
    {
        var pair = new[]
        {
            Post(1) with
            {
                Address = "log.example/a",
            },
            Post(2, 1, 2) with
            {
                Address = "log.example/a",
            },
        };
        Assert.Equal(2, ListingSelection.Choose(Listing(5, ListingOrder.Newest, 2, 1), pair, Now).Fitting.Single().Id);
    }

    [Fact]
    public void One_blog_is_never_its_own_twin() =>
        Assert.Equal(
            2,
            ListingSelection
                .Choose(
                    Listing(5, ListingOrder.Newest, 1),
                    [Post(1, 1, 1, "Notes of the week"), Post(2, 1, 1, "Notes of the week")],
                    Now
                )
                .Fitting.Count
        );
}
