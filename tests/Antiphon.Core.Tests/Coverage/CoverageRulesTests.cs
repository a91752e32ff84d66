using Antiphon.Core.Coverage;
using Antiphon.Core.Listings.Choosing;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Listings.Filters;
using Antiphon.Core.Posts;

namespace Antiphon.Core.Tests.Coverage;

public sealed class CoverageRulesTests
{
    private static readonly DateTimeOffset Now = new(2026, 11, 24, 12, 0, 0, TimeSpan.Zero);

    public static TheoryData<PlacementReason> Obstacles =>
        [
            PlacementReason.CategoryNotChosen,
            PlacementReason.TagNotChosen,
            PlacementReason.AuthorNotChosen,
            PlacementReason.NotFeatured,
            PlacementReason.TooOld,
            PlacementReason.NoPicture,
            PlacementReason.TitleLacksWord,
            PlacementReason.CurrentPage,
            PlacementReason.SameAsAnother,
            PlacementReason.BlogHasEnough,
        ];

    [Theory]
    [MemberData(nameof(Obstacles))]
    public void Whatever_a_listing_asks_and_a_post_lacks_leaves_it_out_with_the_reason(PlacementReason reason)
    {
        var cell = CoverageRules.ForListing(new Placement(reason, null, 5, "moon"), SightingState.Seen);
        Assert.Equal(
            (CoverageMark.LeftOut, CoverageReason.FilteredOut, reason, "moon"),
            (cell.Mark, cell.Reason, cell.Filter, cell.Detail)
        );
    }

    [Theory]
    [InlineData(PlacementReason.BelowTheCut, CoverageMark.LeftOut, CoverageReason.BelowTheCut)]
    [InlineData(PlacementReason.BlogNotChosen, CoverageMark.LeftOut, CoverageReason.BlogNotChosen)]
    [InlineData(PlacementReason.NotPublished, CoverageMark.LeftOut, CoverageReason.NotPublished)]
    [InlineData(PlacementReason.Withdrawn, CoverageMark.LeftOut, CoverageReason.Withdrawn)]
    [InlineData(PlacementReason.Scheduled, CoverageMark.Due, CoverageReason.Scheduled)]
    public void A_post_that_is_not_shown_is_left_out_or_due_wherever_the_listing_stands(
        PlacementReason reason,
        CoverageMark mark,
        CoverageReason told
    )
    {
        foreach (var sighting in Enum.GetValues<SightingState>())
        {
            var cell = CoverageRules.ForListing(new Placement(reason, 6, 5), sighting);
            Assert.Equal((mark, told), (cell.Mark, cell.Reason));
        }
    }

    [Fact]
    public void Every_reason_of_a_placement_has_a_mark_of_its_own_kind()
    {
        foreach (var reason in Enum.GetValues<PlacementReason>())
        {
            var cell = CoverageRules.ForListing(new Placement(reason, 1, 5), SightingState.Seen);
            Assert.Equal(reason == PlacementReason.Shown, cell.Mark == CoverageMark.InPlace);
        }
    }

    [Theory]
    [InlineData(PostStatus.Published, -1, CoverageMark.LeftOut, CoverageReason.NothingSent)]
    [InlineData(PostStatus.Published, 1, CoverageMark.Due, CoverageReason.Scheduled)]
    [InlineData(PostStatus.Scheduled, 1, CoverageMark.Due, CoverageReason.Scheduled)]
    [InlineData(PostStatus.Draft, -1, CoverageMark.LeftOut, CoverageReason.NotPublished)]
    [InlineData(PostStatus.InReview, -1, CoverageMark.LeftOut, CoverageReason.NotPublished)]
    [InlineData(PostStatus.Withdrawn, -1, CoverageMark.LeftOut, CoverageReason.Withdrawn)]
    public void Without_deliveries_the_status_tells_of_the_mail(
        PostStatus status,
        int hours,
        CoverageMark mark,
        CoverageReason reason
    )
    {
        var cell = CoverageRules.ForMail(
            Post(status, hours),
            writtenHere: true,
            DeliveryTally.None,
            isComing: false,
            Now
        );
        Assert.Equal((mark, reason), (cell.Mark, cell.Reason));
    }

    [Fact]
    public void Followed_posts_are_not_mailed() =>
        Assert.Equal(
            CoverageReason.NotMailed,
            CoverageRules
                .ForMail(Post(PostStatus.Published, -1), writtenHere: false, DeliveryTally.None, isComing: false, Now)
                .Reason
        );

    [Fact]
    public void One_failed_mail_counts_more_than_those_on_their_way()
    {
        var cell = CoverageRules.ForMail(
            Post(PostStatus.Published, -1),
            writtenHere: true,
            new DeliveryTally(10, 4, 1),
            isComing: false,
            Now
        );
        Assert.Equal((CoverageMark.Failed, 10, 4, 1), (cell.Mark, cell.Count, cell.Open, cell.Failed));
    }

    [Theory]
    [InlineData(false, 0, 0, CoverageMark.LeftOut, CoverageReason.NoThread)]
    [InlineData(true, 0, 0, CoverageMark.Due, CoverageReason.NoCommentsYet)]
    [InlineData(true, 0, 3, CoverageMark.InPlace, CoverageReason.HasComments)]
    [InlineData(true, 5, 0, CoverageMark.InPlace, CoverageReason.HasComments)]
    public void A_conversation_is_there_once_somebody_wrote(
        bool hasThread,
        int published,
        int waiting,
        CoverageMark mark,
        CoverageReason reason
    )
    {
        var cell = CoverageRules.ForComments(hasThread, published, waiting, isOpen: true);
        Assert.Equal((mark, reason, published), (cell.Mark, cell.Reason, cell.Count));
    }

    [Theory]
    [InlineData(0, 0, CoverageMark.LeftOut, CoverageReason.CommentsClosed)]
    [InlineData(2, 0, CoverageMark.InPlace, CoverageReason.HasComments)]
    [InlineData(0, 1, CoverageMark.InPlace, CoverageReason.HasComments)]
    public void A_closed_conversation_is_left_out_unless_somebody_wrote_before(
        int published,
        int waiting,
        CoverageMark mark,
        CoverageReason reason
    )
    {
        var cell = CoverageRules.ForComments(true, published, waiting, isOpen: false);
        Assert.Equal((mark, reason), (cell.Mark, cell.Reason));
    }

    [Fact]
    public void A_feed_of_another_blog_leaves_the_post_out() =>
        Assert.Equal(
            CoverageReason.BlogNotChosen,
            CoverageRules.ForFeed(Post(PostStatus.Published, -1), 2, 1, 25, Now).Reason
        );

    private static ListingCandidate Post(PostStatus status, int hours) =>
        new(1, 1, "Night", status, Now.AddHours(hours));
}
