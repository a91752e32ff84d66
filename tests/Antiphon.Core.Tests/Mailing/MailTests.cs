using Antiphon.Core.Coverage;
using Antiphon.Core.Listings.Choosing;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Listings.Filters;
using Antiphon.Core.Posts;
using Antiphon.Core.Work;

namespace Antiphon.Core.Tests.Mailing;

public sealed class MailTests
{
    private static readonly DateTimeOffset Now = new(2026, 11, 24, 12, 0, 0, TimeSpan.Zero);

    [Fact]
    public void Pauses_grow_and_end()
    {
        var pauses = Enumerable
            .Range(1, RetrySchedule.MaxAttempts)
            .Select(attempt => RetrySchedule.PauseAfter(attempt, 0))
            .ToList();
        Assert.Equal(pauses.Take(pauses.Count - 1).Order(), pauses.Take(pauses.Count - 1));
        Assert.Null(pauses[^1]);
        Assert.True(RetrySchedule.PauseAfter(1, 1) > RetrySchedule.PauseAfter(1, 0));
    }

    [Theory]
    [InlineData(SightingState.Seen, CoverageMark.InPlace, CoverageReason.ShownInListing)]
    [InlineData(SightingState.Never, CoverageMark.Due, CoverageReason.ListingNotPlaced)]
    [InlineData(SightingState.Lost, CoverageMark.Failed, CoverageReason.ListingLost)]
    public void A_chosen_post_shows_only_where_the_listing_is(
        SightingState state,
        CoverageMark mark,
        CoverageReason reason
    )
    {
        var cell = CoverageRules.ForListing(new Placement(PlacementReason.Shown, 2, 5), state);
        Assert.Equal((mark, reason), (cell.Mark, cell.Reason));
    }

    [Theory]
    [InlineData(3, 0, 0, CoverageMark.InPlace, CoverageReason.AllDelivered)]
    [InlineData(3, 1, 0, CoverageMark.Due, CoverageReason.Delivering)]
    [InlineData(3, 1, 1, CoverageMark.Failed, CoverageReason.SomeFailed)]
    [InlineData(0, 0, 0, CoverageMark.LeftOut, CoverageReason.NothingSent)]
    public void Mail_marks_follow_the_deliveries(
        int total,
        int open,
        int failed,
        CoverageMark mark,
        CoverageReason reason
    )
    {
        var cell = CoverageRules.ForMail(
            new ListingCandidate(1, 1, "a", PostStatus.Published, Now),
            true,
            new DeliveryTally(total, open, failed),
            isComing: false,
            Now
        );
        Assert.Equal((mark, reason), (cell.Mark, cell.Reason));
    }

    [Theory]
    [InlineData(true, CoverageMark.Due, CoverageReason.ComingByMail)]
    [InlineData(false, CoverageMark.LeftOut, CoverageReason.NothingSent)]
    public void A_digest_to_come_is_due(bool isComing, CoverageMark mark, CoverageReason reason)
    {
        var cell = CoverageRules.ForMail(
            new ListingCandidate(1, 1, "a", PostStatus.Published, Now),
            true,
            DeliveryTally.None,
            isComing,
            Now
        );
        Assert.Equal((mark, reason), (cell.Mark, cell.Reason));
    }

    [Theory]
    [InlineData(1, 25, CoverageMark.InPlace)]
    [InlineData(26, 25, CoverageMark.LeftOut)]
    public void A_feed_holds_so_many(int position, int length, CoverageMark mark) =>
        Assert.Equal(
            mark,
            CoverageRules
                .ForFeed(new ListingCandidate(1, 1, "a", PostStatus.Published, Now), 1, position, length, Now)
                .Mark
        );
}
