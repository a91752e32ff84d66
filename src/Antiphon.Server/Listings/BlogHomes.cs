using Antiphon.Core.Listings.Definition;
using Antiphon.Data;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Listings;

/// <summary>
/// Settles in which page of its site a blog lives: the one that carries a listing of the whole of it.
/// </summary>
internal sealed class BlogHomes(AntiphonContext database)
{
    /// <summary>
    /// Gives every blog written here the page for which a listing of the whole blog is meant as its home, or else the
    /// one on which we found it ourselves, and with it the canonical addresses of its
    /// posts; takes the home away where no such listing is left. What a request says of the page it comes from moves
    /// nothing. Followed blogs live where they are followed from.
    /// </summary>
    public async Task SettleAsync(long site, CancellationToken cancellation = default)
    {
        var listings = await database
            .Listings.AsNoTracking()
            .Include(listing => listing.Sightings)
            .Where(listing => listing.SiteId == site && listing.ArchivedAt == null)
            .OrderBy(listing => listing.Id)
            .ToListAsync(cancellation);
        var whole = listings.Where(listing => listing.Definition.Layout == ListingLayout.WholeBlog).ToList();
        foreach (
            var blog in await database
                .Blogs.Include(row => row.Following)
                .Where(row => row.SiteId == site && row.Following == null)
                .ToListAsync(cancellation)
        )
        {
            var home = whole
                .Where(listing => listing.Definition.Blogs.Contains(blog.Id))
                .Select(listing =>
                    listing.PageAddress
                    ?? listing
                        .Sightings.Where(seen => seen is { IsThere: true, ConfirmedAt: not null })
                        .OrderByDescending(seen => seen.ConfirmedAt)
                        .FirstOrDefault()
                        ?.PageAddress
                )
                .FirstOrDefault(address => address is not null);
            if (home is not null)
                (blog.HomeAddress, blog.ShowsPostsAtHome) = (home, true);
            else if (blog.ShowsPostsAtHome)
                (blog.HomeAddress, blog.ShowsPostsAtHome) = (null, false);
        }

        await database.SaveChangesAsync(cancellation);
    }
}
