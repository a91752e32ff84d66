using Antiphon.Core.Html;
using Antiphon.Core.Posts;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Hosting;
using Antiphon.Server.Sites;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts;

/// <summary>/api/sites/{site}/posts.</summary>
internal static class PostEndpoints
{
    private const int PageSize = 50;

    /// <summary>Maps the area.</summary>
    public static void MapPosts(this RouteGroupBuilder site)
    {
        var posts = site.MapGroup("/posts").WithTags("Posts");
        posts.MapGet("", ListPosts).WithName("listPosts");
        posts.MapPost("", WritePost).Needs(SiteRole.Editor).Validate<PostRequest>().WithName("writePost");
        posts.MapGet("/{post:long}", GetPost).WithName("getPost");
        posts.MapPut("/{post:long}", SavePost).Needs(SiteRole.Editor).Validate<PostRequest>().WithName("savePost");
        posts.MapGet("/terms", ListTerms).WithName("listTerms");
        posts.MapGet("/{post:long}/forecast", Forecast).WithName("forecastPublishing");
    }

    private static async Task<Ok<PostPage>> ListPosts(long site, AntiphonContext database, PostAddresses addresses, string? search, Spelled<PostStatus>? status, long? blog, string? after)
    {
        var found = database.Posts.AsNoTracking().Where(post => post.SiteId == site);
        if (status is { Value: var wanted }) found = found.Where(post => post.Status == wanted);
        if (blog is not null) found = found.Where(post => post.BlogId == blog);
        if (!string.IsNullOrWhiteSpace(search)) found = found.Where(post => EF.Functions.Like(post.Title, $"%{search.Trim()}%"));
        var total = await found.CountAsync();
        // Drafts have no date; they are ordered by their last change, which keeps what is being worked on near the top.
        if (PostCursor.Parse(after) is { } cursor)
        {
            found = found.Where(post => (post.PublishedAt ?? post.UpdatedAt) < cursor.Date || ((post.PublishedAt ?? post.UpdatedAt) == cursor.Date && post.Id < cursor.Id));
        }

        var rows = await found.Include(post => post.Blog.Following).OrderByDescending(post => post.PublishedAt ?? post.UpdatedAt).ThenByDescending(post => post.Id).Take(PageSize + 1).ToListAsync();
        var shown = rows.Take(PageSize).Select(post => Summary(post, addresses)).ToList();
        var last = rows.Count > PageSize ? rows[PageSize - 1] : null;
        return TypedResults.Ok(new PostPage(shown, last is null ? null : new PostCursor(last.PublishedAt ?? last.UpdatedAt, last.Id).ToString(), total));
    }

    private static async Task<Results<Ok<PostView>, NotFound>> GetPost(long site, long post, AntiphonContext database, PostAddresses addresses)
    {
        var found = await database.Posts.AsNoTracking().Include(one => one.Blog.Following).SingleOrDefaultAsync(one => one.Id == post && one.SiteId == site);
        return found is null ? TypedResults.NotFound() : TypedResults.Ok(View(found, addresses));
    }

    private static async Task<Results<Ok<PostView>, ValidationProblem>> WritePost(
        long site, PostRequest request, HttpContext http, AntiphonContext database, PostPublisher publisher, PostVersions versions, PostAddresses addresses, IKeySource keys, TimeProvider clock)
    {
        var blog = await database.Blogs.Include(one => one.Following).SingleOrDefaultAsync(one => one.Id == request.BlogId && one.SiteId == site);
        if (blog is null || blog.Following is not null) return FieldProblem.For("blogId", "Choose a blog that is written here.");
        var now = clock.GetUtcNow();
        var post = new Post { Key = keys.NewKey(12), SiteId = site, Blog = blog, CreatedAt = now };
        await ApplyAsync(request, post, http, database, now);
        database.Posts.Add(post);
        await versions.KeepAsync(post, http.Member().PersonId, await WriterAsync(http, database), request.Status == PostStatus.Published, http.RequestAborted);
        await StoreAsync(request, post, database, publisher);
        return TypedResults.Ok(View(post, addresses));
    }

    private static async Task<Results<Ok<PostView>, NotFound, ValidationProblem, ProblemHttpResult>> SavePost(
        long site, long post, PostRequest request, HttpContext http, AntiphonContext database, PostPublisher publisher, PostVersions versions, PostAddresses addresses, TimeProvider clock)
    {
        var found = await database.Posts.Include(one => one.Blog.Following).SingleOrDefaultAsync(one => one.Id == post && one.SiteId == site);
        if (found is null) return TypedResults.NotFound();
        if (found.Blog.Following is not null) return FieldProblem.For("blogId", "This post belongs to a followed blog; change it where it was written.");
        if (found.Revision != request.Revision) return Conflict();
        await versions.KeepOriginalAsync(found, http.RequestAborted);
        await ApplyAsync(request, found, http, database, clock.GetUtcNow());
        await versions.KeepAsync(found, http.Member().PersonId, await WriterAsync(http, database), request.Status == PostStatus.Published, http.RequestAborted);
        try
        {
            await StoreAsync(request, found, database, publisher);
        }
        catch (DbUpdateConcurrencyException)
        {
            return Conflict();
        }

        return TypedResults.Ok(View(found, addresses));
    }

    private static async Task<Ok<TermsView>> ListTerms(long site, AntiphonContext database)
    {
        var rows = await database.Posts.AsNoTracking().Where(post => post.SiteId == site).Select(post => new { post.Category, post.Tags, post.Author }).ToListAsync();
        static List<string> MostUsed(IEnumerable<string?> words) =>
            [.. words.OfType<string>().GroupBy(word => word, StringComparer.OrdinalIgnoreCase).OrderByDescending(group => group.Count()).ThenBy(group => group.Key, StringComparer.CurrentCultureIgnoreCase).Select(group => group.Key)];
        return TypedResults.Ok(new TermsView(MostUsed(rows.Select(row => row.Category)), MostUsed(rows.SelectMany(row => row.Tags)), MostUsed(rows.Select(row => row.Author))));
    }

    private static async Task<Results<Ok<PublishForecast>, NotFound>> Forecast(long site, long post, AntiphonContext database)
    {
        if (!await database.Posts.AnyAsync(one => one.Id == post && one.SiteId == site)) return TypedResults.NotFound();
        var waiting = await database.Subscribers.CountAsync(one => one.SiteId == site && one.LeftAt == null
            && !database.Deliveries.Any(delivery => delivery.PostId == post && delivery.SubscriberId == one.Id));
        return TypedResults.Ok(new PublishForecast(waiting));
    }

    private static ProblemHttpResult Conflict() => TypedResults.Problem(
        "Your text is kept here. Copy what you changed, load the post again, and put it in.", title: "Somebody else saved this post in the meantime.", statusCode: StatusCodes.Status409Conflict, type: "conflict");

    private static async Task ApplyAsync(PostRequest request, Post post, HttpContext http, AntiphonContext database, DateTimeOffset now)
    {
        post.Title = request.Title.Trim();
        post.BodyHtml = HtmlCleaner.ForPosts.Clean(request.BodyHtml);
        post.Excerpt = Trimmed(request.Excerpt);
        post.PictureAddress = Trimmed(request.PictureAddress);
        post.PictureAlt = Trimmed(request.PictureAlt);
        post.Category = Trimmed(request.Category);
        post.Tags = [.. (request.Tags ?? []).Select(Trimmed).OfType<string>().Distinct(StringComparer.OrdinalIgnoreCase)];
        post.IsFeatured = request.IsFeatured;
        (post.FocusX, post.FocusY) = (request.FocusX, request.FocusY);
        post.AboutAddress = Trimmed(request.AboutAddress);
        post.Author = Trimmed(request.Author) ?? await WriterAsync(http, database);
        post.UpdatedAt = now;
        post.Revision++;
        var slug = Slug.FromTitle(Trimmed(request.Slug) ?? post.Title);
        var blog = post.Blog.Id;
        var taken = await database.Posts.Where(one => one.BlogId == blog && one.Id != post.Id && one.Slug.StartsWith(slug)).Select(one => one.Slug).ToListAsync();
        post.Slug = Slug.MakeUnique(slug, taken.Contains);
    }

    private static async Task StoreAsync(PostRequest request, Post post, AntiphonContext database, PostPublisher publisher)
    {
        if (request.Status == PostStatus.Published)
        {
            await publisher.PublishAsync(post, CancellationToken.None);
            return;
        }

        // A scheduled post saved as a draft keeps its day, so that the schedule is not lost by correcting a word.
        if (!(post.Status == PostStatus.Scheduled && request.Status == PostStatus.Draft)) post.Status = request.Status;
        await database.SaveChangesAsync();
    }

    private static async Task<string> WriterAsync(HttpContext http, AntiphonContext database)
    {
        var id = http.Member().PersonId;
        return await database.Users.Where(person => person.Id == id).Select(person => person.DisplayName).SingleAsync();
    }

    private static string? Trimmed(string? text) => string.IsNullOrWhiteSpace(text) ? null : text.Trim();

    private static PostSummary Summary(Post post, PostAddresses addresses) => new(
        post.Id, post.Title, post.Blog.Name, post.BlogId, post.Blog.Following is null, post.Author, post.Category, post.Status, post.PublishedAt, post.UpdatedAt, addresses.Of(post));

    private static PostView View(Post post, PostAddresses addresses) => new(
        post.Id, post.BlogId, post.Blog.Following is null, post.Title, post.Slug, post.BodyHtml, post.Excerpt, post.PictureAddress, post.PictureAlt, post.Author, post.Category,
        post.Tags, post.IsFeatured, post.Status, post.PublishedAt, post.UpdatedAt, addresses.Of(post), post.Revision, post.FocusX, post.FocusY, post.AboutAddress);
}
