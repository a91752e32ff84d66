using Antiphon.Core.Mailing.Digests;
using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Data.Blogs.Followed;
using Antiphon.Data.Mailing;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;
using Antiphon.Data.Subscribers;
using Antiphon.Server.Subscribers;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Mailing.Planning;

/// <summary>Says which mails a post will go out with.</summary>
internal sealed class PostMailForecast(AntiphonContext database, TimeProvider clock)
{
    /// <summary>The forecast; null when there is no such post.</summary>
    public async Task<PublishForecast?> OfAsync(long site, long post, CancellationToken cancellation)
    {
        var found = await database.Posts.AsNoTracking().Include(one => one.Blog.Site).Include(one => one.Blog.Following).FirstOrDefaultAsync(one => one.Id == post && one.SiteId == site, cancellation);
        if (found is null) return null;
        var (atOnce, later) = (0, new List<DigestForecast>());
        foreach (var digest in await TakersAsync(found, cancellation))
        {
            var receivers = await database.Subscribers.Of(digest, database, found.Blog.Site.TimeZone, clock.GetUtcNow()).CountAsync(cancellation);
            if (digest.Settings.Rhythm.Every == DigestEvery.Post) atOnce += receivers;
            // A post that is to come goes with the first edition after it.
            var from = found.PublishedAt is { } at && at > clock.GetUtcNow() ? at : clock.GetUtcNow();
            later.Add(new DigestForecast(digest.Id, digest.Name, receivers, digest.Settings.Rhythm.Next(from, TimeZoneInfo.FindSystemTimeZoneById(found.Blog.Site.TimeZone))));
        }

        return new PublishForecast(atOnce, later);
    }

    // What brought it already does not bring it again.
    private async Task<IEnumerable<Digest>> TakersAsync(Post post, CancellationToken cancellation)
    {
        if (post.Details.StaysOutOfMail) return [];
        var digests = await database.Digests.AsNoTracking().Include(one => one.Segment)
            .Where(one => one.SiteId == post.SiteId && one.ArchivedAt == null && one.PausedAt == null && !database.EditionPosts.Any(brought => brought.PostId == post.Id && brought.Edition.DigestId == one.Id))
            .OrderBy(one => one.Id).ToListAsync(cancellation);
        return digests.Where(one => DigestPosts.Brings(one.Settings, post) && (post.PublishedAt is null || post.PublishedAt > one.CreatedAt));
    }
}
