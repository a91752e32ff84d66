using Antiphon.Core.Feeds.Writing;
using Antiphon.Core.Posts;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Embed;
using Antiphon.Server.Hosting;
using Antiphon.Server.Posts.Pages;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Posts;

/// <summary>/posts/{key}/{slug} and /blogs/{key}: pages for readers.</summary>
internal static class PublicPostEndpoints
{
    private const int IndexLength = 50;

    /// <summary>Maps the pages.</summary>
    public static void MapPublicPosts(this WebApplication app)
    {
        app.MapGet("/posts/{key}/{slug?}", ShowPost).ExcludeFromDescription();
        app.MapGet("/blogs/{key}", ShowBlog).ExcludeFromDescription();
        app.MapGet("/blogs/{key}/sitemap.xml", ShowSitemap).ExcludeFromDescription();
    }

    private static async Task<IResult> ShowPost(
        string key, string? slug, HttpContext http, AntiphonContext database, PostPageReader reader, PostAddresses addresses, IOptions<AntiphonOptions> options, TimeProvider clock)
    {
        var post = await database.Posts.IgnoreQueryFilters().AsNoTracking().Include(one => one.Blog.Site).Include(one => one.Blog.Following).FirstOrDefaultAsync(one => one.Key == key, http.RequestAborted);
        if (post is null || post.Status is not (PostStatus.Published or PostStatus.Withdrawn) || post.PublishedAt > clock.GetUtcNow()) return Missing();
        if (post.Status == PostStatus.Withdrawn || post.DeletedAt is not null) return PublicPage.Message("This post was withdrawn", "Its author took it back.", StatusCodes.Status410Gone);
        if (post.Blog.Following is not null) return TypedResults.Redirect(addresses.Of(post));
        if (slug != post.Slug) return TypedResults.Redirect(addresses.Here(post.Key, post.Slug), permanent: true);
        return PostPageMarkup.Page(await reader.ReadAsync(post, isPreview: false, http.RequestAborted), addresses, options.Value);
    }

    private static string FeedLink(Blog blog, AntiphonOptions options) =>
        $"<link rel=\"alternate\" type=\"application/rss+xml\" title=\"{Encoded.Html(blog.Name)}\" href=\"{options.AddressOf($"feeds/{blog.Key}.rss")}\">";

    private static async Task<IResult> ShowBlog(string key, HttpContext http, AntiphonContext database, PostAddresses addresses, IOptions<AntiphonOptions> options, TimeProvider clock)
    {
        var blog = await database.Blogs.AsNoTracking().Include(one => one.Site).FirstOrDefaultAsync(one => one.Key == key, http.RequestAborted);
        if (blog is null) return Missing();
        var now = clock.GetUtcNow();
        var posts = await database.Posts.AsNoTracking().Where(post => post.BlogId == blog.Id && post.Status == PostStatus.Published && post.PublishedAt <= now)
            .OrderByDescending(post => post.IsPinned).ThenByDescending(post => post.PublishedAt).Take(IndexLength).ToListAsync(http.RequestAborted);
        var entries = posts.Select(post =>
            $"<li><a href=\"{Encoded.Html(addresses.Of(post))}\">{Encoded.Html(post.Title)}</a><p class=\"byline\">{Encoded.Html(SiteCulture.LongDate(post.PublishedAt!.Value, blog.Site.Language, blog.Site.TimeZone))}</p></li>");
        var list = posts.Count == 0 ? $"<p>{EmbedTexts.For(blog.Site.Language).NothingYet}</p>" : $"<ul class=\"index\">{string.Concat(entries)}</ul>";
        return PublicPage.Html(
            blog.Name, $"<p>{Encoded.Html(blog.Description)}</p>{list}", head: FeedLink(blog, options.Value), language: blog.Site.Language,
            above: $"<p class=\"kicker\"><a href=\"{Encoded.Html(blog.Site.Address)}\">{Encoded.Html(blog.Site.Name)}</a></p>");
    }

    // Sitemaps 0.9 of sitemaps.org; one holds 50,000 addresses at most.
    private static async Task<IResult> ShowSitemap(string key, HttpContext http, AntiphonContext database, PostAddresses addresses, TimeProvider clock)
    {
        var now = clock.GetUtcNow();
        var posts = await database.Posts.AsNoTracking().Include(post => post.Blog).Where(post => post.Blog.Key == key && post.Status == PostStatus.Published && post.PublishedAt <= now)
            .OrderByDescending(post => post.PublishedAt).Take(50_000).ToListAsync(http.RequestAborted);
        var entries = posts.Where(post => !post.Details.HiddenFromSearch && post.Details.CanonicalAddress is null && post.SourceAddress is null)
            .Select(post => $"<url><loc>{Encoded.Html(addresses.Of(post))}</loc><lastmod>{AtomWriter.Date(post.UpdatedAt)}</lastmod></url>");
        return TypedResults.Text($"<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<urlset xmlns=\"http://www.sitemaps.org/schemas/sitemap/0.9\">{string.Concat(entries)}</urlset>", "application/xml");
    }

    private static IResult Missing() => PublicPage.Message("Nothing here", "There is no page at this address. It may have been mistyped, or the post is not published yet.", StatusCodes.Status404NotFound);
}
