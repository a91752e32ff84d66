using Antiphon.Core.Listings.Styles;
using Antiphon.Core.Listings.Styles.Colours;
using Antiphon.Core.Posts;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Server.Platform;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Antiphon.Server.Posts.Reading;
using Antiphon.Server.PublicPages.Blogs;
using Antiphon.Server.PublicPages.Posts;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.PublicPages;

/// <summary>
/// /api/sites/{site}/blogs/{blog}/pages: how the pages we serve for a blog look and where they answer.
/// </summary>
internal static class PageSettingsEndpoints
{
    /// <summary>Maps the area.</summary>
    public static void MapPageSettings(this RouteGroupBuilder site)
    {
        var pages = site.MapGroup("/blogs/{blog:long}/pages").WithTags("Blogs");
        pages.MapGet("", Get).Needs(SiteRight.See).WithName("getPages");
        pages
            .MapPut("", Keep)
            .Needs(SiteRight.Edit)
            .Validate<PagesRequest>()
            .WithName("keepPages")
            .WithSummary("How the pages of a blog look, and the host name they answer under.");
        pages
            .MapPost("/preview", Preview)
            .Validate<PagesRequest>()
            .Needs(SiteRight.See)
            .WithName("previewPages")
            .WithSummary("Pages of the blog in a look that is not saved.");
        pages
            .MapPost("/host", LookAtHost)
            .Needs(SiteRight.Edit)
            .WithName("checkHost")
            .WithSummary("Whether the blog's own host name leads here.");
    }

    private static async Task<Results<Ok<PagesView>, NotFound>> Get(
        long site,
        long blog,
        AntiphonContext database,
        PostAddresses addresses,
        CancellationToken cancellation
    ) =>
        await FindAsync(database, site, blog, cancellation) is { } found
            ? TypedResults.Ok(ViewOf(found, addresses))
            : TypedResults.NotFound();

    private static async Task<Results<Ok<PagesView>, NotFound, ValidationProblem>> Keep(
        long site,
        long blog,
        PagesRequest request,
        AntiphonContext database,
        PostAddresses addresses,
        IOptions<AntiphonOptions> options,
        CancellationToken cancellation
    )
    {
        if (await FindAsync(database, site, blog, cancellation) is not { } found)
            return TypedResults.NotFound();
        var host = Trimmed.OrNull(request.HostName) is { } entered ? HostName.Parse(entered) : null;
        if (host is not null && host == new Uri(options.Value.PublicAddress).Host)
            return FieldProblem.For(
                "hostName",
                "This is Antiphon’s own host name. Use another, e.g. blog.quillmoor.example."
            );
        if (
            host is not null
            && await database.Blogs.AnyAsync(row => row.HostName == host && row.Id != blog, cancellation)
        )
            return FieldProblem.For("hostName", "Another blog answers under this name already.");
        if (host != found.HostName)
            (found.HostName, found.HostSeenAt) = (host, null);
        (found.PageLook, found.SearchDescription) = (request.Look, Trimmed.OrNull(request.SearchDescription));
        // Its pages carry conversations, which ask us from there.
        if (
            host is not null
            && AllowedAddresses.OriginOf(addresses.AtHost(host)) is { } origin
            && !found.Site.AllowedAddresses.Contains(origin)
        )
            found.Site.AllowedAddresses = [.. found.Site.AllowedAddresses, origin];
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(ViewOf(found, addresses));
    }

    private static async Task<Results<Ok<PagesPreview>, NotFound>> Preview(
        long site,
        long blog,
        PagesRequest request,
        AntiphonContext database,
        BlogPageReader reader,
        BlogPageMarkup markup,
        PostPageReader posts,
        PostAddresses addresses,
        IOptions<AntiphonOptions> options,
        CancellationToken cancellation
    )
    {
        if (await FindAsync(database, site, blog, cancellation) is not { } found)
            return TypedResults.NotFound();
        database.ChangeTracker.Clear();
        found.PageLook = request.Look;
        var index = markup.Page(await reader.FirstAsync(found, null, cancellation));
        var latest = await database
            .Posts.AsNoTracking()
            .Where(post => post.BlogId == blog && post.Status == PostStatus.Published)
            .OrderByDescending(post => post.Tags.Count > 0 && post.Category != null)
            .ThenByDescending(post => post.PublishedAt)
            .FirstOrDefaultAsync(cancellation);
        if (latest is null)
            return TypedResults.Ok(new PagesPreview(index, null));
        latest.Blog = found;
        return TypedResults.Ok(
            new PagesPreview(
                index,
                PostPageMarkup.Page(
                    await posts.ReadAsync(latest, isPreview: false, cancellation),
                    addresses,
                    options.Value
                )
            )
        );
    }

    private static async Task<Results<Ok<HostView>, NotFound, ValidationProblem>> LookAtHost(
        long site,
        long blog,
        AntiphonContext database,
        BlogHostCheck check,
        CancellationToken cancellation
    )
    {
        if (await FindAsync(database, site, blog, cancellation) is not { } found)
            return TypedResults.NotFound();
        if (found.HostName is null)
            return FieldProblem.For("hostName", "Enter and save a host name first.");
        var trouble = await check.RunAsync(found, cancellation);
        return TypedResults.Ok(new HostView(trouble is null, trouble));
    }

    private static Task<Blog?> FindAsync(
        AntiphonContext database,
        long site,
        long blog,
        CancellationToken cancellation
    ) =>
        database
            .Blogs.Include(row => row.Site)
            .FirstOrDefaultAsync(row => row.Id == blog && row.SiteId == site && row.Following == null, cancellation);

    private static PagesView ViewOf(Blog blog, PostAddresses addresses) =>
        new(
            addresses.OfPage(blog, string.Empty),
            addresses.OfPage(blog, "sitemap.xml"),
            blog.HostName,
            blog.HostName is { } host ? addresses.AtHost(host) : null,
            blog.HostSeenAt,
            blog.SearchDescription,
            blog.PageLook,
            LookContrast.Of(
                new ListingLook
                {
                    Theme = blog.PageLook.Theme,
                    Colours = blog.PageLook.Colours,
                    DarkColours = blog.PageLook.DarkColours,
                    HeadingType = blog.PageLook.HeadingType,
                },
                LookColours.Inherited
            )
        );
}
