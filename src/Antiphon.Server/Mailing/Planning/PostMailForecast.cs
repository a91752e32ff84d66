using Antiphon.Core.Mailing.Digests;
using Antiphon.Data;
using Antiphon.Data.Mailing;
using Antiphon.Data.Posts;
using Antiphon.Server.Subscribers;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Mailing.Planning;

/// <summary>Says which mails a post will go out with.</summary>
internal sealed class PostMailForecast(AntiphonContext database, TimeProvider clock)
{
    /// <summary>The forecast; null when there is no such post.</summary>
    public async Task<PublishForecast?> OfAsync(long site, long post, CancellationToken cancellation)
    {
        var found = await database
            .Posts.AsNoTracking()
            .Include(row => row.Blog.Site)
            .Include(row => row.Blog.Following)
            .FirstOrDefaultAsync(row => row.Id == post && row.SiteId == site, cancellation);
        if (found is null)
            return null;
        var (atOnce, later) = (0, new List<DigestForecast>());
        foreach (var digest in await TakersAsync(found, cancellation))
        {
            var receivers = await database
                .Subscribers.Of(digest, database, found.Blog.Site.TimeZone, clock.GetUtcNow())
                .Wanting([.. found.AllCategories])
                .CountAsync(cancellation);
            if (digest.Settings.Rhythm.Every == DigestEvery.Post)
                atOnce += receivers;
            // A post that is to come goes with the first edition after it.
            var from = found.PublishedAt is { } at && at > clock.GetUtcNow() ? at : clock.GetUtcNow();
            later.Add(
                new DigestForecast(
                    digest.Id,
                    digest.Name,
                    receivers,
                    digest.Settings.Rhythm.Next(from, TimeZoneInfo.FindSystemTimeZoneById(found.Blog.Site.TimeZone))
                )
            );
        }

        return new PublishForecast(atOnce, later);
    }

    // What brought it already does not bring it again.
    private async Task<IEnumerable<Digest>> TakersAsync(Post post, CancellationToken cancellation)
    {
        if (post.Details.StaysOutOfMail)
            return [];
        var digests = await database
            .Digests.AsNoTracking()
            .Include(digest => digest.Segment)
            .Where(digest =>
                digest.SiteId == post.SiteId
                && digest.ArchivedAt == null
                && digest.PausedAt == null
                && !database.EditionPosts.Any(brought =>
                    brought.PostId == post.Id && brought.Edition.DigestId == digest.Id
                )
            )
            .OrderBy(digest => digest.Id)
            .ToListAsync(cancellation);
        return digests.Where(digest =>
            DigestPosts.Brings(digest.Settings, post)
            && (post.PublishedAt is null || post.PublishedAt > digest.CreatedAt)
        );
    }
}
