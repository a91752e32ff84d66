using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Data.Posts;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts;

/// <summary>Opens the threads of posts.</summary>
internal sealed class PostThreads(AntiphonContext database, PostAddresses addresses, TimeProvider clock)
{
    /// <summary>Opens the thread of a post unless there is one; the caller saves.</summary>
    public async Task OpenAsync(Post post, CancellationToken cancellation)
    {
        var identifier = IdentifierOf(post);
        if (
            await database.Threads.AnyAsync(
                thread => thread.SiteId == post.SiteId && thread.Identifier == identifier,
                cancellation
            )
        )
            return;
        // Not everybody who publishes needs the blog; its home is where the thread is.
        if (post.Blog is null)
            await database.Entry(post).Reference(row => row.Blog).LoadAsync(cancellation);
        database.Threads.Add(Of(post, addresses.Of(post), clock.GetUtcNow()));
    }

    /// <summary>The thread of a post at its address.</summary>
    public static CommentThread Of(Post post, string address, DateTimeOffset now) =>
        new()
        {
            SiteId = post.SiteId,
            Identifier = IdentifierOf(post),
            Post = post,
            Title = post.Title,
            Address = address,
            FoldedAddress = FoldedAddress.Of(address),
            CreatedAt = now,
        };

    /// <summary>Identifier of a post's thread.</summary>
    public static string IdentifierOf(Post post) => "post-" + post.Key;
}
