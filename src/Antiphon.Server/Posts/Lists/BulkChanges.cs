using Antiphon.Core.Posts;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Data.Posts.Editing;
using Antiphon.Server.Platform.Access;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts.Lists;

/// <summary>Changes many posts in one transaction and takes such a change back.</summary>
internal sealed class BulkChanges(AntiphonContext database, ActRecord acts, TimeProvider clock)
{
    /// <summary>Most posts of one change.</summary>
    public const int Most = 20_000;

    /// <summary>How many posts a change would touch.</summary>
    public async Task<BulkForecast> ForecastAsync(long site, BulkRequest request, CancellationToken cancellation)
    {
        var chosen = Chosen(site, request);
        var followed = IsForEverything(request.Kind)
            ? 0
            : await chosen.CountAsync(post => post.Blog.Following != null, cancellation);
        var rows = await Changeable(chosen, request.Kind)
            .AsNoTracking()
            .OrderBy(post => post.Id)
            .Take(Most + 1)
            .ToListAsync(cancellation);
        var touched = rows.Count(post => Apply(post, request, DateTimeOffset.MaxValue));
        return new BulkForecast(touched, followed, rows.Count - touched);
    }

    /// <summary>Makes a change; null when more than <see cref="Most"/> posts are chosen.</summary>
    public async Task<BulkResult?> MakeAsync(
        long site,
        long person,
        BulkRequest request,
        CancellationToken cancellation
    )
    {
        var posts = await Changeable(Chosen(site, request), request.Kind)
            .OrderBy(post => post.Id)
            .Take(Most + 1)
            .ToListAsync(cancellation);
        if (posts.Count > Most)
            return null;
        var (now, before) = (clock.GetUtcNow(), new List<PostBefore>());
        foreach (var post in posts)
        {
            var was = new PostBefore(
                post.Id,
                post.Revision + 1,
                post.Category,
                [.. post.Tags],
                post.Author,
                post.Status,
                post.IsFeatured,
                post.Details.CommentsOff,
                post.DeletedAt
            );
            if (!Apply(post, request, now))
                continue;
            post.Revision++;
            before.Add(was);
        }

        var change = new BulkChange
        {
            SiteId = site,
            PersonId = person,
            MadeAt = now,
            Before = before,
        };
        database.BulkChanges.Add(change);
        await acts.AddAsync(site, person, WordsFor(request, before.Count), null, cancellation);
        await database.SaveChangesAsync(cancellation);
        return new BulkResult(change.Id, before.Count);
    }

    /// <summary>
    /// Takes a change back where nobody has worked on the post since; null when there is no such change, or it was
    /// taken back before.
    /// </summary>
    public async Task<BulkUndone?> UndoAsync(long site, long person, long id, CancellationToken cancellation)
    {
        var change = await database.BulkChanges.SingleOrDefaultAsync(
            bulkChange => bulkChange.Id == id && bulkChange.SiteId == site && bulkChange.UndoneAt == null,
            cancellation
        );
        if (change is null)
            return null;
        var ids = change.Before.ConvertAll(before => before.Id);
        var posts = await database
            .Posts.IgnoreQueryFilters()
            .Where(post => ids.Contains(post.Id))
            .ToDictionaryAsync(post => post.Id, cancellation);
        var back = 0;
        foreach (var was in change.Before)
        {
            if (!posts.TryGetValue(was.Id, out var post) || post.Revision != was.Revision)
                continue;
            (post.Category, post.Tags, post.Author, post.Status) = (
                was.Category,
                [.. was.Tags],
                was.Author,
                was.Status
            );
            (post.IsFeatured, post.DeletedAt, post.Details) = (
                was.IsFeatured,
                was.DeletedAt,
                post.Details with
                {
                    CommentsOff = was.CommentsOff,
                }
            );
            post.Revision++;
            back++;
        }

        change.UndoneAt = clock.GetUtcNow();
        await acts.AddAsync(site, person, $"undid a change to {back} posts", null, cancellation);
        await database.SaveChangesAsync(cancellation);
        return new BulkUndone(back, change.Before.Count - back);
    }

    private IQueryable<Post> Chosen(long site, BulkRequest request)
    {
        if (request.Posts is not { } ids)
            return PostQuery.Of(request.Found!).In(database, site);
        var all =
            request.Kind == BulkKind.Restore
                ? database
                    .Posts.IgnoreQueryFilters()
                    .Where(post => post.DeletedAt != null && post.Blog.RemovedAt == null)
                : database.Posts;
        return all.Where(post => post.SiteId == site && ids.Contains(post.Id));
    }

    // What comes from a feed is overwritten by its next visit; featuring and comments are ours to decide.
    private static bool IsForEverything(BulkKind kind) => kind is BulkKind.Featured or BulkKind.Comments;

    private static IQueryable<Post> Changeable(IQueryable<Post> posts, BulkKind kind) =>
        IsForEverything(kind) ? posts : posts.Where(post => post.Blog.Following == null);

    /// <summary>Changes a post, and says whether that made a difference.</summary>
    private static bool Apply(Post post, BulkRequest request, DateTimeOffset now)
    {
        var word = request.Words?.Select(text => text.Trim()).FirstOrDefault(text => text.Length > 0);
        switch (request.Kind)
        {
            case BulkKind.Category:
                return Differs(post.Category, post.Category = word);
            case BulkKind.Author:
                return Differs(post.Author, post.Author = word);
            case BulkKind.AddTags:
                return Retag(
                    post,
                    post.Tags.Concat(request.Words!.Select(text => text.Trim()).Where(text => text.Length > 0))
                );
            case BulkKind.RemoveTags:
                return Retag(
                    post,
                    post.Tags.Where(tag => !request.Words!.Contains(tag, StringComparer.OrdinalIgnoreCase))
                );
            case BulkKind.Comments:
                return Differs(post.Details, post.Details = post.Details with { CommentsOff = !request.IsOn });
            case BulkKind.Featured:
                return Differs(post.IsFeatured, post.IsFeatured = request.IsOn);
            case BulkKind.Status:
                return Restand(post, request.Status!.Value);
            case BulkKind.Delete:
                return Differs(post.DeletedAt, post.DeletedAt ??= now);
            default:
                return Differs(post.DeletedAt, post.DeletedAt = null);
        }
    }

    private static bool Differs<T>(T before, T after) => !Equals(before, after);

    private static bool Retag(Post post, IEnumerable<string> tags)
    {
        List<string> wanted = [.. tags.Distinct(StringComparer.OrdinalIgnoreCase)];
        if (wanted.SequenceEqual(post.Tags))
            return false;
        post.Tags = wanted;
        return true;
    }

    // What readers never saw has nothing to withdraw; what they saw is withdrawn rather than hidden as a draft.
    private static bool Restand(Post post, PostStatus wanted)
    {
        var fits =
            wanted == PostStatus.Withdrawn
                ? post.Status == PostStatus.Published
                : post.Status is PostStatus.Scheduled or PostStatus.InReview or PostStatus.Withdrawn;
        if (fits)
            post.Status = wanted;
        return fits;
    }

    private static string WordsFor(BulkRequest request, int count)
    {
        var words = string.Join(", ", request.Words ?? []);
        return request.Kind switch
        {
            BulkKind.Category when words.Length == 0 => $"took the category off {count} posts",
            BulkKind.Category => $"put {count} posts into {words}",
            BulkKind.Author when words.Length == 0 => $"took the author off {count} posts",
            BulkKind.Author => $"made {words} the author of {count} posts",
            BulkKind.AddTags => $"tagged {count} posts {words}",
            BulkKind.RemoveTags => $"took {words} off {count} posts",
            BulkKind.Comments when request.IsOn => $"turned comments on for {count} posts",
            BulkKind.Comments => $"turned comments off for {count} posts",
            BulkKind.Featured when request.IsOn => $"featured {count} posts",
            BulkKind.Featured => $"stopped featuring {count} posts",
            BulkKind.Status => request.Status switch
            {
                PostStatus.Published => $"published {count} posts",
                PostStatus.Withdrawn => $"withdrew {count} posts",
                PostStatus.Scheduled => $"scheduled {count} posts",
                PostStatus.InReview => $"passed {count} posts on for review",
                _ => $"made {count} posts drafts",
            },
            BulkKind.Delete => $"put {count} posts into the bin",
            _ => $"restored {count} posts",
        };
    }
}
