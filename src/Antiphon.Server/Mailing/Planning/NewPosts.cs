using Antiphon.Data;
using Antiphon.Data.Mailing;
using Antiphon.Data.Posts;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Mailing.Planning;

/// <summary>What a digest has not brought yet.</summary>
internal static class NewPosts
{
    /// <summary>
    /// The public posts a digest would bring now: those since it was made that it chooses and has not brought, with
    /// their blogs, newest first.
    /// </summary>
    public static async Task<IReadOnlyList<Post>> OfAsync(
        Digest digest,
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    )
    {
        var posts = await database
            .Posts.AsNoTracking()
            .Include(post => post.Blog.Site)
            .Include(post => post.Blog.Following)
            .PublicAt(now)
            .Where(post => post.SiteId == digest.SiteId && post.PublishedAt > digest.CreatedAt)
            .Where(post =>
                !database.EditionPosts.Any(brought =>
                    brought.PostId == post.Id && brought.Edition.DigestId == digest.Id
                )
            )
            .OrderByDescending(post => post.PublishedAt)
            .ToListAsync(cancellation);
        return posts.FindAll(post => !post.Details.StaysOutOfMail && DigestPosts.Brings(digest.Settings, post));
    }
}
