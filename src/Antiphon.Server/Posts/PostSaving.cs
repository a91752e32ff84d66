using Antiphon.Core.Posts;
using Antiphon.Core.Posts.Fields;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Core.Time;
using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Posts.Lists;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts;

/// <summary>Brings what was entered into a post.</summary>
internal sealed class PostSaving(AntiphonContext database, IKeySource keys, TimeProvider clock)
{
    /// <summary>The answer when somebody else was faster.</summary>
    public static ProblemHttpResult Conflict() =>
        TypedResults.Problem(
            "Your text is kept here. Copy your changes, reload the post and paste them.",
            title: "Somebody else saved this post in the meantime.",
            statusCode: StatusCodes.Status409Conflict,
            type: "conflict"
        );

    /// <summary>
    /// Brings the text and everything beside it into the post; status and dates are left to the caller. The caller
    /// saves.
    /// </summary>
    public async Task ApplyAsync(PostRequest request, Post post, long person, CancellationToken cancellation)
    {
        // Whoever saves a post without a name of its own stands for it.
        var content = request.Over(post.ToContent() with { Author = null });
        post.Apply(content with { Author = content.Author ?? await database.NameOfAsync(person, cancellation) });
        await TouchAsync(post, request.Slug, cancellation);
    }

    /// <summary>The same for the row of a list.</summary>
    public async Task ApplyRowAsync(PostSummaryEdit request, Post post, CancellationToken cancellation)
    {
        post.Apply(request.Over(post.ToContent()));
        if (post.Status == PostStatus.Published)
            post.PublishedAt = request.PublishedAt ?? post.PublishedAt;
        await TouchAsync(post, request.Slug, cancellation);
    }

    /// <summary>
    /// Checks the own fields and brings them in; what is wrong, by the name of the field in the request.
    /// </summary>
    public async Task<Dictionary<string, string[]>> ApplyOwnValuesAsync(
        PostRequest request,
        Post post,
        CancellationToken cancellation
    )
    {
        var fields = await database
            .BlogFields.Where(field => field.BlogId == post.Blog.Id)
            .OrderBy(field => field.Position)
            .Select(field => field.Definition)
            .ToListAsync(cancellation);
        var entered = (request.OwnValues ?? post.OwnValues)
            .GroupBy(value => value.Key, StringComparer.OrdinalIgnoreCase)
            .ToDictionary(group => group.Key, group => group.Last().Value, StringComparer.OrdinalIgnoreCase);
        var (values, problems) = (new List<FieldValue>(), new Dictionary<string, string[]>());
        foreach (var field in fields)
        {
            var (value, problem) = FieldValues.Read(
                field,
                entered.GetValueOrDefault(field.Key),
                mustBeThere: request.Status is PostStatus.Published or PostStatus.Scheduled
            );
            if (problem is not null)
                problems[$"ownValues.{field.Key}"] = [problem];
            if (value is not null)
                values.Add(new FieldValue(field.Key, value));
        }

        // Values of fields that were taken away stay, so that putting the field back brings them back.
        values.AddRange(post.OwnValues.Where(value => fields.TrueForAll(field => field.Key != value.Key)));
        if (problems.Count == 0)
            post.OwnValues = values;
        return problems;
    }

    /// <summary>What is wrong with a date of publication, or null.</summary>
    public string? DateProblem(PostStatus status, DateTimeOffset? date) =>
        status == PostStatus.Published && date > clock.GetUtcNow()
            ? "A published post has a date that has passed; to publish later, schedule it."
            : null;

    /// <summary>Brings the time of a schedule into the post; what is wrong with it, or null.</summary>
    public string? ApplySchedule(string? local, Site site, Post post)
    {
        if (WallTime.Read(local, site.TimeZone) is not { } time)
            return "Choose a day and a time.";
        if (time.Instant <= clock.GetUtcNow())
            return "Choose a time in the future.";
        (post.PublishLocal, post.PublishedAt) = (time.Local, time.Instant);
        return null;
    }

    /// <summary>Saves; false when somebody else was faster.</summary>
    public async Task<bool> TryStoreAsync(CancellationToken cancellation)
    {
        try
        {
            await database.SaveChangesAsync(cancellation);
            return true;
        }
        catch (DbUpdateConcurrencyException)
        {
            return false;
        }
    }

    /// <summary>Stores a draft of the same content.</summary>
    public async Task<Post> CopyAsync(Post post, Blog blog, CancellationToken cancellation)
    {
        var copy = new Post
        {
            Key = keys.NewKey(12),
            SiteId = post.SiteId,
            Blog = blog,
            Status = PostStatus.Draft,
            CreatedAt = clock.GetUtcNow(),
        };
        // A copy lives at an address of its own, and two posts may not both be the first.
        var content = post.ToContent();
        copy.Apply(
            content with
            {
                Title = content.Title + " (copy)",
                Details = content.Details with { CanonicalAddress = null },
                IsFeatured = false,
                IsPinned = false,
            }
        );
        await TouchAsync(copy, null, cancellation);
        database.Posts.Add(copy);
        await database.SaveChangesAsync(cancellation);
        return copy;
    }

    private async Task TouchAsync(Post post, string? slug, CancellationToken cancellation)
    {
        post.UpdatedAt = clock.GetUtcNow();
        post.Revision++;
        var language = post.Details.Language ?? await database.LanguageOfAsync(post.SiteId, cancellation);
        var wanted = Slug.FromTitle(Trimmed.OrNull(slug) ?? post.Title, language);
        var blog = post.Blog.Id;
        var taken = await database
            .Posts.IgnoreQueryFilters()
            .Where(row => row.BlogId == blog && row.Id != post.Id && row.Slug.StartsWith(wanted))
            .Select(row => row.Slug)
            .ToListAsync(cancellation);
        post.Slug = Slug.MakeUnique(wanted, taken.Contains);
    }
}
