using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Data.Blogs.Followed;
using Antiphon.Server.Blogs.Followed;
using Antiphon.Server.Platform.Access;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Blogs;

/// <summary>
/// Takes a blog off a site so that it can come back: it and its posts lie in the bin, and leave for good together.
/// </summary>
internal sealed class BlogRemoval(AntiphonContext database, HubSubscriber hubs, ActRecord acts, TimeProvider clock)
{
    /// <summary>Puts a blog with its posts into the bin.</summary>
    /// <param name="site">The site.</param>
    /// <param name="blog">Id of the blog.</param>
    /// <param name="by">Who does it.</param>
    /// <param name="cancellation">Ends it before anything is saved.</param>
    /// <returns>Whether the site has such a blog.</returns>
    public async Task<bool> RemoveAsync(long site, long blog, long by, CancellationToken cancellation)
    {
        if (
            await database
                .Blogs.Include(row => row.Following!.Hub)
                .SingleOrDefaultAsync(row => row.Id == blog && row.SiteId == site, cancellation)
            is not { } found
        )
            return false;
        var (now, hub) = (clock.GetUtcNow(), found.Following?.Hub);
        (found.RemovedAt, found.HostName, found.HostSeenAt) = (now, null, null);
        // They are changed one by one, so that what they appear in learns of each.
        foreach (var post in await database.Posts.Where(post => post.BlogId == blog).ToListAsync(cancellation))
            post.DeletedAt = now;
        if (hub is not null)
            database.Remove(hub);
        await acts.AddAsync(site, by, $"removed the blog “{found.Name}” with its posts", null, cancellation);
        await database.SaveChangesAsync(cancellation);
        if (hub is not null)
            await hubs.LeaveAsync(hub, cancellation);
        return true;
    }

    /// <summary>Brings a removed blog back, with the posts that were put into the bin with it.</summary>
    /// <param name="site">The site.</param>
    /// <param name="blog">Id of the blog.</param>
    /// <param name="by">Who does it.</param>
    /// <param name="cancellation">Ends it before anything is saved.</param>
    /// <returns>Whether there was such a blog to bring back.</returns>
    public async Task<bool> RestoreAsync(long site, long blog, long by, CancellationToken cancellation)
    {
        if (
            await Removed(site).SingleOrDefaultAsync(row => row.Id == blog, cancellation) is not { } found
            || found.RemovedAt is not { } removed
        )
            return false;
        found.RemovedAt = null;
        foreach (
            var post in await database
                .Posts.IgnoreQueryFilters()
                .Where(post => post.BlogId == blog && post.DeletedAt == removed)
                .ToListAsync(cancellation)
        )
            post.DeletedAt = null;
        await acts.AddAsync(site, by, $"restored the blog “{found.Name}”", null, cancellation);
        await database.SaveChangesAsync(cancellation);
        return true;
    }

    /// <summary>Stops following a blog's feed; its posts stay and are from now on written here.</summary>
    /// <param name="site">The site.</param>
    /// <param name="blog">Id of the blog.</param>
    /// <param name="by">Who does it.</param>
    /// <param name="cancellation">Ends it before anything is saved.</param>
    /// <returns>The address of the feed; null where none was followed.</returns>
    public async Task<string?> StopFollowingAsync(long site, long blog, long by, CancellationToken cancellation)
    {
        if (
            await database
                .Followings.Include(following => following.Blog)
                .Include(following => following.Hub)
                .SingleOrDefaultAsync(
                    following => following.BlogId == blog && following.Blog.SiteId == site,
                    cancellation
                )
            is not { } found
        )
            return null;
        var hub = found.Hub;
        database.Followings.Remove(found);
        await acts.AddAsync(site, by, $"stopped following “{found.Blog.Name}”", null, cancellation);
        await database.SaveChangesAsync(cancellation);
        if (hub is not null)
            await hubs.LeaveAsync(hub, cancellation);
        return found.FeedAddress;
    }

    /// <summary>
    /// Follows a feed into a blog that follows none; its next visit brings what it has, and knows the posts that came
    /// from it before.
    /// </summary>
    /// <param name="site">The site.</param>
    /// <param name="blog">Id of the blog.</param>
    /// <param name="feed">Address of the feed.</param>
    /// <param name="by">Who does it.</param>
    /// <param name="cancellation">Ends it before anything is saved.</param>
    /// <returns>Whether the site has such a blog.</returns>
    public async Task<bool> FollowAgainAsync(long site, long blog, Uri feed, long by, CancellationToken cancellation)
    {
        if (
            await database
                .Blogs.Where(row => row.Id == blog && row.SiteId == site && row.Following == null)
                .SingleOrDefaultAsync(cancellation)
            is not { } found
        )
            return false;
        found.Following = new Following
        {
            FeedAddress = feed.AbsoluteUri,
            Host = feed.Authority,
            NextVisitAt = clock.GetUtcNow(),
        };
        await acts.AddAsync(site, by, $"followed “{found.Name}” again", null, cancellation);
        await database.SaveChangesAsync(cancellation);
        return true;
    }

    /// <summary>The removed blogs of a site.</summary>
    public IQueryable<Blog> Removed(long site) =>
        database.Blogs.IgnoreQueryFilters().Where(row => row.SiteId == site && row.RemovedAt != null);
}
