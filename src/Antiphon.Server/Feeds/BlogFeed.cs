using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Html;
using Antiphon.Core.Posts;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Hosting;
using Antiphon.Server.Posts;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Feeds;

/// <summary>Makes the neutral feed of a blog from its posts.</summary>
internal sealed class BlogFeed(AntiphonContext database, PostAddresses addresses, IOptions<AntiphonOptions> options, TimeProvider clock)
{
    /// <summary>Entries a feed holds.</summary>
    public const int Length = 25;

    private const int SummaryWords = 50;

    /// <summary>The feed of a blog under the address of one format, or null when the key is unknown.</summary>
    /// <param name="key">Key of the blog.</param>
    /// <param name="suffix">Ending of the address, such as ".rss".</param>
    /// <param name="narrowing">Which of its posts.</param>
    /// <param name="cancellation">Ends the reading early.</param>
    public async Task<Feed?> ReadAsync(string key, string suffix, FeedNarrowing narrowing, CancellationToken cancellation)
    {
        var blog = await database.Blogs.AsNoTracking().Include(one => one.Site).FirstOrDefaultAsync(one => one.Key == key, cancellation);
        if (blog is null) return null;
        var now = clock.GetUtcNow();
        var posts = await narrowing.Of(database.Posts.AsNoTracking().Include(post => post.Blog))
            .Where(post => post.BlogId == blog.Id && post.Status == PostStatus.Published && post.PublishedAt <= now)
            .OrderByDescending(post => post.PublishedAt).ThenByDescending(post => post.Id).Take(Length).ToListAsync(cancellation);
        return Make(blog, posts, options.Value.AddressOf($"feeds/{key}{suffix}") + narrowing.Query, narrowing.Name);
    }

    private Feed Make(Blog blog, List<Post> posts, string self, string? narrowed)
    {
        var feed = new Feed
        {
            Id = $"tag:antiphon.example,{blog.CreatedAt:yyyy-MM-dd}:blog:{blog.Key}" + (narrowed is null ? string.Empty : ":" + Uri.EscapeDataString(narrowed)),
            Title = narrowed is null ? blog.Name : $"{blog.Name}: {narrowed}",
            Description = blog.Description,
            Link = addresses.OfBlog(blog),
            FeedLink = self,
            Language = blog.Site.Language,
            Generator = "Antiphon",
            Updated = posts.Count == 0 ? blog.CreatedAt : posts.Max(post => post.UpdatedAt),
        };
        feed.Items.AddRange(posts.Select(ItemOf));
        return feed;
    }

    private FeedItem ItemOf(Post post)
    {
        var address = addresses.Of(post);
        var item = new FeedItem
        {
            Id = PostAddresses.StableId(post),
            Title = post.Title,
            Link = address,
            Summary = post.Excerpt ?? Shortened.ToWords(HtmlText.Of(post.BodyHtml), SummaryWords),
            // Cleaned again with the post's own address, so that every link and picture is absolute.
            ContentHtml = HtmlCleaner.ForPosts.Clean(post.BodyHtml, new Uri(address)),
            Published = post.PublishedAt,
            // A post dated ahead, or published a moment after its last save, has not changed before it was there.
            Updated = post.PublishedAt > post.UpdatedAt ? post.PublishedAt : post.UpdatedAt,
            Image = post.PictureAddress,
        };
        if (post.Author is not null) item.Authors.Add(new FeedPerson(post.Author, null, null));
        if (post.Category is not null) item.Categories.Add(post.Category);
        item.Categories.AddRange(post.Tags.Where(tag => !string.Equals(tag, post.Category, StringComparison.OrdinalIgnoreCase)));
        return item;
    }
}
