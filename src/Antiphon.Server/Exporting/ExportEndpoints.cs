using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Writing;
using Antiphon.Core.Posts;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Data.Feeds;
using Antiphon.Server.Feeds.Published;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Exporting;

/// <summary>/api/sites/{site}/blogs/{blog}/export/{form}: posts to take along.</summary>
internal static class ExportEndpoints
{
    /// <summary>Maps the forms.</summary>
    public static void MapExports(this RouteGroupBuilder site) =>
        site.MapGet("/blogs/{blog:long}/export/{form}", Export)
            .Needs(SiteRight.Edit)
            .WithTags("Blogs")
            .WithName("exportBlog")
            .WithSummary(
                "All posts of a blog as markdown, html (archives), json or atom, or the whole blog as pages to upload anywhere."
            );

    private static async Task<IResult> Export(
        long site,
        long blog,
        string form,
        string? target,
        AntiphonContext database,
        BlogExport export,
        StaticPages pages,
        PostItems items,
        PostAddresses addresses,
        HttpContext http
    )
    {
        var found = await database
            .Blogs.AsNoTracking()
            .Include(row => row.Site)
            .FirstOrDefaultAsync(row => row.Id == blog && row.SiteId == site, http.RequestAborted);
        if (found is null)
            return TypedResults.NotFound();
        if (!string.IsNullOrWhiteSpace(target) && !LinkResolver.IsWeb(target))
            return FieldProblem.For(
                "target",
                "Enter the full address the pages will be at, starting with https://, or leave it empty."
            );
        target = string.IsNullOrWhiteSpace(target) ? null : target.TrimEnd('/') + "/";
        var name = Slug.FromTitle(found.Name);
        return form switch
        {
            "markdown" => Archive(
                stream => export.WriteMarkdownAsync(found, stream, http.RequestAborted),
                $"{name}-markdown.zip"
            ),
            "html" => Archive(stream => export.WriteHtmlAsync(found, stream, http.RequestAborted), $"{name}-html.zip"),
            "pages" => Archive(
                stream => pages.WriteAsync(found, target, stream, http.RequestAborted),
                $"{name}-pages.zip"
            ),
            "json" => TypedResults.Stream(
                stream => export.WriteJsonAsync(found, stream, http.RequestAborted),
                "application/json",
                $"{name}.json"
            ),
            "atom" => TypedResults.Bytes(
                await AtomAsync(found, database, items, addresses, http.RequestAborted),
                "application/atom+xml",
                $"{name}.atom"
            ),
            _ => TypedResults.NotFound(),
        };
    }

    // An archive is written with its directory at the end, which needs to be written to while it is not yet known how
    // long it is.
    private static IResult Archive(Func<Stream, Task> write, string name) =>
        TypedResults.Stream(
            async stream =>
            {
                var path = Path.GetTempFileName();
                await using var file = new FileStream(
                    path,
                    FileMode.Create,
                    FileAccess.ReadWrite,
                    FileShare.None,
                    81920,
                    FileOptions.DeleteOnClose | FileOptions.Asynchronous
                );
                await write(file);
                file.Position = 0;
                await file.CopyToAsync(stream);
            },
            "application/zip",
            name
        );

    private static async Task<byte[]> AtomAsync(
        Blog blog,
        AntiphonContext database,
        PostItems items,
        PostAddresses addresses,
        CancellationToken cancellation
    )
    {
        var posts = await database
            .Posts.AsNoTracking()
            .Include(post => post.Blog.Site)
            .Where(post => post.BlogId == blog.Id && post.Status == PostStatus.Published)
            .OrderByDescending(post => post.PublishedAt)
            .ToListAsync(cancellation);
        var feed = new Feed
        {
            Id = $"urn:blog:{blog.Key}",
            Title = blog.Name,
            Description = blog.Description,
            Link = addresses.OfBlog(blog),
            Language = blog.Site.Language,
            Updated = PostItems.Updated(posts, blog.CreatedAt),
        };
        feed.Items.AddRange(await items.OfAsync(posts, new FeedSettings { IsFullText = true }, cancellation));
        return AtomWriter.Write(feed);
    }
}
