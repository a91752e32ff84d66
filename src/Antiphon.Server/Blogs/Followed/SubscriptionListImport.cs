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

    /// <summary>Follows what is not followed yet and says what became of every feed.</summary>
    public async Task<OpmlResult> RunAsync(long site, string text, CancellationToken cancellation)
    {
        var list = OpmlReader.Read(text);
        var followed = (
            await database
                .Followings.Where(following => following.Blog.SiteId == site)
                .Select(following => following.FeedAddress)
                .ToListAsync(cancellation)
        )
            .Select(Folded)
            .ToHashSet(StringComparer.Ordinal);
        var (added, known, refused) = (new List<string>(), new List<string>(), new List<string>());
        foreach (var feed in list.Feeds)
        {
            if (!LinkResolver.IsWeb(feed.FeedAddress) || feed.FeedAddress.Length > LongestAddress)
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
