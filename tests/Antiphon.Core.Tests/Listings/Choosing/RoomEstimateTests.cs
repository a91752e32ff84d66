using Antiphon.Core.Listings.Choosing;
using Antiphon.Core.Listings.Definition;
using CsCheck;
using static Antiphon.Core.Tests.Listings.Candidates;

namespace Antiphon.Core.Tests.Listings.Choosing;

public sealed class RoomEstimateTests
{
    [Fact]
    public void MoreEntriesNeverTakeLessRoom() =>
        Gen.Select(AnyListing, Gen.Enum<ListingLayout>(), Gen.Int[0, 40])
            .Sample(
                (listing, layout, entries) =>
                    Assert.True(
                        RoomEstimate.Of(listing with { Layout = layout }, entries)
                            <= RoomEstimate.Of(listing with { Layout = layout }, entries + 1)
                    )
            );

    [Fact]
    public void WhatStandsAroundTakesRoomToo()
    {
        var bare = Listing();
        Assert.True(
            RoomEstimate.Of(bare, 3)
                < RoomEstimate.Of(
                    bare with
                    {
                        Heading = "Latest",
                        Paging = ListingPaging.More,
                        Frame = ListingFrame.Bare with { FeedLink = true, Introduction = "x" },
                    },
                    3
                )
        );
    }

    [Fact]
    public void NoListingKeepsAWholePageFree() =>
        Assert.Equal(4000, RoomEstimate.Of(Listing() with { Layout = ListingLayout.Rows }, 500));
}
