using Antiphon.Data;
using Antiphon.Data.Entities;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.FollowedFeeds;

/// <summary>Sees to it that a feed, and a host, has one visitor at a time. A visitor that dies lets go by itself.</summary>
internal sealed class FollowingLease(IDbContextFactory<AntiphonContext> databases, TimeProvider clock)
{
    /// <summary>Longer than any visit may take.</summary>
    public static readonly TimeSpan Length = TimeSpan.FromMinutes(2);

    /// <summary>Takes the feed that has been due for longest and at whose host nobody calls; null when there is none.</summary>
    public async Task<long?> TakeNextAsync(CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        var now = clock.GetUtcNow();
        var due = await Free(database, now).Where(one => one.Standing == FollowingStanding.Active && one.NextVisitAt <= now)
            .OrderBy(one => one.NextVisitAt).Select(one => (long?)one.BlogId).FirstOrDefaultAsync(cancellation);
        return due is { } blog && await TakeAsync(database, blog, now, cancellation) ? blog : null;
    }

    /// <summary>Takes one feed; false when it, or its host, is being visited.</summary>
    public async Task<bool> TakeAsync(long blog, CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        return await TakeAsync(database, blog, clock.GetUtcNow(), cancellation);
    }

    // Looked at and taken in one statement, so that two processes cannot both see it free.
    private static async Task<bool> TakeAsync(AntiphonContext database, long blog, DateTimeOffset now, CancellationToken cancellation)
    {
        var until = now + Length;
        return await Free(database, now).Where(one => one.BlogId == blog).ExecuteUpdateAsync(set => set.SetProperty(one => one.LeaseUntil, until), cancellation) == 1;
    }

    private static IQueryable<Following> Free(AntiphonContext database, DateTimeOffset now) => database.Followings
        .Where(one => one.LeaseUntil == null || one.LeaseUntil < now)
        .Where(one => one.Host == null || !database.Followings.Any(other => other.Host == one.Host && other.BlogId != one.BlogId && other.LeaseUntil >= now));
}
