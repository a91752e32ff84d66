using Antiphon.Core.Syndication.Digests;
using Antiphon.Data;
using Antiphon.Data.Entities.Syndication.Mailing;
using Antiphon.Server.Channels.Planning;
using Antiphon.Server.Readers;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Digests;

/// <summary>Says how much mail a digest would have been, had it been there before, so that nobody turns on more than they meant.</summary>
internal sealed class DigestReach(AntiphonContext database, TimeProvider clock)
{
    private const int Days = 30;

    /// <summary>What would have gone out in the last thirty days.</summary>
    public async Task<DigestReachView> OfAsync(long site, DigestRequest request, CancellationToken cancellation)
    {
        var now = clock.GetUtcNow();
        var since = now.AddDays(-Days);
        var posts = await database.Posts.AsNoTracking().PublicAt(now).Include(one => one.Blog.Following).Where(one => one.SiteId == site && one.PublishedAt > since).ToListAsync(cancellation);
        var chosen = posts.Where(post => !post.Details.StaysOutOfMail && request.Settings.Choice.Refusal(ChannelTargets.Of(post)) is null).ToLookup(DigestPosts.OriginOf);
        var digest = new Digest
        {
            SiteId = site,
            Settings = request.Settings,
            IsUsual = request.IsUsual,
            Segment = await database.Segments.AsNoTracking().FirstOrDefaultAsync(one => one.Id == request.SegmentId && one.SiteId == site, cancellation),
            SegmentId = request.SegmentId,
        };
        var zone = await database.Sites.Where(one => one.Id == site).Select(one => one.TimeZone).SingleAsync(cancellation);
        return new DigestReachView(Days, chosen[PostOrigin.Written].Count(), chosen[PostOrigin.Followed].Count(), chosen[PostOrigin.BroughtIn].Count(), await database.Subscribers.Of(digest, database, zone, now).CountAsync(cancellation));
    }
}
