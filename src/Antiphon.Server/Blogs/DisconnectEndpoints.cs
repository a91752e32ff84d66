using System.Security.Claims;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Blogs;

/// <summary>Disconnecting blogs, under /api/sites/{site}/blogs.</summary>
internal static class DisconnectEndpoints
{
    /// <summary>Maps the area.</summary>
    public static void MapDisconnecting(this RouteGroupBuilder site)
    {
        var blogs = site.MapGroup("/blogs").WithTags("Blogs");
        blogs.MapGet("/{blog:long}/reach", Reach).Needs(SiteRight.See).WithName("getBlogReach");
        blogs.MapGet("/removed", Removed).Needs(SiteRight.See).WithName("listRemovedBlogs");
        blogs
            .MapDelete("/{blog:long}", Disconnect)
            .Needs(SiteRight.Own)
            .WithName("disconnectBlog")
            .WithSummary("Removes a blog with its posts; for thirty days both can be restored.");
        blogs.MapPost("/{blog:long}/restore", Restore).Needs(SiteRight.Own).WithName("restoreBlog");
        blogs
            .MapDelete("/{blog:long}/following", StopFollowing)
            .Needs(SiteRight.Edit)
            .WithName("stopFollowing")
            .WithSummary("Stops following the feed of a blog; its posts stay.");
        blogs
            .MapPost("/{blog:long}/following", FollowAgain)
            .Needs(SiteRight.Edit)
            .WithName("followAgain")
            .WithSummary("Follows a feed into a blog that follows none.");
    }

    private static async Task<Results<Ok<BlogReach>, NotFound>> Reach(
        long site,
        long blog,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        if (!await database.Blogs.AnyAsync(row => row.Id == blog && row.SiteId == site, cancellation))
            return TypedResults.NotFound();
        var posts = await database.Posts.CountAsync(post => post.BlogId == blog, cancellation);
        var definitions = await database
            .Listings.Where(listing => listing.SiteId == site)
            .Select(listing => new { listing.Name, listing.Definition })
            .ToListAsync(cancellation);
        return TypedResults.Ok(
            new BlogReach(
                posts,
                [.. definitions.Where(row => row.Definition.Blogs.Contains(blog)).Select(row => row.Name)]
            )
        );
    }

    private static async Task<Ok<List<RemovedBlog>>> Removed(
        long site,
        AntiphonContext database,
        BlogRemoval removal,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok(
            await removal
                .Removed(site)
                .OrderByDescending(blog => blog.RemovedAt)
                .Select(blog => new RemovedBlog(
                    blog.Id,
                    blog.Name,
                    database.Posts.IgnoreQueryFilters().Count(post => post.BlogId == blog.Id),
                    blog.RemovedAt!.Value
                ))
                .ToListAsync(cancellation)
        );

    private static async Task<Results<NoContent, NotFound>> Disconnect(
        long site,
        long blog,
        BlogRemoval removal,
        ClaimsPrincipal user,
        CancellationToken cancellation
    ) =>
        await removal.RemoveAsync(site, blog, user.PersonId(), cancellation)
            ? TypedResults.NoContent()
            : TypedResults.NotFound();

    private static async Task<Results<NoContent, NotFound>> Restore(
        long site,
        long blog,
        BlogRemoval removal,
        ClaimsPrincipal user,
        CancellationToken cancellation
    ) =>
        await removal.RestoreAsync(site, blog, user.PersonId(), cancellation)
            ? TypedResults.NoContent()
            : TypedResults.NotFound();

    private static async Task<Results<Ok<StoppedFollowing>, NotFound>> StopFollowing(
        long site,
        long blog,
        BlogRemoval removal,
        ClaimsPrincipal user,
        CancellationToken cancellation
    ) =>
        await removal.StopFollowingAsync(site, blog, user.PersonId(), cancellation) is { } address
            ? TypedResults.Ok(new StoppedFollowing(address))
            : TypedResults.NotFound();

    private static async Task<Results<NoContent, NotFound, ValidationProblem>> FollowAgain(
        long site,
        long blog,
        StoppedFollowing request,
        BlogRemoval removal,
        ClaimsPrincipal user,
        CancellationToken cancellation
    )
    {
        if (!LinkResolver.IsWeb(request.FeedAddress))
            return FieldProblem.For("feedAddress", FetchWords.For(FetchProblem.NotAnAddress, null));
        return await removal.FollowAgainAsync(site, blog, new Uri(request.FeedAddress), user.PersonId(), cancellation)
            ? TypedResults.NoContent()
            : TypedResults.NotFound();
    }
}

/// <summary>What a blog is part of.</summary>
/// <param name="Posts">Posts it has, drafts included.</param>
/// <param name="Listings">Names of the listings that choose it.</param>
internal sealed record BlogReach(int Posts, IReadOnlyList<string> Listings);

/// <summary>A blog that was removed and can be restored.</summary>
/// <param name="Posts">Posts that lie in the bin with it.</param>
internal sealed record RemovedBlog(long Id, string Name, int Posts, DateTimeOffset RemovedAt);

/// <summary>What was followed; following it again takes this address.</summary>
internal sealed record StoppedFollowing(string FeedAddress);
