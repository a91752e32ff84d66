using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Listings.Choosing;
using Antiphon.Data;
using Antiphon.Data.Feeds;
using Antiphon.Data.Posts;
using Antiphon.Server.Feeds.Published.Pages;
using Antiphon.Server.Listings.Reading;
using Antiphon.Server.Pages;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Feeds.Published;

/// <summary>The feed of a listing: the posts it chooses, the newest first, as feeds are read.</summary>
internal sealed class ListingFeed(
    AntiphonContext database,
    CandidateReader candidates,
    PostItems items,
    TimeProvider clock
)
{
    /// <summary>The feed.</summary>
    public async Task<Feed?> ReadAsync(long id, FeedSettings settings, CancellationToken cancellation)
    {
        var listing = await database
            .Listings.AsNoTracking()
            .Include(row => row.Site)
            .SingleAsync(row => row.Id == id, cancellation);
        var (site, definition) = (listing.Site, listing.Definition);
        var now = SiteCulture.Local(clock.GetUtcNow(), site.TimeZone);
        var open = database
            .Posts.PublicAt(now.ToUniversalTime())
            .Where(post => post.SiteId == site.Id && definition.Blogs.Contains(post.BlogId));
        var selection = ListingSelection.Choose(
            definition,
            await candidates.ReadAsync(site.Id, open, CandidateNeeds.Of(definition), cancellation),
            now
        );
        var chosen = selection
            .Fitting.OrderByDescending(post => post.PublishedAt)
            .ThenByDescending(post => post.Id)
            .Take(settings.Entries)
            .Select(post => post.Id)
            .ToList();
        var posts = await database
            .Posts.AsNoTracking()
            .Include(post => post.Blog.Site)
            .Where(post => chosen.Contains(post.Id))
            .OrderByDescending(post => post.PublishedAt)
            .ThenByDescending(post => post.Id)
            .ToListAsync(cancellation);
        var feed = FeedHead.Of(
            site,
            settings,
            $"{listing.CreatedAt:yyyy-MM-dd}:listing:{listing.Key}",
            definition.Heading is { Length: > 0 } heading ? heading : listing.Name,
            site.Name
        );
        feed.Link = listing.PageAddress ?? site.Address;
        feed.Updated = PostItems.Updated(posts, listing.CreatedAt);
        feed.Items.AddRange(await items.OfAsync(posts, settings, cancellation));
        return feed;
    }
}
