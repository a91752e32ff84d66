using Antiphon.Core.Listings.Choosing;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Listings.Filters;
using Antiphon.Core.Posts;

namespace Antiphon.Core.Coverage;

/// <summary>Computes each mark of the coverage board from what is known of the post and the place.</summary>
public static class CoverageRules
{
    /// <summary>A post against a listing.</summary>
    public static CoverageCell ForListing(Placement placement, SightingState sighting) =>
        placement.Reason switch
        {
            PlacementReason.Shown => sighting switch
            {
                SightingState.Seen => new(
                    CoverageMark.InPlace,
                    CoverageReason.ShownInListing,
                    placement.Position,
                    placement.Shown
                ),
                SightingState.Lost => new(
                    CoverageMark.Failed,
                    CoverageReason.ListingLost,
                    placement.Position,
                    placement.Shown
                ),
                _ => new(CoverageMark.Due, CoverageReason.ListingNotPlaced, placement.Position, placement.Shown),
            },
            PlacementReason.BelowTheCut => new(
                CoverageMark.LeftOut,
                CoverageReason.BelowTheCut,
                placement.Position,
                placement.Shown
            ),
            PlacementReason.BlogNotChosen => new(CoverageMark.LeftOut, CoverageReason.BlogNotChosen),
            PlacementReason.Scheduled => new(CoverageMark.Due, CoverageReason.Scheduled),
            PlacementReason.Withdrawn => new(CoverageMark.LeftOut, CoverageReason.Withdrawn),
            PlacementReason.NotPublished => new(CoverageMark.LeftOut, CoverageReason.NotPublished),
            _ => new(
                CoverageMark.LeftOut,
                CoverageReason.FilteredOut,
                Shown: placement.Shown,
                Detail: placement.Detail,
                Filter: placement.Reason
            ),
        };

    /// <summary>A post against the feed of one blog.</summary>
    /// <param name="post">The post.</param>
    /// <param name="feedBlog">The blog the feed is of.</param>
    /// <param name="position">Rank of the post among the blog's public posts, newest first, or null.</param>
    /// <param name="feedLength">Number of entries the feed holds.</param>
    /// <param name="now">The moment.</param>
    public static CoverageCell ForFeed(
        ListingCandidate post,
        long feedBlog,
        int? position,
        int feedLength,
        DateTimeOffset now
    )
    {
        if (post.BlogId != feedBlog)
            return new(CoverageMark.LeftOut, CoverageReason.BlogNotChosen);
        if (position is null)
            return NotPublic(post, now);
        return position <= feedLength
            ? new(CoverageMark.InPlace, CoverageReason.InFeed, position, feedLength)
            : new(CoverageMark.LeftOut, CoverageReason.BeyondFeedLength, position, feedLength);
    }

    /// <summary>A post against the mail channel.</summary>
    /// <param name="post">The post.</param>
    /// <param name="writtenHere">Whether its blog is written here, not followed.</param>
    /// <param name="tally">The mails that brought it.</param>
    /// <param name="isComing">Whether a digest that goes out by the clock chooses it.</param>
    /// <param name="now">The moment.</param>
    public static CoverageCell ForMail(
        ListingCandidate post,
        bool writtenHere,
        DeliveryTally tally,
        bool isComing,
        DateTimeOffset now
    )
    {
        if (tally.Total > 0)
            return FromTally(tally);
        if (isComing && ListingSelection.IsPublic(post, now))
            return new(CoverageMark.Due, CoverageReason.ComingByMail);
        if (!writtenHere)
            return new(CoverageMark.LeftOut, CoverageReason.NotMailed);
        return ListingSelection.IsPublic(post, now)
            ? new(CoverageMark.LeftOut, CoverageReason.NothingSent)
            : NotPublic(post, now);
    }

    /// <summary>A post against a channel.</summary>
    /// <param name="post">The post.</param>
    /// <param name="tally">Its deliveries to the channel.</param>
    /// <param name="now">The moment.</param>
    public static CoverageCell ForChannel(ListingCandidate post, DeliveryTally tally, DateTimeOffset now)
    {
        if (tally.Failed > 0)
            return new(CoverageMark.Failed, CoverageReason.ChannelFailed, Count: tally.Total, Failed: tally.Failed);
        if (tally.Open > 0)
            return new(CoverageMark.Due, CoverageReason.ComingToChannel, Count: tally.Total, Open: tally.Open);
        if (tally.Total > 0)
            return new(CoverageMark.InPlace, CoverageReason.OnChannel, Count: tally.Total);
        return ListingSelection.IsPublic(post, now)
            ? new(CoverageMark.LeftOut, CoverageReason.NotForChannel)
            : NotPublic(post, now);
    }

    /// <summary>A post against its thread.</summary>
    /// <param name="hasThread">Whether a thread exists.</param>
    /// <param name="published">Public comments.</param>
    /// <param name="waiting">Comments waiting.</param>
    /// <param name="isOpen">Whether the post takes comments.</param>
    public static CoverageCell ForComments(bool hasThread, int published, int waiting, bool isOpen)
    {
        if (published + waiting > 0)
            return new(CoverageMark.InPlace, CoverageReason.HasComments, Count: published, Open: waiting);
        if (!hasThread)
            return new(CoverageMark.LeftOut, CoverageReason.NoThread);
        return isOpen
            ? new(CoverageMark.Due, CoverageReason.NoCommentsYet)
            : new(CoverageMark.LeftOut, CoverageReason.CommentsClosed);
    }

    /// <summary>True when the post becomes public by itself, at a time that is set.</summary>
    public static bool IsAhead(ListingCandidate post, DateTimeOffset now) =>
        post.Status == PostStatus.Scheduled || (post.Status == PostStatus.Published && post.PublishedAt > now);

    private static CoverageCell FromTally(DeliveryTally tally)
    {
        if (tally.Failed > 0)
            return new(
                CoverageMark.Failed,
                CoverageReason.SomeFailed,
                Count: tally.Total,
                Open: tally.Open,
                Failed: tally.Failed
            );
        return tally.Open > 0
            ? new(CoverageMark.Due, CoverageReason.Delivering, Count: tally.Total, Open: tally.Open)
            : new(CoverageMark.InPlace, CoverageReason.AllDelivered, Count: tally.Total);
    }

    private static CoverageCell NotPublic(ListingCandidate post, DateTimeOffset now)
    {
        if (post.Status == PostStatus.Withdrawn)
            return new(CoverageMark.LeftOut, CoverageReason.Withdrawn);
        return IsAhead(post, now)
            ? new(CoverageMark.Due, CoverageReason.Scheduled)
            : new(CoverageMark.LeftOut, CoverageReason.NotPublished);
    }
}
