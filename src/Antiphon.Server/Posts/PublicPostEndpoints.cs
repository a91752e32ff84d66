using Antiphon.Core.Html;
using Antiphon.Core.Pictures;
using Antiphon.Core.Posts;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Embed;
using Antiphon.Server.Hosting;
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
    }

    private static async Task<IResult> ShowPost(
        string key, string? slug, HttpContext http, AntiphonContext database, ThreadReader threads, PostAddresses addresses, IOptions<AntiphonOptions> options, TimeProvider clock)
    {
        var post = await database.Posts.IgnoreQueryFilters().AsNoTracking().Include(one => one.Blog.Site).Include(one => one.Blog.Following).FirstOrDefaultAsync(one => one.Key == key, http.RequestAborted);
        if (post is null || post.Status is not (PostStatus.Published or PostStatus.Withdrawn) || post.PublishedAt > clock.GetUtcNow()) return Missing();
        if (post.Status == PostStatus.Withdrawn || post.DeletedAt is not null) return PublicPage.Message("This post was withdrawn", "Its author took it back.", StatusCodes.Status410Gone);
        if (post.Blog.Following is not null) return TypedResults.Redirect(addresses.Of(post));
        if (slug != post.Slug) return TypedResults.Redirect(addresses.Here(post.Key, post.Slug), permanent: true);
        var thread = await threads.FindAsync(post.Blog.Site, PostPublisher.ThreadIdentifier(post), null, http.RequestAborted);
        var comments = await threads.CommentsAsync(thread, http.RequestAborted);
        return Page(post, comments, await threads.IsOpenAsync(thread, http.RequestAborted), addresses, options.Value);
    }

    private static IResult Page(Post post, IReadOnlyList<ReaderComment> comments, bool isOpen, PostAddresses addresses, AntiphonOptions options)
    {
        var site = post.Blog.Site;
        var address = addresses.Of(post);
        var identifier = PostPublisher.ThreadIdentifier(post);
        var form = new ThreadForm(options.AddressOf($"embed/threads/{site.PublicKey}"), identifier, address, post.Title, isOpen);
        var date = post.PublishedAt is { } published ? SiteCulture.LongDate(published, site.Language, site.TimeZone) : string.Empty;
        var byline = string.Join(" · ", new[] { date, post.Author, post.Category }.Where(part => !string.IsNullOrEmpty(part)).Select(Encoded.Html));
        var picture = post.PictureAddress is null ? string.Empty : $"<img class=\"lead\" src=\"{Encoded.Html(post.PictureAddress)}\" alt=\"{Encoded.Html(post.PictureAlt)}\">";
        var thread = $"<div data-antiphon-thread=\"{Encoded.Html(identifier)}\" data-antiphon-site=\"{site.PublicKey}\" data-antiphon-url=\"{Encoded.Html(address)}\" data-antiphon-title=\"{Encoded.Html(post.Title)}\">"
            + ThreadFragment.Render(site, comments, form) + $"</div><script src=\"{options.AddressOf("embed/antiphon.js")}\" async></script>";
        return PublicPage.Html(
            post.Title, $"<p class=\"byline\">{byline}</p>{picture}<article>{PicturesInText.WithSizes(post.BodyHtml)}</article><hr>{thread}", head: Head(post, address, options), language: site.Language,
            above: $"<p class=\"kicker\"><a href=\"{Encoded.Html(site.Address)}\">{Encoded.Html(site.Name)}</a> · <a href=\"{Encoded.Html(addresses.OfBlog(post.Blog))}\">{Encoded.Html(post.Blog.Name)}</a></p>");
    }

    private static string Head(Post post, string address, AntiphonOptions options)
    {
        var description = post.Excerpt ?? Shortened.ToLength(HtmlText.Of(post.BodyHtml), 160);
        return $"<link rel=\"canonical\" href=\"{Encoded.Html(address)}\"><meta name=\"description\" content=\"{Encoded.Html(description)}\">" + FeedLink(post.Blog, options);
    }

    private static string FeedLink(Blog blog, AntiphonOptions options) =>
        $"<link rel=\"alternate\" type=\"application/rss+xml\" title=\"{Encoded.Html(blog.Name)}\" href=\"{options.AddressOf($"feeds/{blog.Key}.rss")}\">";

    private static async Task<IResult> ShowBlog(string key, HttpContext http, AntiphonContext database, PostAddresses addresses, IOptions<AntiphonOptions> options, TimeProvider clock)
    {
        var blog = await database.Blogs.AsNoTracking().Include(one => one.Site).FirstOrDefaultAsync(one => one.Key == key, http.RequestAborted);
        if (blog is null) return Missing();
        var now = clock.GetUtcNow();
        var posts = await database.Posts.AsNoTracking().Where(post => post.BlogId == blog.Id && post.Status == PostStatus.Published && post.PublishedAt <= now)
            .OrderByDescending(post => post.PublishedAt).Take(IndexLength).ToListAsync(http.RequestAborted);
        var entries = posts.Select(post =>
            $"<li><a href=\"{Encoded.Html(addresses.Of(post))}\">{Encoded.Html(post.Title)}</a><p class=\"byline\">{Encoded.Html(SiteCulture.LongDate(post.PublishedAt!.Value, blog.Site.Language, blog.Site.TimeZone))}</p></li>");
        var list = posts.Count == 0 ? $"<p>{EmbedTexts.For(blog.Site.Language).NothingYet}</p>" : $"<ul class=\"index\">{string.Concat(entries)}</ul>";
        return PublicPage.Html(
            blog.Name, $"<p>{Encoded.Html(blog.Description)}</p>{list}", head: FeedLink(blog, options.Value), language: blog.Site.Language,
            above: $"<p class=\"kicker\"><a href=\"{Encoded.Html(blog.Site.Address)}\">{Encoded.Html(blog.Site.Name)}</a></p>");
    }

    private static IResult Missing() => PublicPage.Message("Nothing here", "There is no page at this address. It may have been mistyped, or the post is not published yet.", StatusCodes.Status404NotFound);
}
