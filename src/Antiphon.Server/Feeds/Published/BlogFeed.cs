using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Writing;
using Antiphon.Data;
using Antiphon.Data.Feeds;
using Antiphon.Data.Posts;
using Antiphon.Server.Feeds.Published.Pages;
using Antiphon.Server.Platform;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Feeds.Published;

/// <summary>The feed of a blog, or of some of its posts, with its archives.</summary>
internal sealed class BlogFeed(
    AntiphonContext database,
    PostItems items,
    PostAddresses addresses,
    IOptions<AntiphonOptions> options,
    TimeProvider clock
)
{
    /// <summary>The feed or the archive that is asked for; null for an archive that is not there.</summary>
    public async Task<Feed?> ReadAsync(long id, FeedAsked asked, FeedSettings settings, CancellationToken cancellation)
    {
        var blog = await database
            .Blogs.AsNoTracking()
            .Include(row => row.Site)
            .SingleAsync(row => row.Id == id, cancellation);
        var now = clock.GetUtcNow();
        var posts = asked
            .Narrowing.Of(database.Posts.AsNoTracking().Include(post => post.Blog.Site))
            .PublicAt(now)
            .Where(post => post.BlogId == id);
        var archives = new FeedArchives(
            settings.HasHistory ? await posts.CountAsync(cancellation) : 0,
            FeedSettings.UsualEntries,
            settings.Entries
        );
        if (asked.Archive is { } number && (number < 1 || number > archives.Count))
            return null;
        // Archives count from the oldest, so that a full one keeps its entries.
        var chosen = asked.Archive is { } archive
            ? posts
                .OrderBy(post => post.PublishedAt)
                .ThenBy(post => post.Id)
                .Skip((archive - 1) * archives.Size)
                .Take(archives.Size)
                .OrderByDescending(post => post.PublishedAt)
                .ThenByDescending(post => post.Id)
            : posts
                .OrderByDescending(post => post.PublishedAt)
                .ThenByDescending(post => post.Id)
                .Take(settings.Entries);
        var read = await chosen.ToListAsync(cancellation);
        var narrowed = asked.Narrowing.Name;
        var name = settings.Title ?? blog.Name;
        var feed = FeedHead.Of(
            blog.Site,
            settings,
            $"{blog.CreatedAt:yyyy-MM-dd}:blog:{blog.Key}"
                + (narrowed is null ? string.Empty : ":" + Uri.EscapeDataString(narrowed)),
            name,
            blog.Description
        );
        if (narrowed is not null)
            feed.Title = $"{name}: {narrowed}";
        feed.Link = addresses.OfBlog(blog);
        feed.Updated = PostItems.Updated(read, blog.CreatedAt);
        feed.Items.AddRange(await items.OfAsync(read, settings, cancellation));
        string ArchiveAt(int place) => options.Value.AddressOf(asked.PathOf(asked.Form, place));
        if (asked.Archive is { } at)
            archives.LinkArchive(feed.Paging, at, options.Value.AddressOf(asked.PathOf(asked.Form)), ArchiveAt);
        else
            archives.LinkFeed(feed.Paging, ArchiveAt);
        return feed;
    }
}
