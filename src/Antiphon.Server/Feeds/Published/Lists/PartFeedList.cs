using Antiphon.Core.Posts;
using Antiphon.Data;
using Antiphon.Server.Feeds.Published.Pages;
using Antiphon.Server.Platform;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Feeds.Published.Lists;

/// <summary>Lists the feeds of parts of a blog: of each category, tag and author its published posts have.</summary>
internal sealed class PartFeedList(AntiphonContext database, IOptions<AntiphonOptions> options)
{
    /// <summary>The parts, those with most posts first; null when the site has no such blog.</summary>
    public async Task<IReadOnlyList<PartFeedView>?> ReadAsync(long site, long blog, CancellationToken cancellation)
    {
        var key = await database
            .Blogs.Where(row => row.Id == blog && row.SiteId == site)
            .Select(row => row.Key)
            .FirstOrDefaultAsync(cancellation);
        if (key is null)
            return null;
        var posts = await database
            .Posts.AsNoTracking()
            .Where(post => post.BlogId == blog && post.Status == PostStatus.Published)
            .Select(post => new
            {
                post.Category,
                post.MoreCategories,
                post.Tags,
                post.Author,
            })
            .ToListAsync(cancellation);
        return
        [
            .. Parts(FeedPart.Category, posts.SelectMany(post => post.MoreCategories.Prepend(post.Category!)), key),
            .. Parts(FeedPart.Tag, posts.SelectMany(post => post.Tags), key),
            .. Parts(FeedPart.Author, posts.Select(post => post.Author), key),
        ];
    }

    private IEnumerable<PartFeedView> Parts(FeedPart part, IEnumerable<string?> names, string key) =>
        names
            .OfType<string>()
            .Where(name => name.Trim().Length > 0)
            .CountBy(name => name)
            .OrderByDescending(name => name.Value)
            .ThenBy(name => name.Key, StringComparer.CurrentCultureIgnoreCase)
            .Select(name => ViewOf(part, name.Key, name.Value, key));

    private PartFeedView ViewOf(FeedPart part, string name, int posts, string key)
    {
        var narrowing = part switch
        {
            FeedPart.Category => new FeedNarrowing { Category = name },
            FeedPart.Tag => new FeedNarrowing { Tag = name },
            _ => new FeedNarrowing { Author = name },
        };
        string Address(int form) =>
            options.Value.AddressOf(
                new FeedAsked(Data.Feeds.FeedSubject.Blog, key, FeedForm.All[form]) { Narrowing = narrowing }.Path
            );
        return new PartFeedView(part, name, posts, Address(0), Address(1), Address(2));
    }
}
