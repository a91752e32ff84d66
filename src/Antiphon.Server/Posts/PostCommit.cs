using Antiphon.Core.Posts;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Posts.Editing;
using Antiphon.Server.Posts.Versions;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts;

/// <summary>Saves what the editor sends: text, status, version, record, and what publishing brings with it.</summary>
internal sealed class PostCommit(
    AntiphonContext database,
    PostSaving saving,
    PostVersions versions,
    PostPublisher publisher,
    ReviewNews news,
    ActRecord acts
)
{
    /// <summary>
    /// Saves a tracked post whose blog and site are loaded. What is wrong, by field; nothing is saved then.
    /// </summary>
    /// <exception cref="DbUpdateConcurrencyException">Somebody else saved the post in the meantime.</exception>
    public async Task<Dictionary<string, string[]>> SaveAsync(
        Post post,
        PostRequest request,
        long person,
        CancellationToken cancellation
    )
    {
        var before = post.Status;
        var problems = await saving.ApplyOwnValuesAsync(request, post, cancellation);
        if (saving.DateProblem(request.Status, request.PublishedAt) is { } date)
            problems["publishedAt"] = [date];
        if (
            request.Status == PostStatus.Scheduled
            && saving.ApplySchedule(request.PublishLocal ?? post.PublishLocal, post.Blog.Site, post) is { } schedule
        )
            problems["publishLocal"] = [schedule];
        if (problems.Count > 0)
            return problems;
        await versions.KeepOriginalAsync(post, cancellation);
        await saving.ApplyAsync(request, post, person, cancellation);
        Stand(post, request, before);
        await versions.KeepAsync(
            post,
            person,
            await database.NameOfAsync(person, cancellation),
            request.Status == PostStatus.Published,
            cancellation
        );
        if (request.Status != before || post.Id == 0)
            await RecordAsync(post, request, before, person, cancellation);
        if (post.Id != 0 && request.Status != PostStatus.Draft)
            await ForgetWaitingAsync(post, cancellation);
        if (request.Status == PostStatus.Published)
            await publisher.PublishAsync(post, cancellation);
        else
            await database.SaveChangesAsync(cancellation);
        return problems;
    }

    private static void Stand(Post post, PostRequest request, PostStatus before)
    {
        if (request.Status == PostStatus.Published)
            post.PublishedAt = request.PublishedAt ?? (before == PostStatus.Scheduled ? null : post.PublishedAt);
        // A draft of what was scheduled has no date any more; one of what was public keeps the date readers know.
        if (before == PostStatus.Scheduled && request.Status is PostStatus.Draft or PostStatus.InReview)
            post.PublishedAt = null;
        if (request.Status != PostStatus.Scheduled)
            post.PublishLocal = null;
        // What was put off because it could not be published is tried anew with what it is now.
        (post.HeldUntil, post.Unfinished) = (null, 0);
        post.Status = request.Status;
        if (request.Status == PostStatus.InReview)
            (post.ReviewerId, post.ReviewNote) = (
                request.ReviewerId ?? post.ReviewerId,
                request.ReviewNote ?? post.ReviewNote
            );
        else if (before == PostStatus.InReview)
            (post.ReviewerId, post.ReviewNote) = (null, request.ReviewNote);
    }

    private async Task RecordAsync(
        Post post,
        PostRequest request,
        PostStatus before,
        long person,
        CancellationToken cancellation
    )
    {
        var quoted = $"“{post.Title}”";
        var what = (before, request.Status) switch
        {
            (PostStatus.InReview, PostStatus.Draft) => $"passed {quoted} back",
            (_, PostStatus.InReview) => $"sent {quoted} for review",
            (_, PostStatus.Scheduled) => $"scheduled {quoted} for {post.PublishLocal!.Replace('T', ' ')}",
            (_, PostStatus.Published) => $"published {quoted}",
            (_, PostStatus.Withdrawn) => $"withdrew {quoted}",
            _ when post.Id == 0 => $"began {quoted}",
            _ => $"changed {quoted} to draft",
        };
        await acts.AddAsync(post.SiteId, person, what, post.Id == 0 ? null : post.Id, cancellation);
        if (request.Status == PostStatus.InReview && before != PostStatus.InReview)
            await news.AskedAsync(post, person, cancellation);
        if (before == PostStatus.InReview && request.Status == PostStatus.Draft)
            await news.PassedBackAsync(post, person, cancellation);
    }

    // With the save and not before it: when somebody else was faster, what waits must still be there.
    private async Task ForgetWaitingAsync(Post post, CancellationToken cancellation)
    {
        if (await database.WaitingChanges.FindAsync([post.Id], cancellation) is { } waiting)
            database.WaitingChanges.Remove(waiting);
    }
}
