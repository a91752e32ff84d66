using Antiphon.Core.Feeds.Following;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Data.Blogs.Followed;
using Antiphon.Data.Posts;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Blogs.Followed;

/// <summary>
/// One visit to a followed feed: fetch, read, take over, plan the next. A failed visit leaves every post as it was.
/// </summary>
internal sealed class FeedVisit(
    GuardedClient client,
    IDbContextFactory<AntiphonContext> databases,
    IKeySource keys,
    HubAskSignal hubs,
    TimeProvider clock,
    Random random
)
{
    /// <summary>Problem code of a document that is no readable feed.</summary>
    public const string Unreadable = "unreadable";

    /// <summary>Problem code of a feed that was read in spite of a break in it.</summary>
    public const string Broken = "broken";

    private const int DatesLookedAt = 20;

    /// <summary>Visits the feed of a blog and records the outcome.</summary>
    public async Task VisitAsync(Claim<Following> claim, CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        if (await FollowedBlogAsync(database, claim.Key, cancellation) is not { } blog)
            return;
        var following = blog.Following!;
        var fetched = await client.GetAsync(
            new Uri(following.FeedAddress),
            following.ETag,
            following.LastModified,
            cancellation
        );
        await TakeAsync(database, blog, fetched, cancellation);
        await claim.EndAsync(database, cancellation);
        await RestAsync(database, blog, cancellation);
    }

    /// <summary>Takes over what was fetched for a blog that is followed from now on, and saves it.</summary>
    public async Task BeginAsync(AntiphonContext database, Blog blog, Fetched fetched, CancellationToken cancellation)
    {
        await TakeAsync(database, blog, fetched, cancellation);
        blog.Following!.HeldUntil = null;
        await database.SaveChangesAsync(cancellation);
        await RestAsync(database, blog, cancellation);
    }

    /// <summary>Records a visit whose outcome could not be taken over; the caller saves.</summary>
    public static void Failed(Blog blog, Fetched fetched, DateTimeOffset now, Random random) =>
        Fail(
            blog.Following!,
            VisitRecords.Begin(blog.Following!, fetched, now),
            fetched.Problem!.Value.ToString(),
            fetched,
            random
        );

    private async Task TakeAsync(AntiphonContext database, Blog blog, Fetched fetched, CancellationToken cancellation)
    {
        var following = blog.Following!;
        var record = VisitRecords.Begin(following, fetched, clock.GetUtcNow());
        following.Host = new Uri(following.FeedAddress).Authority;
        if (fetched.Problem is { } problem)
            Fail(following, record, problem.ToString(), fetched, random);
        else if (fetched.NotModified)
            await SucceedAsync(database, following, record, cancellation);
        else
            await TakeOverAsync(database, blog, record, fetched, cancellation);
    }

    private async Task RestAsync(AntiphonContext database, Blog blog, CancellationToken cancellation)
    {
        await VisitRecords.TrimAsync(database, blog.Id, cancellation);
        if (blog.Following!.Hub is { State: HubState.None })
            hubs.Wake();
    }

    /// <summary>Takes over what a hub sent for a blog; false when it is no feed.</summary>
    public async Task<bool> PushAsync(long blogId, byte[] body, string? contentType, CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        if (await FollowedBlogAsync(database, blogId, cancellation) is not { } blog)
            return false;
        var (following, now) = (blog.Following!, clock.GetUtcNow());
        if (
            FeedReader.Read(body, new FeedReadOptions(contentType, new Uri(following.FeedAddress))).Feed
            is not { Items.Count: > 0 } feed
        )
            return false;
        var took = await new PostTakeover(database, blog, keys, now).ApplyAsync(feed, cancellation);
        following.Visits.Add(
            new FeedVisitRecord
            {
                At = now,
                Outcome = FeedVisitOutcome.Pushed,
                Bytes = body.Length,
                NewEntries = took.New,
                ChangedEntries = took.Changed,
            }
        );
        (following.LastGoodAt, following.Hub!.PushedAt) = (now, now);
        await database.SaveChangesAsync(cancellation);
        await VisitRecords.TrimAsync(database, blogId, cancellation);
        return true;
    }

    private static Task<Blog?> FollowedBlogAsync(AntiphonContext database, long blog, CancellationToken cancellation) =>
        database
            .Blogs.Include(row => row.Following!.Hub)
            .SingleOrDefaultAsync(row => row.Id == blog && row.Following != null, cancellation);

    private async Task TakeOverAsync(
        AntiphonContext database,
        Blog blog,
        FeedVisitRecord record,
        Fetched fetched,
        CancellationToken cancellation
    )
    {
        var following = blog.Following!;
        var read = FeedReader.Read(fetched.Bytes, new FeedReadOptions(fetched.ContentType, fetched.Address));
        var first = read.Findings.Count > 0 ? read.Findings[0] : null;
        var place = first?.Line is { } line ? $"{first.Message} (line {line})" : first?.Message;
        if (read.Feed is null || (read.Feed.Items.Count == 0 && first is not null))
        {
            Fail(following, record, Unreadable, fetched with { Detail = place }, random);
            return;
        }

        var took = await new PostTakeover(database, blog, keys, record.At).ApplyAsync(read.Feed, cancellation);
        (record.NewEntries, record.ChangedEntries) = (took.New, took.Changed);
        record.Outcome = took.New + took.Changed > 0 ? FeedVisitOutcome.Changed : FeedVisitOutcome.Unchanged;
        (following.ETag, following.LastModified) = (fetched.ETag, fetched.LastModified);
        (following.Entries, following.Asked, following.MaxAgeSeconds) = (
            read.Feed.Items.Count,
            read.Feed.Rhythm,
            (int?)CacheTerms.MaxAge(fetched.Headers.CacheControl)?.TotalSeconds
        );
        // Once every entry has been seen under two names it stays told until a visit finds all names kept.
        following.IdsChange = took.IdsChange;
        if (fetched.MovedTo is { } moved)
            await VisitRecords.MoveAsync(database, following, moved, record.At, cancellation);
        HubSubscriber.Offer(following, read.Feed, fetched, keys, record.At);
        await SucceedAsync(database, following, record, cancellation);
        // What was read up to a break is kept, and the break is still told.
        if (first is null)
            return;
        (record.Outcome, record.Problem, record.ProblemDetail) = (FeedVisitOutcome.Broken, Broken, place);
        (following.Problem, following.ProblemDetail) = (Broken, place);
    }

    private async Task SucceedAsync(
        AntiphonContext database,
        Following following,
        FeedVisitRecord record,
        CancellationToken cancellation
    )
    {
        following.LastGoodAt = record.At;
        following.Failures = 0;
        (following.Problem, following.ProblemDetail) = (null, null);
        if (following.Standing == FollowingStanding.Gone)
            following.Standing = FollowingStanding.Active;
        var dates = await database
            .Posts.Where(post => post.BlogId == following.BlogId && post.PublishedAt != null)
            .OrderByDescending(post => post.PublishedAt)
            .Take(DatesLookedAt)
            .Select(post => post.PublishedAt!.Value)
            .ToListAsync(cancellation);
        var unsaved = database
            .ChangeTracker.Entries<Post>()
            .Where(entry => entry.State == EntityState.Added)
            .Select(entry => entry.Entity.PublishedAt)
            .OfType<DateTimeOffset>();
        var isPushed = following.Hub is { State: HubState.Subscribed } hub && hub.LeaseUntil > record.At;
        Plan(
            following,
            VisitPlan.After(
                new VisitTerms(
                    record.At,
                    following.Asked ?? new FeedRhythm(),
                    following.MaxAgeSeconds is { } age ? TimeSpan.FromSeconds(age) : null,
                    [.. dates, .. unsaved],
                    isPushed
                )
            )
        );
    }

    private static void Fail(
        Following following,
        FeedVisitRecord record,
        string problem,
        Fetched fetched,
        Random random
    )
    {
        following.Failures++;
        (record.Outcome, record.Problem, record.ProblemDetail) = (FeedVisitOutcome.Failed, problem, fetched.Detail);
        (following.Problem, following.ProblemDetail) = (problem, fetched.Detail);
        if (fetched.Status == StatusCodes.Status410Gone)
            following.Standing = FollowingStanding.Gone;
        Plan(
            following,
            VisitPlan.AfterFailure(
                record.At,
                following.Failures,
                CacheTerms.RetryAfter(fetched.Headers.RetryAfter, record.At),
                random.NextDouble()
            )
        );
    }

    private static void Plan(Following following, NextVisit next) =>
        (following.NextVisitAt, following.PauseSeconds, following.PauseReason) = (
            next.At,
            (int)next.Pause.TotalSeconds,
            next.Reason
        );
}
