using Antiphon.Core.Channels;
using Antiphon.Data.Posts;

namespace Antiphon.Server.Posts.Changes;

/// <summary>Opens the thread of a post that is written here, whichever way it became public.</summary>
internal sealed class ThreadPlanner(PostThreads threads) : IChangePlanner
{
    /// <inheritdoc/>
    public Task PlanAsync(DeliveryAct act, Post post, bool isNews, CancellationToken cancellation) =>
        act == DeliveryAct.Publish && post.Blog.Following is null
            ? threads.OpenAsync(post, cancellation)
            : Task.CompletedTask;
}
