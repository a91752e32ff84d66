using Antiphon.Core.Listings.Choosing;
using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Listings.Filters;
using CsCheck;
using static Antiphon.Core.Tests.Listings.Candidates;

namespace Antiphon.Core.Tests.Listings.Choosing;

public sealed class EntryOrderTests
{
    private static readonly ListingCandidate[] Three =
    [
        Post(1, 3, title: "Comet") with
        {
            Comments = 2,
            UpdatedAt = Now,
        },
        Post(2, 1, title: "aurora") with
        {
            Comments = 9,
            UpdatedAt = Now.AddDays(-1),
        },
        Post(3, 2, title: "Bolide") with
        {
            Comments = 2,
            UpdatedAt = Now.AddDays(-2),
        },
    ];

    [Theory]
    [InlineData(ListingOrder.Newest, "2 3 1")]
    [InlineData(ListingOrder.Oldest, "1 3 2")]
    [InlineData(ListingOrder.Title, "2 3 1")]
    [InlineData(ListingOrder.MostCommented, "2 3 1")]
    [InlineData(ListingOrder.LastUpdated, "1 2 3")]
    public void Each_order_is_as_its_name_says(ListingOrder order, string expected) =>
        Assert.Equal(expected, Ids(Listing(5, order), Three));

    [Theory]
    [InlineData(NewPostsByHand.OnTop, "2 3 1")]
    [InlineData(NewPostsByHand.AtTheBottom, "3 1 2")]
    public void By_hand_new_posts_enter_where_they_are_told(NewPostsByHand where, string expected) =>
        Assert.Equal(
            expected,
            Ids(Listing(5, ListingOrder.ByHand) with { Arranged = [3, 1], NewPosts = where }, Three)
        );

    [Fact]
    public void Pinned_posts_stand_first_in_every_order()
    {
        foreach (var order in Enum.GetValues<ListingOrder>())
            Assert.StartsWith(
                "3 1",
                Ids(Listing(5, order) with { Pinned = [3, 1, 99] }, Three),
                StringComparison.Ordinal
            );
    }

    [Fact]
    public void A_pin_does_not_bring_in_what_does_not_fit() =>
        Assert.Equal(
            "2 3",
            Ids(Listing(5) with { Pinned = [1], Filter = PostFilter.Everything with { MaxAgeDays = 2 } }, Three)
        );

    [Fact]
    public void A_shuffle_holds_all_day_and_changes_the_next()
    {
        var posts = Enumerable.Range(1, 40).Select(id => Post(id, id)).ToArray();
        var listing = Listing(50, ListingOrder.Shuffled);
        string At(DateTimeOffset moment) =>
            string.Join(' ', ListingSelection.Choose(listing, posts, moment).Fitting.Select(post => post.Id));
        Assert.Equal(At(Now), At(Now.AddHours(11)));
        Assert.NotEqual(At(Now), At(Now.AddHours(13)));
        Assert.NotEqual(Ids(Listing(50), posts), At(Now));
    }

    [Fact]
    public void An_order_loses_and_adds_nothing() =>
        Gen.Select(Any, AnyListing)
            .Sample(
                (posts, listing) =>
                {
                    var fitting = ListingSelection.Choose(listing, posts, Now).Fitting.Select(post => post.Id).Order();
                    var newest = ListingSelection
                        .Choose(
                            listing with
                            {
                                Order = ListingOrder.Newest,
                                Pinned = [],
                                MostPerBlog = null,
                            },
                            posts,
                            Now
                        )
                        .Fitting.Select(post => post.Id)
                        .Order();
                    if (listing.MostPerBlog is null)
                        Assert.Equal(newest, fitting);
                    else
                        Assert.Subset(newest.ToHashSet(), fitting.ToHashSet());
                }
            );

    private static string Ids(ListingDefinition listing, ListingCandidate[] posts) =>
        string.Join(' ', ListingSelection.Choose(listing, posts, Now).Fitting.Select(post => post.Id));
}
