using Antiphon.Data;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Watching;

/// <summary>Sees to it that a watched feed is checked by one at a time. Whoever dies over it lets go by itself.</summary>
internal sealed class WatchLease(IDbContextFactory<AntiphonContext> databases, TimeProvider clock)
{
    private static readonly TimeSpan Length = TimeSpan.FromMinutes(2);

    /// <summary>Takes the feed that has been due for longest; null when there is none.</summary>
    public async Task<long?> TakeNextAsync(CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        var now = clock.GetUtcNow();
        var due = await database.WatchedFeeds.Where(one => one.NextCheckAt <= now && (one.LeaseUntil == null || one.LeaseUntil < now)).OrderBy(one => one.NextCheckAt).Select(one => (long?)one.Id).FirstOrDefaultAsync(cancellation);
        return due is { } id && await TakeAsync(id, cancellation) ? id : null;
    }

    /// <summary>Takes one feed; false when somebody else has it.</summary>
    public async Task<bool> TakeAsync(long id, CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        var now = clock.GetUtcNow();
        var until = now + Length;
        return await database.WatchedFeeds.Where(one => one.Id == id && (one.LeaseUntil == null || one.LeaseUntil < now)).ExecuteUpdateAsync(set => set.SetProperty(one => one.LeaseUntil, until), cancellation) == 1;
    }
}
