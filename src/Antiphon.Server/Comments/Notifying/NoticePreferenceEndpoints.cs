using Antiphon.Core.Comments.Moderation;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Comments.Moderation;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Notifying;

/// <summary>/api/sites/{site}/comments/notices: what the person asking is told about comments, and when.</summary>
internal static class NoticePreferenceEndpoints
{
    /// <summary>Maps them.</summary>
    public static void MapNoticeWishes(this RouteGroupBuilder comments)
    {
        comments.MapGet("/notices", Get).Needs(SiteRight.Moderate).WithName("getNoticeWish");
        comments.MapPut("/notices", Put).Needs(SiteRight.Moderate).WithName("saveNoticeWish");
    }

    private static async Task<Ok<NoticeWishView>> Get(
        long site,
        HttpContext http,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var person = http.Member().PersonId;
        var wish = await database
            .NoticePreferences.AsNoTracking()
            .FirstOrDefaultAsync(
                preference => preference.SiteId == site && preference.PersonId == person,
                cancellation
            );
        var mail = await database
            .Users.Where(row => row.Id == person)
            .Select(row => row.Email)
            .SingleAsync(cancellation);
        return TypedResults.Ok(
            new NoticeWishView(
                wish?.About ?? NoticeAbout.Nothing,
                wish?.EveryHours ?? 0,
                wish?.QuietFrom,
                wish?.QuietUntil,
                mail!,
                wish?.LastSentAt
            )
        );
    }

    private static async Task<Results<Ok<NoticeWishView>, ValidationProblem>> Put(
        long site,
        NoticeWishRequest request,
        HttpContext http,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        if (request.EveryHours is < 0 or > 168)
            return FieldProblem.For("everyHours", "Enter a number of hours up to 168, or 0 for at once.");
        if (request.QuietFrom is null != request.QuietUntil is null)
            return FieldProblem.For("quietUntil", "Enter both start and end, or neither.");
        var person = http.Member().PersonId;
        var wish = await database.NoticePreferences.FirstOrDefaultAsync(
            preference => preference.SiteId == site && preference.PersonId == person,
            cancellation
        );
        if (wish is null)
            database.NoticePreferences.Add(wish = new NoticePreference { SiteId = site, PersonId = person });
        // Who begins to be told is told of what comes from now on.
        if (wish.About == NoticeAbout.Nothing)
            (wish.ToldUpTo, wish.ReportsToldUpTo) = await LatestAsync(database, site, cancellation);
        (wish.About, wish.EveryHours, wish.QuietFrom, wish.QuietUntil) = (
            request.About,
            request.EveryHours,
            request.QuietFrom,
            request.QuietUntil
        );
        await database.SaveChangesAsync(cancellation);
        return await Get(site, http, database, cancellation);
    }

    /// <summary>
    /// The latest comment of a site and the latest report of one: who begins to be told is told of what comes after
    /// them.
    /// </summary>
    public static async Task<(long Comment, long Report)> LatestAsync(
        AntiphonContext database,
        long site,
        CancellationToken cancellation
    ) =>
        (
            await database
                .Comments.Where(comment => comment.SiteId == site)
                .MaxAsync(comment => (long?)comment.Id, cancellation)
                ?? 0,
            await database
                .CommentReports.Where(report => report.Comment.SiteId == site)
                .MaxAsync(report => (long?)report.Id, cancellation)
                ?? 0
        );
}

/// <summary>What a person is told about comments.</summary>
/// <param name="About">What.</param>
/// <param name="EveryHours">Hours between two mails; 0 for at once.</param>
/// <param name="QuietFrom">From when on the site's clocks nothing is sent, or null.</param>
/// <param name="QuietUntil">Until when.</param>
/// <param name="Mail">Where to.</param>
/// <param name="LastSentAt">When the last one was made.</param>
internal sealed record NoticeWishView(
    NoticeAbout About,
    int EveryHours,
    TimeOnly? QuietFrom,
    TimeOnly? QuietUntil,
    string Mail,
    DateTimeOffset? LastSentAt
);

/// <summary>What a person wants to be told.</summary>
internal sealed record NoticeWishRequest(NoticeAbout About, int EveryHours, TimeOnly? QuietFrom, TimeOnly? QuietUntil);
