using System.Globalization;
using Antiphon.Core.Posts;
using Antiphon.Core.Sites;
using Antiphon.Core.Time;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts.Calendar;

/// <summary>A post on its day.</summary>
/// <param name="Local">When, on the site's clocks.</param>
internal sealed record CalendarEntry(
    long Id,
    string Title,
    PostStatus Status,
    string Local,
    string BlogName,
    bool WrittenHere,
    int Revision
);

/// <summary>A month.</summary>
/// <param name="Entries">Posts of the month and of the days shown around it, in order of time.</param>
/// <param name="Undated">Drafts and posts in review, which have no day yet, latest change first.</param>
internal sealed record CalendarMonth(IReadOnlyList<CalendarEntry> Entries, IReadOnlyList<CalendarEntry> Undated);

/// <summary>Another time for a scheduled post.</summary>
internal sealed record MoveRequest(int Revision, string Local);

/// <summary>/api/sites/{site}/calendar.</summary>
internal static class CalendarEndpoints
{
    private const int DaysAround = 7;
    private const int MostUndated = 30;

    /// <summary>Maps the area.</summary>
    public static void MapCalendar(this RouteGroupBuilder site)
    {
        var calendar = site.MapGroup("/calendar").WithTags("Posts");
        calendar
            .MapGet("", Show)
            .Needs(SiteRight.See)
            .WithName("getCalendar")
            .WithSummary("The posts of a month, such as 2026-11.");
        calendar
            .MapPut("/{post:long}", Move)
            .Needs(SiteRight.Edit)
            .WithName("movePost")
            .WithSummary("Gives a scheduled post another time.");
    }

    private static async Task<Results<Ok<CalendarMonth>, ValidationProblem>> Show(
        long site,
        string month,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        if (
            !DateTime.TryParseExact(
                month,
                "yyyy-MM",
                CultureInfo.InvariantCulture,
                DateTimeStyles.AssumeUniversal | DateTimeStyles.AdjustToUniversal,
                out var first
            )
        )
            return FieldProblem.For("month", "Name the month as 2026-11.");
        var zone = await database.TimeZoneOfAsync(site, cancellation);
        var (from, to) = (
            new DateTimeOffset(first, TimeSpan.Zero).AddDays(-DaysAround),
            new DateTimeOffset(first, TimeSpan.Zero).AddMonths(1).AddDays(DaysAround)
        );
        var posts = database
            .Posts.AsNoTracking()
            .Include(post => post.Blog.Following)
            .Where(post => post.SiteId == site);
        var dated = await posts
            .Where(post =>
                post.PublishedAt >= from
                && post.PublishedAt < to
                && (post.Status == PostStatus.Published || post.Status == PostStatus.Scheduled)
            )
            .OrderBy(post => post.PublishedAt)
            .ToListAsync(cancellation);
        var undated = await posts
            .Where(post => post.Status == PostStatus.Draft || post.Status == PostStatus.InReview)
            .OrderByDescending(post => post.UpdatedAt)
            .Take(MostUndated)
            .ToListAsync(cancellation);
        CalendarEntry Entry(Post post) =>
            new(
                post.Id,
                post.Title,
                post.Status,
                SiteCulture
                    .Local(post.PublishedAt ?? post.UpdatedAt, zone)
                    .ToString(WallTime.Format, CultureInfo.InvariantCulture),
                post.Blog.Name,
                post.Blog.Following is null,
                post.Revision
            );
        return TypedResults.Ok(new CalendarMonth([.. dated.Select(Entry)], [.. undated.Select(Entry)]));
    }

    private static async Task<Results<Ok<CalendarEntry>, NotFound, ValidationProblem, ProblemHttpResult>> Move(
        long site,
        long post,
        MoveRequest request,
        HttpContext http,
        AntiphonContext database,
        PostSaving saving,
        ActRecord acts,
        CancellationToken cancellation
    )
    {
        var found = await database
            .Posts.Include(row => row.Blog.Site)
            .Include(row => row.Blog.Following)
            .FirstOrDefaultAsync(
                row => row.Id == post && row.SiteId == site && row.Blog.Following == null,
                cancellation
            );
        if (found is null)
            return TypedResults.NotFound();
        if (found.Status is PostStatus.Published or PostStatus.Withdrawn)
            return FieldProblem.For(
                "local",
                "Only what is still to come can be moved; the date of a published post is changed in the post."
            );
        if (found.Revision != request.Revision)
            return PostSaving.Conflict();
        if (saving.ApplySchedule(request.Local, found.Blog.Site, found) is { } problem)
            return FieldProblem.For("local", problem);
        found.Status = PostStatus.Scheduled;
        found.Revision++;
        await acts.AddAsync(
            site,
            http.Member().PersonId,
            $"scheduled “{found.Title}” for {request.Local.Replace('T', ' ')}",
            found.Id,
            cancellation
        );
        if (!await saving.TryStoreAsync(cancellation))
            return PostSaving.Conflict();
        return TypedResults.Ok(
            new CalendarEntry(
                found.Id,
                found.Title,
                found.Status,
                found.PublishLocal!,
                found.Blog.Name,
                true,
                found.Revision
            )
        );
    }
}
