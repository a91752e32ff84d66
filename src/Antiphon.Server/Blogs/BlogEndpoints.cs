using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Posts;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Data.Blogs.Followed;
using Antiphon.Server.Blogs.Followed;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Antiphon.Server.Work;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Blogs;

/// <summary>/api/sites/{site}/blogs.</summary>
internal static class BlogEndpoints
{
    /// <summary>Maps the area.</summary>
    public static void MapBlogs(this RouteGroupBuilder site)
    {
        var blogs = site.MapGroup("/blogs").WithTags("Blogs");
        blogs.MapGet("", ListBlogs).Needs(SiteRight.See).WithName("listBlogs");
        blogs.MapPost("", StartBlog).Needs(SiteRight.Edit).Validate<BlogRequest>().WithName("startBlog");
        blogs.MapPut("/{blog:long}", ChangeBlog).Needs(SiteRight.Edit).Validate<BlogRequest>().WithName("changeBlog");
        blogs
            .MapPost("/discover", Discover)
            .Needs(SiteRight.Edit)
            .Validate<DiscoverRequest>()
            .WithName("discoverFeeds");
        blogs.MapPost("/follow", Follow).Needs(SiteRight.Edit).Validate<FollowRequest>().WithName("followFeed");
        blogs.MapPost("/{blog:long}/visit", Visit).Needs(SiteRight.Edit).WithName("visitFeed");
    }

    private static async Task<Ok<List<BlogView>>> ListBlogs(long site, AntiphonContext database) =>
        TypedResults.Ok(await ViewsAsync(database, blog => blog.SiteId == site));

    private static async Task<Ok<BlogView>> StartBlog(
        long site,
        BlogRequest request,
        AntiphonContext database,
        IKeySource keys,
        TimeProvider clock
    )
    {
        var blog = new Blog
        {
            SiteId = site,
            Key = keys.NewKey(),
            Name = request.Name.Trim(),
            Description = request.Description?.Trim(),
            CreatedAt = clock.GetUtcNow(),
        };
        database.Blogs.Add(blog);
        await database.SaveChangesAsync();
        return TypedResults.Ok(await ViewAsync(database, blog.Id));
    }

    private static async Task<Results<Ok<BlogView>, NotFound>> ChangeBlog(
        long site,
        long blog,
        BlogRequest request,
        AntiphonContext database
    )
    {
        if (await database.Blogs.SingleOrDefaultAsync(row => row.Id == blog && row.SiteId == site) is not { } found)
            return TypedResults.NotFound();
        found.Name = request.Name.Trim();
        found.Description = request.Description?.Trim();
        await database.SaveChangesAsync();
        return TypedResults.Ok(await ViewAsync(database, blog));
    }

    private static async Task<Results<Ok<DiscoverView>, ProblemHttpResult>> Discover(
        long site,
        DiscoverRequest request,
        BlogDiscovery discovery,
        CancellationToken cancellation
    )
    {
        var outcome = await discovery.FindAsync(request.Address, cancellation);
        return outcome.View is { } view ? TypedResults.Ok(view) : Refusal("address", outcome.Refusal!, outcome.Code!);
    }

    private static async Task<Results<Ok<BlogView>, ProblemHttpResult>> Follow(
        long site,
        FollowRequest request,
        AntiphonContext database,
        GuardedClient client,
        FeedVisit visit,
        Leases<Following> leases,
        IKeySource keys,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        if (
            await database.Followings.AnyAsync(
                following => following.Blog.SiteId == site && following.FeedAddress == request.FeedAddress,
                cancellation
            )
        )
        {
            return Refusal("feedAddress", "This feed is followed here already.", "already-followed");
        }

        var fetched = await client.GetAsync(new Uri(request.FeedAddress), cancellation: cancellation);
        if (fetched.Problem is { } problem)
            return Refusal("feedAddress", FetchWords.For(problem, fetched.Detail), "unreachable");
        var now = clock.GetUtcNow();
        var title = FeedReader.Read(fetched.Bytes, new(fetched.ContentType, fetched.Address)).Feed?.Title;
        var name = string.IsNullOrWhiteSpace(request.Name) ? title ?? fetched.Address.Host : request.Name.Trim();
        var blog = new Blog
        {
            SiteId = site,
            Key = keys.NewKey(),
            Name = name,
            CreatedAt = now,
        };
        blog.Following = new Following
        {
            FeedAddress = request.FeedAddress,
            Host = fetched.Address.Authority,
            NextVisitAt = now,
            HeldUntil = now + leases.Length,
        };
        database.Blogs.Add(blog);
        await database.SaveChangesAsync(cancellation);
        await visit.BeginAsync(database, blog, fetched, cancellation);
        return TypedResults.Ok(await ViewAsync(database, blog.Id));
    }

    private static async Task<Results<Ok<BlogView>, NotFound>> Visit(
        long site,
        long blog,
        AntiphonContext database,
        FollowingWorker worker,
        CancellationToken cancellation
    )
    {
        if (
            !await database.Followings.AnyAsync(
                following => following.BlogId == blog && following.Blog.SiteId == site,
                cancellation
            )
        )
            return TypedResults.NotFound();
        await worker.DoNowAsync(blog, cancellation);
        return TypedResults.Ok(await ViewAsync(database, blog));
    }

    private static ProblemHttpResult Refusal(string field, string words, string code) =>
        TypedResults.Problem(
            title: words,
            statusCode: StatusCodes.Status422UnprocessableEntity,
            type: code,
            extensions: new Dictionary<string, object?>
            {
                ["errors"] = new Dictionary<string, string[]> { [field] = [words] },
            }
        );

    private static async Task<BlogView> ViewAsync(AntiphonContext database, long blog) =>
        (await ViewsAsync(database, row => row.Id == blog)).Single();

    private static async Task<List<BlogView>> ViewsAsync(
        AntiphonContext database,
        System.Linq.Expressions.Expression<Func<Blog, bool>> which
    )
    {
        var rows = await database
            .Blogs.AsNoTracking()
            .Where(which)
            .OrderBy(blog => blog.Id)
            .Select(blog => new
            {
                Blog = blog,
                blog.Following,
                Posts = database.Posts.Count(post => post.BlogId == blog.Id),
                Newest = database
                    .Posts.Where(post => post.BlogId == blog.Id && post.Status == PostStatus.Published)
                    .Max(post => post.PublishedAt),
            })
            .ToListAsync();
        return
        [
            .. rows.Select(row => new BlogView(
                row.Blog.Id,
                row.Blog.Key,
                row.Blog.Name,
                row.Blog.Description,
                row.Blog.HomeAddress,
                row.Following is null,
                row.Posts,
                row.Newest,
                FollowingWords.ViewOf(row.Following)
            )),
        ];
    }
}
