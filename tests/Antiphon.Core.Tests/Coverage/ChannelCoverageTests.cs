using Antiphon.Core.Coverage;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Posts;

namespace Antiphon.Core.Tests.Coverage;

public sealed class ChannelCoverageTests
{
    private static readonly DateTimeOffset Now = new(2026, 11, 27, 12, 0, 0, TimeSpan.Zero);

    [Theory]
    [InlineData(0, 0, 0, CoverageMark.LeftOut, CoverageReason.NotForChannel)]
    [InlineData(1, 0, 0, CoverageMark.InPlace, CoverageReason.OnChannel)]
    [InlineData(3, 1, 0, CoverageMark.Due, CoverageReason.ComingToChannel)]
    [InlineData(3, 1, 1, CoverageMark.Failed, CoverageReason.ChannelFailed)]
    public void A_channel_says_where_a_post_stands(
        int total,
        int open,
        int failed,
        CoverageMark mark,
        CoverageReason reason
    )
    {
        var cell = CoverageRules.ForChannel(
            Post(PostStatus.Published, Now.AddDays(-1)),
            new DeliveryTally(total, open, failed),
            Now
        );
        Assert.Equal((mark, reason), (cell.Mark, cell.Reason));
    }

    [Theory]
    [InlineData(PostStatus.Scheduled, CoverageMark.Due, CoverageReason.Scheduled)]
    [InlineData(PostStatus.Withdrawn, CoverageMark.LeftOut, CoverageReason.Withdrawn)]
    [InlineData(PostStatus.Draft, CoverageMark.LeftOut, CoverageReason.NotPublished)]
    public void What_is_not_public_went_nowhere(PostStatus status, CoverageMark mark, CoverageReason reason)
    {
        var cell = CoverageRules.ForChannel(Post(status, Now.AddDays(1)), DeliveryTally.None, Now);
        Assert.Equal((mark, reason), (cell.Mark, cell.Reason));
    }

    private static ListingCandidate Post(PostStatus status, DateTimeOffset at) => new(1, 1, "Night", status, at);
}
