using Antiphon.Core.Posts;
using Antiphon.Core.Sites;
using Antiphon.Core.Time;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Antiphon.Server.Posts.Reading;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts;

/// <summary>/api/sites/{site}/posts/{post}: a post in the editor.</summary>
internal static class PostEndpoints
{
    /// <summary>Maps the area.</summary>
    public static void MapPosts(this RouteGroupBuilder site)
    {
        var posts = site.MapGroup("/posts").WithTags("Posts");
        posts.MapPost("", WritePost).Needs(SiteRight.Write).Validate<PostRequest>().WithName("writePost");
        posts.MapGet("/{post:long}", GetPost).Needs(SiteRight.See).WithName("getPost");
        posts.MapPut("/{post:long}", SavePost).Needs(SiteRight.Write).Validate<PostRequest>().WithName("savePost");
    }

    private static async Task<Results<Ok<PostView>, NotFound>> GetPost(
        long site,
        long post,
        AntiphonContext database,
        PostAddresses addresses
    )
    {
        var found = await database
            .Posts.AsNoTracking()
            .Include(row => row.Blog.Following)
            .Include(row => row.Blog.Site)
            .SingleOrDefaultAsync(row => row.Id == post && row.SiteId == site);
        return found is null ? TypedResults.NotFound() : TypedResults.Ok(View(found, addresses));
    }

    private static async Task<Results<Ok<PostView>, ValidationProblem, ProblemHttpResult>> WritePost(
        long site,
        PostRequest request,
        HttpContext http,
        AntiphonContext database,
        PostCommit commit,
        PostAddresses addresses,
        IKeySource keys,
        TimeProvider clock
    )
    {
        if (Overreach(http.Member(), null, request.Status) is { } refusal)
            return refusal;
        var blog = await database
            .Blogs.Include(row => row.Following)
            .Include(row => row.Site)
            .SingleOrDefaultAsync(row => row.Id == request.BlogId && row.SiteId == site);
        if (blog is null || blog.Following is not null)
            return FieldProblem.For("blogId", "Choose a blog that is written here.");
        var post = new Post
        {
            Key = keys.NewKey(12),
            SiteId = site,
            Blog = blog,
            CreatedAt = clock.GetUtcNow(),
        };
        database.Posts.Add(post);
        if (
            await commit.SaveAsync(post, request, http.Member().PersonId, http.RequestAborted) is
            { Count: > 0 } problems
        )
            return TypedResults.ValidationProblem(problems, title: "Some fields need another look.");
        return TypedResults.Ok(View(post, addresses));
    }

    private static async Task<Results<Ok<PostView>, NotFound, ValidationProblem, ProblemHttpResult>> SavePost(
        long site,
        long post,
        PostRequest request,
        HttpContext http,
        AntiphonContext database,
        PostCommit commit,
        PostAddresses addresses
    )
    {
        var found = await database
            .Posts.Include(row => row.Blog.Following)
            .Include(row => row.Blog.Site)
            .SingleOrDefaultAsync(row => row.Id == post && row.SiteId == site);
        if (found is null)
            return TypedResults.NotFound();
        if (Overreach(http.Member(), found, request.Status) is { } refusal)
            return refusal;
        if (found.Blog.Following is not null)
            return FieldProblem.For("blogId", "This post belongs to a followed blog; change it where it was written.");
        if (found.Revision != request.Revision)
            return PostSaving.Conflict();
        try
        {
            if (
                await commit.SaveAsync(found, request, http.Member().PersonId, http.RequestAborted) is
                { Count: > 0 } problems
            )
                return TypedResults.ValidationProblem(problems, title: "Some fields need another look.");
        }
        catch (DbUpdateConcurrencyException)
        {
            return PostSaving.Conflict();
        }

        return TypedResults.Ok(View(found, addresses));
    }

    /// <summary>The refusal when a contributor would change what readers see; null when the role is enough.</summary>
    private static ProblemHttpResult? Overreach(Membership member, Post? post, PostStatus wanted)
    {
        var isWork =
            wanted is PostStatus.Draft or PostStatus.InReview
            && post?.Status is null or PostStatus.Draft or PostStatus.InReview;
        return isWork || member.Role.May(SiteRight.Edit)
            ? null
            : TypedResults.Problem(
                "Pass the post on for review; an editor publishes it.",
                title: "Writers do not publish.",
                statusCode: StatusCodes.Status403Forbidden
            );
    }

    private static PostView View(Post post, PostAddresses addresses) =>
        new(
            post.Id,
            post.BlogId,
            post.Blog.Following is null,
            post.Title,
            post.Slug,
            post.BodyHtml,
            post.Excerpt,
            post.PictureAddress,
            post.PictureAlt,
            post.Author,
            post.Category,
            post.Tags,
            post.IsFeatured,
            post.Status,
            post.PublishedAt,
            post.UpdatedAt,
            addresses.Of(post),
            post.Revision,
            post.FocusX,
            post.FocusY,
            post.AboutAddress,
            post.IsPinned,
            post.Details,
            post.OwnValues,
            post.ReviewerId,
            post.ReviewNote,
            post.PublishLocal,
            WallTime.Read(post.PublishLocal, post.Blog.Site.TimeZone)?.Word(post.Blog.Site.TimeZone),
            post.MoreCategories
        );
}
