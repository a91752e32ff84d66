using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Server.Platform.Access;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Search;

/// <summary>Something found by name.</summary>
/// <param name="Kind">post, listing, blog or thread.</param>
/// <param name="Id">Its id.</param>
/// <param name="Title">Its name.</param>
/// <param name="Detail">A word to tell it from others of that name.</param>
internal sealed record FoundView(string Kind, long Id, string Title, string? Detail);

/// <summary>/api/sites/{site}/find, behind Ctrl K.</summary>
internal static class FindEndpoints
{
    private const int OfEach = 6;

    /// <summary>Maps the search.</summary>
    public static void MapFinding(this RouteGroupBuilder site) =>
        site.MapGet("/find", Find).WithTags("Finding").Needs(SiteRight.See).WithName("find");

    private static async Task<Ok<List<FoundView>>> Find(
        long site,
        string? q,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        if (string.IsNullOrWhiteSpace(q))
            return TypedResults.Ok(new List<FoundView>());
        var pattern = $"%{q.Trim().Replace("%", string.Empty, StringComparison.Ordinal)}%";
        var posts = await database
            .Posts.Where(post => post.SiteId == site && EF.Functions.Like(post.Title, pattern))
            .OrderByDescending(post => post.PublishedAt)
            .Take(OfEach)
            .Select(post => new FoundView("post", post.Id, post.Title, post.Blog.Name))
            .ToListAsync(cancellation);
        var listings = await database
            .Listings.Where(listing => listing.SiteId == site && EF.Functions.Like(listing.Name, pattern))
            .Take(OfEach)
            .Select(listing => new FoundView("listing", listing.Id, listing.Name, listing.PageAddress))
            .ToListAsync(cancellation);
        var blogs = await database
            .Blogs.Where(blog => blog.SiteId == site && EF.Functions.Like(blog.Name, pattern))
            .Take(OfEach)
            .Select(blog => new FoundView("blog", blog.Id, blog.Name, blog.HomeAddress))
            .ToListAsync(cancellation);
        return TypedResults.Ok((List<FoundView>)[.. posts, .. listings, .. blogs]);
    }
}
