using Antiphon.Data;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts.Lists;

/// <summary>
/// Deletes for good what has lain in the bin for thirty days, blogs that were removed among it, and forgets what changes to many posts were before.
/// </summary>
internal sealed class BinClearing(IServiceScopeFactory scopes, TimeProvider clock, ILogger<BinClearing> log)
    : RepeatedWork(scopes, clock, log)
{
    /// <summary>How long a post lies in the bin.</summary>
    public static readonly TimeSpan KeptFor = TimeSpan.FromDays(30);

    /// <inheritdoc/>
    protected override async Task DoAsync(IServiceProvider services, DateTimeOffset now, CancellationToken cancellation)
    {
        var database = services.GetRequiredService<AntiphonContext>();
        var until = now - KeptFor;
        await database
            .Posts.IgnoreQueryFilters()
            .Where(post => post.DeletedAt <= until)
            .ExecuteDeleteAsync(cancellation);
        await database
            .Blogs.IgnoreQueryFilters()
            .Where(blog => blog.RemovedAt <= until)
            .ExecuteDeleteAsync(cancellation);
        await database.BulkChanges.Where(change => change.MadeAt <= until).ExecuteDeleteAsync(cancellation);
    }
}
