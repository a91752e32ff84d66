using Antiphon.Core.Posts;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Antiphon.Server.Posts.Reading;
using Antiphon.Server.Posts.Versions;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts.Lists;

/// <summary>/api/sites/{site}/posts as a list: found, ordered, changed in the row or many at a time.</summary>
internal static class PostListEndpoints
{
    private const int PageSize = 50;

    /// <summary>Maps the list.</summary>
    public static void MapPostList(this RouteGroupBuilder site)
    {
        var posts = site.MapGroup("/posts").WithTags("Posts");
        posts.MapGet("", ListPosts).Needs(SiteRight.See).WithName("listPosts");
        posts
            .MapGet("/count", CountPosts)
            .Needs(SiteRight.See)
            .WithName("countPosts")
            .WithSummary(
                "How many posts a filter finds; counting takes longer the more there are, so a list can be had without."
            );
        posts.MapGet("/terms", ListTerms).Needs(SiteRight.See).WithName("listTerms");
        posts
            .MapPut("/{post:long}/row", ChangeRow)
            .Needs(SiteRight.Edit)
            .Validate<PostSummaryEdit>()
            .WithName("changePostRow")
            .WithSummary("Changes the details of a post that a list shows.");
        posts
            .MapPost("/{post:long}/copy", Duplicate)
            .Needs(SiteRight.Write)
            .WithName("copyPost")
            .WithSummary("Makes a draft of the same content.");
        posts
            .MapPost("/bulk/forecast", Forecast)
            .Needs(SiteRight.Edit)
            .Validate<BulkRequest>()
            .WithName("forecastBulk")
            .WithSummary("How many posts a change would touch.");
        posts
            .MapPost("/bulk", ChangeMany)
            .Needs(SiteRight.Edit)
            .Validate<BulkRequest>()
            .WithName("changePosts")
            .WithSummary("Changes many posts at once.");
        posts
            .MapPost("/bulk/{change:long}/undo", Undo)
            .Needs(SiteRight.Edit)
            .WithName("undoBulk")
            .WithSummary("Takes a change to many posts back.");
    }

    private static async Task<Ok<PostPage>> ListPosts(
        long site,
        [AsParameters] PostQuery query,
        bool? counted,
        AntiphonContext database,
        PostAddresses addresses,
        CancellationToken cancellation
    )
    {
        var found = query.In(database, site).AsNoTracking();
        var order = query.Sort?.Value ?? PostOrder.Newest;
        var total = counted == false ? (int?)null : await found.CountAsync(cancellation);
        var rows = await found
            .Include(post => post.Blog.Following)
            .Ordered(order, query.After)
            .Take(PageSize + 1)
            .ToListAsync(cancellation);
        return TypedResults.Ok(
            new PostPage(
                [.. rows.Take(PageSize).Select(post => Summary(post, addresses))],
                rows.Count > PageSize ? PostOrdering.CursorAfter(rows[PageSize - 1], order) : null,
                total
            )
        );
    }

    private static async Task<Ok<PostCount>> CountPosts(
        long site,
        [AsParameters] PostQuery query,
        AntiphonContext database,
        CancellationToken cancellation
    ) => TypedResults.Ok(new PostCount(await query.In(database, site).CountAsync(cancellation)));

    private static async Task<Ok<TermsView>> ListTerms(
        long site,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var rows = await database
            .Posts.AsNoTracking()
            .Where(post => post.SiteId == site)
            .Select(post => new
            {
                post.Category,
                post.MoreCategories,
                post.Tags,
                post.Author,
            })
            .ToListAsync(cancellation);
        static List<string> MostUsed(IEnumerable<string?> words) =>
            [
                .. words
                    .OfType<string>()
                    .GroupBy(word => word, StringComparer.OrdinalIgnoreCase)
                    .OrderByDescending(group => group.Count())
                    .ThenBy(group => group.Key, StringComparer.CurrentCultureIgnoreCase)
                    .Select(group => group.Key),
            ];
        return TypedResults.Ok(
            new TermsView(
                MostUsed(rows.SelectMany(row => row.MoreCategories.Prepend(row.Category))),
                MostUsed(rows.SelectMany(row => row.Tags)),
                MostUsed(rows.Select(row => row.Author))
            )
        );
    }

    private static async Task<Results<Ok<PostSummary>, NotFound, ValidationProblem, ProblemHttpResult>> ChangeRow(
        long site,
        long post,
        PostSummaryEdit request,
        HttpContext http,
        AntiphonContext database,
        PostSaving saving,
        PostVersions versions,
        PostAddresses addresses,
        CancellationToken cancellation
    )
    {
        var found = await database
            .Posts.Include(row => row.Blog.Following)
            .SingleOrDefaultAsync(row => row.Id == post && row.SiteId == site, cancellation);
        if (found is null)
            return TypedResults.NotFound();
        if (found.Blog.Following is not null)
            return FieldProblem.For("title", "This post belongs to a followed blog; change it where it was written.");
        if (found.Revision != request.Revision)
            return PostSaving.Conflict();
        await versions.KeepOriginalAsync(found, cancellation);
        if (saving.DateProblem(found.Status, request.PublishedAt) is { } problem)
            return FieldProblem.For("publishedAt", problem);
        await saving.ApplyRowAsync(request, found, cancellation);
        var person = http.Member().PersonId;
        await versions.KeepAsync(
            found,
            person,
            await database.NameOfAsync(person, cancellation),
            found.Status == PostStatus.Published,
            cancellation
        );
        return await saving.TryStoreAsync(cancellation)
            ? TypedResults.Ok(Summary(found, addresses))
            : PostSaving.Conflict();
    }

    private static async Task<Results<Ok<PostSummary>, NotFound, ValidationProblem>> Duplicate(
        long site,
        long post,
        AntiphonContext database,
        PostSaving saving,
        PostAddresses addresses,
        CancellationToken cancellation
    )
    {
        var found = await database
            .Posts.AsNoTracking()
            .SingleOrDefaultAsync(row => row.Id == post && row.SiteId == site, cancellation);
        if (found is null)
            return TypedResults.NotFound();
        var blog = await database
            .Blogs.Include(row => row.Following)
            .SingleAsync(row => row.Id == found.BlogId, cancellation);
        if (blog.Following is not null)
            return FieldProblem.For(
                "post",
                "This post belongs to a followed blog; it can only be copied where it was written."
            );
        var copy = await saving.CopyAsync(found, blog, cancellation);
        return TypedResults.Ok(Summary(copy, addresses));
    }

    private static async Task<Ok<BulkForecast>> Forecast(
        long site,
        BulkRequest request,
        BulkChanges changes,
        CancellationToken cancellation
    ) => TypedResults.Ok(await changes.ForecastAsync(site, request, cancellation));

    private static async Task<Results<Ok<BulkResult>, ValidationProblem>> ChangeMany(
        long site,
        BulkRequest request,
        HttpContext http,
        BulkChanges changes,
        CancellationToken cancellation
    )
    {
        var result = await changes.MakeAsync(site, http.Member().PersonId, request, cancellation);
        return result is null
            ? FieldProblem.For("posts", $"Choose at most {BulkChanges.Most:N0} posts at once; narrow the list first.")
            : TypedResults.Ok(result);
    }

    private static async Task<Results<Ok<BulkUndone>, NotFound>> Undo(
        long site,
        long change,
        HttpContext http,
        BulkChanges changes,
        CancellationToken cancellation
    )
    {
        var result = await changes.UndoAsync(site, http.Member().PersonId, change, cancellation);
        return result is null ? TypedResults.NotFound() : TypedResults.Ok(result);
    }

    private static PostSummary Summary(Post post, PostAddresses addresses) =>
        new(
            post.Id,
            post.Title,
            post.Slug,
            post.Blog.Name,
            post.BlogId,
            post.Blog.Following is null,
            post.Author,
            post.Category,
            post.Tags,
            post.Status,
            post.PublishedAt,
            post.UpdatedAt,
            addresses.Of(post),
            post.Revision,
            post.IsFeatured,
            post.IsPinned,
            post.Details.CommentsOff,
            post.Findings ?? 0,
            post.DeletedAt
        );
}
