using Antiphon.Core.Mailing.Digests;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Server.Posts.Reading;
using Antiphon.Server.Subscribers;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Mailing.Planning;

/// <summary>
/// Says how much mail a digest would have been, had it been there before, so that nobody turns on more than they meant.
/// </summary>
internal sealed class DigestReach(AntiphonContext database, TimeProvider clock)
{
    private const int Days = 30;

    /// <summary>What would have gone out in the last thirty days.</summary>
    public async Task<DigestReachView> OfAsync(long site, DigestRequest request, CancellationToken cancellation)
    {
        var now = clock.GetUtcNow();
        var since = now.AddDays(-Days);
        var posts = await database
            .Posts.AsNoTracking()
            .PublicAt(now)
            .Include(post => post.Blog.Following)
            .Where(post => post.SiteId == site && post.PublishedAt > since)
            .ToListAsync(cancellation);
        var chosen = posts
            .Where(post =>
                !post.Details.StaysOutOfMail && request.Settings.Choice.Refusal(ChannelTargets.Of(post)) is null
            )
            .ToLookup(DigestPosts.OriginOf);
        var digest = await DigestDraft.OfAsync(database, site, id: null, request, now, cancellation);
        return new DigestReachView(
            Days,
            chosen[PostOrigin.Written].Count(),
            chosen[PostOrigin.Followed].Count(),
            chosen[PostOrigin.BroughtIn].Count(),
            await database.Subscribers.Of(digest, database, digest.Site.TimeZone, now).CountAsync(cancellation)
        );
    }
}
