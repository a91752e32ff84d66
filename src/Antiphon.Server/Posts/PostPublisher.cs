using Antiphon.Core.Posts;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Channels;
using Antiphon.Server.Digests;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts;

/// <summary>Publishes a post: its status, its thread and what is to be mailed change in one transaction, so that all of it happens or nothing.</summary>
internal sealed class PostPublisher(AntiphonContext database, DigestPlanner digests, GatheringSignal signal, ChannelSignal channels, PostAddresses addresses, TimeProvider clock)
{
    /// <summary>Saves pending changes and publishes the post, which is tracked by the same context. Publishing again sends nothing twice.</summary>
    public async Task PublishAsync(Post post, CancellationToken cancellation)
    {
        var now = clock.GetUtcNow();
        // What readers know already is not announced again, neither by saving a change nor to those who have subscribed since.
        var isNews = database.Entry(post).State == EntityState.Added || database.Entry(post).Property(one => one.Status).OriginalValue != PostStatus.Published;
        post.Status = PostStatus.Published;
        post.PublishedAt ??= now;
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        await database.SaveChangesAsync(cancellation);
        await OpenThreadAsync(post, now, cancellation);
        if (isNews)
        {
            await digests.PlanForAsync(post, cancellation);
            await database.SaveChangesAsync(cancellation);
        }

        await transaction.CommitAsync(cancellation);
        signal.Wake();
        channels.Wake();
    }

    private async Task OpenThreadAsync(Post post, DateTimeOffset now, CancellationToken cancellation)
    {
        var identifier = ThreadIdentifier(post);
        if (await database.Threads.AnyAsync(thread => thread.SiteId == post.SiteId && thread.Identifier == identifier, cancellation)) return;
        database.Threads.Add(ThreadOf(post, addresses.Of(post), now));
        await database.SaveChangesAsync(cancellation);
    }

    /// <summary>The thread of a post at its address.</summary>
    public static CommentThread ThreadOf(Post post, string address, DateTimeOffset now) => new()
    {
        SiteId = post.SiteId,
        Identifier = ThreadIdentifier(post),
        Post = post,
        Title = post.Title,
        Address = address,
        FoldedAddress = Core.Text.FoldedAddress.Of(address),
        CreatedAt = now,
    };

    /// <summary>Identifier of a post's thread.</summary>
    public static string ThreadIdentifier(Post post) => "post-" + post.Key;
}
