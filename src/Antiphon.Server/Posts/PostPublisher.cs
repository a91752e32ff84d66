using Antiphon.Core.Posts;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Server.Posts.Changes;

namespace Antiphon.Server.Posts;

/// <summary>
/// Publishes a post: its status and its thread change in one transaction. What goes out with it is planned from the
/// note of the change, as for posts that become public in any other way.
/// </summary>
internal sealed class PostPublisher(
    AntiphonContext database,
    PostThreads threads,
    PostChangeSignal changes,
    TimeProvider clock
)
{
    /// <summary>
    /// Saves pending changes and publishes the post, which is tracked by the same context. Publishing again sends
    /// nothing twice.
    /// </summary>
    public async Task PublishAsync(Post post, CancellationToken cancellation)
    {
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        await PublishWithinAsync(post, cancellation);
        await transaction.CommitAsync(cancellation);
        changes.Wake();
    }

    /// <summary>The same in the caller's transaction.</summary>
    public async Task PublishWithinAsync(Post post, CancellationToken cancellation)
    {
        (post.Status, post.PublishedAt) = (
            PostStatus.Published,
            PublicMoment.DateFor(post.PublishedAt, clock.GetUtcNow())
        );
        await database.SaveChangesAsync(cancellation);
        await threads.OpenAsync(post, cancellation);
        await database.SaveChangesAsync(cancellation);
    }
}
