using Antiphon.Core.Listings.Definition;
using Antiphon.Data;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Listings;

/// <summary>Settles in which page of its site a blog lives: the one that carries a listing of the whole of it.</summary>
internal sealed class BlogHomes(AntiphonContext database)
{
    /// <summary>
    /// Gives every blog written here the page for which a listing of the whole blog is meant as its home, or else the one on which we found it ourselves, and with it the canonical addresses of its
    /// posts; takes the home away where no such listing is left. What a request says of the page it comes from moves nothing. Followed blogs live where they are followed from.
    /// </summary>
    public async Task SettleAsync(long site, CancellationToken cancellation = default)
    {
        var listings = await database.Listings.AsNoTracking().Include(one => one.Sightings).Where(one => one.SiteId == site && one.ArchivedAt == null).OrderBy(one => one.Id).ToListAsync(cancellation);
        var whole = listings.Where(one => one.Definition.Layout == ListingLayout.WholeBlog).ToList();
        foreach (var blog in await database.Blogs.Include(one => one.Following).Where(one => one.SiteId == site && one.Following == null).ToListAsync(cancellation))
        {
            var home = whole.Where(one => one.Definition.Blogs.Contains(blog.Id))
                .Select(one => one.PageAddress ?? one.Sightings.Where(seen => seen is { IsThere: true, ConfirmedAt: not null }).OrderByDescending(seen => seen.ConfirmedAt).FirstOrDefault()?.PageAddress).FirstOrDefault(address => address is not null);
            if (home is not null) (blog.HomeAddress, blog.ShowsPostsAtHome) = (home, true);
            else if (blog.ShowsPostsAtHome) (blog.HomeAddress, blog.ShowsPostsAtHome) = (null, false);
        }

        await database.SaveChangesAsync(cancellation);
    }
}
