using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Outgoing;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Blogs;

/// <summary>One visit to a followed feed: fetch, read, take over. A failed visit leaves every post as it was.</summary>
internal sealed class FeedVisit(GuardedClient client, IDbContextFactory<AntiphonContext> databases, IKeySource keys, TimeProvider clock, IOptions<FollowingOptions> options)
{
    /// <summary>Problem code of a document that is no readable feed.</summary>
    public const string Unreadable = "unreadable";

    /// <summary>Visits the feed of a blog and records the outcome.</summary>
    public async Task VisitAsync(long blogId, CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        var blog = await database.Blogs.Include(one => one.Following).SingleOrDefaultAsync(one => one.Id == blogId, cancellation);
        if (blog?.Following is not { } following) return;
        var fetched = await client.GetAsync(new Uri(following.FeedAddress), following.ETag, following.LastModified, cancellation);
        await RecordAsync(database, blog, fetched, cancellation);
    }

    /// <summary>Takes over what was fetched and records the outcome.</summary>
    public async Task RecordAsync(AntiphonContext database, Blog blog, Fetched fetched, CancellationToken cancellation)
    {
        var following = blog.Following!;
        var now = clock.GetUtcNow();
        following.LastVisitAt = now;
        following.LeaseUntil = null;
        if (fetched.Problem is { } problem) Fail(following, problem.ToString(), fetched.Detail, now);
        else if (fetched.NotModified) Succeed(following, now);
        else await TakeOverAsync(database, blog, fetched, now, cancellation);
        await database.SaveChangesAsync(cancellation);
    }

    private async Task TakeOverAsync(AntiphonContext database, Blog blog, Fetched fetched, DateTimeOffset now, CancellationToken cancellation)
    {
        var following = blog.Following!;
        var read = FeedReader.Read(fetched.Bytes, new FeedReadOptions(fetched.ContentType, fetched.Address));
        if (read.Feed is null || (read.Feed.Items.Count == 0 && read.Findings.Count > 0))
        {
            var first = read.Findings[0];
            Fail(following, Unreadable, first.Line is { } line ? $"{first.Message} (line {line})" : first.Message, now);
            return;
        }

        await new PostTakeover(database, blog, keys, now).ApplyAsync(read.Feed, cancellation);
        following.ETag = fetched.ETag;
        following.LastModified = fetched.LastModified;
        Succeed(following, now);
        // What was read up to a break is kept, and the break is still told.
        if (read.Findings.Count > 0) (following.Problem, following.ProblemDetail) = (Unreadable, $"{read.Findings[0].Message} (line {read.Findings[0].Line})");
    }

    private void Succeed(Following following, DateTimeOffset now)
    {
        following.LastGoodAt = now;
        following.Failures = 0;
        following.Problem = null;
        following.ProblemDetail = null;
        following.NextVisitAt = now.AddSeconds(options.Value.IntervalSeconds);
    }

    private void Fail(Following following, string problem, string? detail, DateTimeOffset now)
    {
        following.Failures++;
        following.Problem = problem;
        following.ProblemDetail = detail;
        var pause = options.Value.IntervalSeconds * Math.Pow(2, Math.Min(following.Failures - 1, 20));
        following.NextVisitAt = now.AddSeconds(Math.Min(pause, options.Value.LongestPauseSeconds));
    }
}
