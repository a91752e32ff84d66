using Antiphon.Core.Feeds.Following;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Data.Blogs.Followed;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Blogs.Followed;

/// <summary>
/// Follows every feed of a list of subscriptions. The feeds themselves are fetched by the next visits, so that a long
/// list is taken in at once.
/// </summary>
internal sealed class SubscriptionListImport(AntiphonContext database, IKeySource keys, TimeProvider clock)
{
    /// <summary>Feeds taken in at once.</summary>
    public const int Most = 500;

    private const int LongestAddress = 2000;
    private const int LongestName = 200;

    /// <summary>What a list offers, and what of it is followed already.</summary>
    public async Task<OpmlOffer> OfferAsync(long site, string text, CancellationToken cancellation)
    {
        var (list, followed) = (OpmlReader.Read(text), await FollowedAsync(site, cancellation));
        return new OpmlOffer(
            [
                .. list.Feeds.Select(feed => new OfferedFeed(
                    feed.Title,
                    feed.FeedAddress,
                    feed.Folder,
                    followed.Contains(Folded(feed.FeedAddress)),
                    MayBeFollowed(feed) ? null : "Its address is not a valid web address."
                )),
            ],
            list.Problem
        );
    }

    /// <summary>Follows what is not followed yet and says what became of every feed.</summary>
    public async Task<OpmlResult> RunAsync(long site, OpmlRequest request, CancellationToken cancellation)
    {
        var (list, followed) = (OpmlReader.Read(request.Text), await FollowedAsync(site, cancellation));
        var (added, known, refused) = (new List<string>(), new List<string>(), new List<string>());
        foreach (var feed in list.Feeds.Where(feed => request.Only?.Contains(feed.FeedAddress) != false))
        {
            if (!MayBeFollowed(feed))
                refused.Add($"{feed.Title}: its address is not a valid web address.");
            else if (!followed.Add(Folded(feed.FeedAddress)))
                known.Add(feed.Title);
            else if (added.Count == Most)
                refused.Add($"{feed.Title}: {Most} feeds are taken in at once; bring the list in again for the rest.");
            else
            {
                Add(site, feed);
                added.Add(feed.Title);
            }
        }

        await database.SaveChangesAsync(cancellation);
        return new OpmlResult(added, known, refused, list.Problem);
    }

    private async Task<HashSet<string>> FollowedAsync(long site, CancellationToken cancellation) =>
        (
            await database
                .Followings.Where(following => following.Blog.SiteId == site)
                .Select(following => following.FeedAddress)
                .ToListAsync(cancellation)
        )
            .Select(Folded)
            .ToHashSet(StringComparer.Ordinal);

    private static bool MayBeFollowed(OpmlOutline feed) =>
        LinkResolver.IsWeb(feed.FeedAddress) && feed.FeedAddress.Length <= LongestAddress;

    private void Add(long site, OpmlOutline feed)
    {
        var now = clock.GetUtcNow();
        var address = new Uri(feed.FeedAddress);
        database.Blogs.Add(
            new Blog
            {
                SiteId = site,
                Key = keys.NewKey(),
                Name = Shortened.ToLength(feed.Title, LongestName),
                HomeAddress = LinkResolver.IsWeb(feed.PageAddress) ? feed.PageAddress : null,
                CreatedAt = now,
                Following = new Following
                {
                    FeedAddress = address.AbsoluteUri,
                    Host = address.Authority,
                    NextVisitAt = now,
                },
            }
        );
    }

    private static string Folded(string address) => FoldedAddress.Of(address) ?? address;
}
