using System.Text;
using Antiphon.Core.Feeds.Writing;
using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Data.Posts;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Posts.Reading;
using Microsoft.AspNetCore.Mvc;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.PublicPages.Blogs;

/// <summary>
/// /blogs/{key} and below: the pages of a blog for readers, also under a host name of the blog's own.
/// </summary>
internal static class BlogPageEndpoints
{
    private const int MostInSitemap = 50_000;

    /// <summary>Maps the pages.</summary>
    public static void MapBlogPages(this WebApplication app)
    {
        var pages = app.MapGroup("/blogs/{key}").ExcludeFromDescription();
        pages
            .MapGet("", ([AsParameters] PageRequest asked, string? before) =>
                asked.ShowAsync(async (reader, blog, end) => await reader.FirstAsync(blog, before, end))
            )
            .ForAnybody();
        pages
            .MapGet("/category/{name}", ([AsParameters] PageRequest asked, string name, string? before) =>
                asked.ShowAsync((reader, blog, end) => reader.CategoryAsync(blog, name, before, end))
            )
            .ForAnybody();
        pages
            .MapGet("/tag/{name}", ([AsParameters] PageRequest asked, string name, string? before) =>
                asked.ShowAsync((reader, blog, end) => reader.TagAsync(blog, name, before, end))
            )
            .ForAnybody();
        pages
            .MapGet("/author/{name}", ([AsParameters] PageRequest asked, string name, string? before) =>
                asked.ShowAsync((reader, blog, end) => reader.AuthorAsync(blog, name, before, end))
            )
            .ForAnybody();
        pages
            .MapGet("/archive", ([AsParameters] PageRequest asked) =>
                asked.ShowAsync(async (reader, blog, end) => await reader.ArchiveAsync(blog, end))
            )
            .ForAnybody();
        pages
            .MapGet("/archive/{month}", ([AsParameters] PageRequest asked, string month) =>
                asked.ShowAsync((reader, blog, end) => reader.MonthAsync(blog, month, end))
            )
            .ForAnybody();
        pages
            .MapGet("/search", ([AsParameters] PageRequest asked, string? q) =>
                asked.ShowAsync(async (reader, blog, end) => await reader.SearchAsync(blog, q, end))
            )
            .ForAnybody();
        pages.MapGet("/sitemap.xml", ShowSitemap).ForAnybody();
        pages.MapGet("/robots.txt", ShowRobots).ForAnybody();
        // Under a host name of a blog's own nothing else of ours answers, the workplace least of all.
        pages.MapGet("/{**rest}", () => PublicPage.Missing()).ForAnybody();
    }

    private static async Task<IResult> ShowSitemap(
        string key,
        HttpContext http,
        AntiphonContext database,
        PostAddresses addresses,
        TimeProvider clock
    )
    {
        var blog = await database.Blogs.AsNoTracking().FirstOrDefaultAsync(row => row.Key == key, http.RequestAborted);
        if (blog is null)
            return PublicPage.Missing();
        var now = clock.GetUtcNow();
        var posts = await database
            .Posts.AsNoTracking()
            .PublicAt(now)
            .Where(post => post.BlogId == blog.Id)
            .OrderByDescending(post => post.PublishedAt)
            .Take(MostInSitemap)
            .Select(post => new Post
            {
                Key = post.Key,
                Slug = post.Slug,
                SourceAddress = post.SourceAddress,
                Details = post.Details,
                Category = post.Category,
                MoreCategories = post.MoreCategories,
                UpdatedAt = post.UpdatedAt,
            })
            .ToListAsync(http.RequestAborted);
        return TypedResults.Text(Sitemap(blog, posts, addresses), "application/xml");
    }

    // Sitemaps 0.9 of sitemaps.org; one holds 50,000 addresses at most.
    private static string Sitemap(Blog blog, List<Post> posts, PostAddresses addresses)
    {
        foreach (var post in posts)
            post.Blog = blog;
        var pages = posts
            .SelectMany(post => post.AllCategories)
            .Distinct()
            .Select(name => addresses.OfPage(blog, "category/" + Uri.EscapeDataString(name)))
            .Prepend(addresses.OfPage(blog, "archive"))
            .Prepend(addresses.OfBlog(blog));
        var xml = new StringBuilder(
            "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<urlset xmlns=\"http://www.sitemaps.org/schemas/sitemap/0.9\">"
        );
        // Where the blog lives in a page of the site, ours are copies that point there.
        var listed = (blog.ShowsPostsAtHome ? [addresses.OfBlog(blog)] : pages).ToList();
        foreach (var page in listed)
            xml.Append("<url><loc>").Append(Encoded.Html(page)).Append("</loc></url>");
        foreach (
            var post in posts
                .Where(post =>
                    !post.Details.HiddenFromSearch
                    && post.Details.CanonicalAddress is null
                    && post.SourceAddress is null
                )
                .Take(MostInSitemap - listed.Count)
        )
            xml.Append("<url><loc>")
                .Append(Encoded.Html(addresses.Of(post)))
                .Append("</loc><lastmod>")
                .Append(AtomWriter.Date(post.UpdatedAt))
                .Append("</lastmod></url>");
        return xml.Append("</urlset>").ToString();
    }

    // RFC 9309.
    private static async Task<IResult> ShowRobots(
        string key,
        HttpContext http,
        AntiphonContext database,
        PostAddresses addresses
    )
    {
        var blog = await database.Blogs.AsNoTracking().FirstOrDefaultAsync(row => row.Key == key, http.RequestAborted);
        return blog is null
            ? PublicPage.Missing()
            : TypedResults.Text(
                $"{BlogHostCheck.MarkOf(blog)}\nUser-agent: *\nDisallow: {new Uri(addresses.OfPage(blog, "search")).AbsolutePath}\nDisallow: /previews/\n\nSitemap: {addresses.OfPage(blog, "sitemap.xml")}\n"
            );
    }
}

/// <summary>A request for a page of a blog.</summary>
internal sealed record PageRequest(
    string Key,
    [FromServices] AntiphonContext Database,
    [FromServices] BlogPageReader Reader,
    [FromServices] BlogPageMarkup Markup,
    HttpContext Http
)
{
    /// <summary>The page, or the message that there is none.</summary>
    public async Task<IResult> ShowAsync(Func<BlogPageReader, Blog, CancellationToken, Task<BlogPageContent?>> read)
    {
        var blog = await Database
            .Blogs.AsNoTracking()
            .Include(row => row.Site)
            .FirstOrDefaultAsync(row => row.Key == Key, Http.RequestAborted);
        if (blog is null || await read(Reader, blog, Http.RequestAborted) is not { } content)
            return PublicPage.Missing();
        return TypedResults.Content(Markup.Page(content), "text/html; charset=utf-8");
    }
}
