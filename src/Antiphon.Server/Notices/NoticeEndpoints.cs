using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Language;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Notices;

/// <summary>/api/sites/{site}/notices.</summary>
internal static class NoticeEndpoints
{
    private const int Most = 50;

    /// <summary>Maps the area.</summary>
    public static void MapNotices(this RouteGroupBuilder site)
    {
        var notices = site.MapGroup("/notices").WithTags("Notices");
        notices
            .MapGet("", List)
            .Needs(SiteRight.See)
            .WithName("listNotices")
            .WithSummary("What the team was told and nobody has put away yet, the latest first.");
        notices.MapPost("/{notice:long}/done", PutAway).Needs(SiteRight.Edit).WithName("putNoticeAway");
        notices.MapPost("/{notice:long}/undone", BringBack).Needs(SiteRight.Edit).WithName("bringNoticeBack");
    }

    private static async Task<Ok<List<NoticeView>>> List(
        long site,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok(
            (
                await database
                    .Notices.AsNoTracking()
                    .Where(notice => notice.SiteId == site && notice.DoneAt == null)
                    .OrderByDescending(notice => notice.Id)
                    .Take(Most)
                    .ToListAsync(cancellation)
            ).ConvertAll(notice => new NoticeView(
                notice.Id,
                notice.At,
                notice.IsTrouble,
                notice.Title,
                notice.Text,
                "/" + notice.Path
            ))
        );

    private static async Task<Results<NoContent, NotFound>> PutAway(
        long site,
        long notice,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    ) => await SetAsync(database, site, notice, clock.GetUtcNow(), cancellation);

    private static async Task<Results<NoContent, NotFound>> BringBack(
        long site,
        long notice,
        AntiphonContext database,
        CancellationToken cancellation
    ) => await SetAsync(database, site, notice, null, cancellation);

    private static async Task<Results<NoContent, NotFound>> SetAsync(
        AntiphonContext database,
        long site,
        long notice,
        DateTimeOffset? done,
        CancellationToken cancellation
    ) =>
        await database
            .Notices.Where(row => row.SiteId == site && row.Id == notice)
            .ExecuteUpdateAsync(set => set.SetProperty(row => row.DoneAt, done), cancellation) > 0
            ? TypedResults.NoContent()
            : TypedResults.NotFound();
}

/// <summary>Something the team was told.</summary>
/// <param name="Id">Its id.</param>
/// <param name="At">When.</param>
/// <param name="IsTrouble">True for trouble, false for good news.</param>
/// <param name="Title">One sentence.</param>
/// <param name="Text">What changed, line by line.</param>
/// <param name="Path">Path of the screen it leads to.</param>
internal sealed record NoticeView(
    long Id,
    DateTimeOffset At,
    bool IsTrouble,
    [property: TeamText] string Title,
    [property: TeamText] string Text,
    string Path
);
