using Antiphon.Data;
using Antiphon.Data.Blogs.Followed;
using Antiphon.Server.Outgoing;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Blogs.Followed;

/// <summary>The history of a followed feed: its visits and its addresses.</summary>
internal static class VisitRecords
{
    /// <summary>Visits that are kept of one feed.</summary>
    public const int Kept = 60;

    /// <summary>The record of a visit, good until told otherwise.</summary>
    public static FeedVisitRecord Begin(Following following, Fetched fetched, DateTimeOffset now)
    {
        following.LastVisitAt = now;
        var record = new FeedVisitRecord
        {
            At = now,
            Outcome = FeedVisitOutcome.Unchanged,
            Status = fetched.Status,
            Milliseconds = (int)fetched.Took.TotalMilliseconds,
            Bytes = fetched.Bytes.Length,
        };
        following.Visits.Add(record);
        return record;
    }

    /// <summary>Forgets all but the latest.</summary>
    public static async Task TrimAsync(AntiphonContext database, long blog, CancellationToken cancellation)
    {
        var oldest = await database
            .FeedVisits.Where(visit => visit.BlogId == blog)
            .OrderByDescending(visit => visit.Id)
            .Skip(Kept)
            .Select(visit => (long?)visit.Id)
            .FirstOrDefaultAsync(cancellation);
        if (oldest is not null)
            await database
                .FeedVisits.Where(visit => visit.BlogId == blog && visit.Id <= oldest)
                .ExecuteDeleteAsync(cancellation);
    }

    /// <summary>Follows a feed to the address it has for good now, unless the site follows that already.</summary>
    public static async Task MoveAsync(
        AntiphonContext database,
        Following following,
        Uri moved,
        DateTimeOffset now,
        CancellationToken cancellation
    )
    {
        var to = moved.AbsoluteUri;
        var site = following.Blog.SiteId;
        if (
            await database.Followings.AnyAsync(
                other => other.BlogId != following.BlogId && other.Blog.SiteId == site && other.FeedAddress == to,
                cancellation
            )
        )
            return;
        following.Moves.Add(
            new FeedMove
            {
                From = following.FeedAddress,
                To = to,
                At = now,
            }
        );
        (following.FeedAddress, following.Host) = (to, moved.Authority);
    }
}
