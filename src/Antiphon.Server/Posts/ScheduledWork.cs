using Antiphon.Core.Posts;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Server.Posts.Changes;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts;

/// <summary>
/// Publishes scheduled posts when their time has come, also those that came due while the server was down.
/// </summary>
internal sealed class ScheduledWork(Leases<Post> leases, WorkTools tools, PostChangeSignal changes)
    : LeasedWork<Post>(leases, tools)
{
    /// <inheritdoc/>
    protected override TimeSpan Look => TimeSpan.FromSeconds(5);

    /// <inheritdoc/>
    protected override Task<Post?> NextAsync(
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    ) => Due(database.Posts, now).Free(now).OrderBy(post => post.PublishedAt).FirstOrDefaultAsync(cancellation);

    /// <inheritdoc/>
    protected override async Task DoAsync(Claim<Post> claim, IServiceProvider services, CancellationToken cancellation)
    {
        var database = services.GetRequiredService<AntiphonContext>();
        await claim.EndAsync(
            database,
            async () =>
            {
                // Read while nobody else writes: somebody may have saved the post since it was taken up.
                if (
                    await Due(database.Posts, Tools.Clock.GetUtcNow())
                        .Include(post => post.Blog)
                        .SingleOrDefaultAsync(post => post.Id == claim.Key, cancellation)
                    is not { } post
                )
                    return;
                post.Revision++;
                await services.GetRequiredService<PostPublisher>().PublishWithinAsync(post, cancellation);
            },
            cancellation
        );
        changes.Wake();
    }

    /// <summary>A draft again: nothing of it is lost, and nobody takes it for published.</summary>
    protected override Task<GivenUp?> GiveUpAsync(
        AntiphonContext database,
        Post row,
        string why,
        CancellationToken cancellation
    )
    {
        (row.Status, row.PublishedAt, row.PublishLocal) = (PostStatus.Draft, null, null);
        row.Revision++;
        return Task.FromResult<GivenUp?>(
            new GivenUp(
                row.SiteId,
                $"“{row.Title}” could not be published at its time and is a draft again",
                $"posts/{row.Id}"
            )
        );
    }

    private static IQueryable<Post> Due(IQueryable<Post> posts, DateTimeOffset now) =>
        posts.Where(post => post.Status == PostStatus.Scheduled && post.PublishedAt <= now);
}
