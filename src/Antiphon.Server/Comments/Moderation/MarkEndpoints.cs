using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Deciding;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Data.Comments.Moderation;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Moderation;

/// <summary>/api/sites/{site}/comments/marks: who is banned and who is trusted.</summary>
internal static class MarkEndpoints
{
    private static readonly TimeSpan PlaceKnownFor = PlaceClearing.KeptFor;

    /// <summary>Maps them.</summary>
    public static void MapMarks(this RouteGroupBuilder comments)
    {
        comments.MapGet("/marks", List).Needs(SiteRight.See).WithName("listWriterMarks");
        comments
            .MapPost("/{comment:long}/mark", Mark)
            .Needs(SiteRight.Moderate)
            .WithName("markWriter")
            .WithSummary(
                "Bans or trusts the writer of a comment, bans where it came from or a host it leads to; a ban may decide what they wrote before."
            );
        comments.MapDelete("/marks/{mark:long}", Remove).Needs(SiteRight.Moderate).WithName("removeWriterMark");
    }

    private static async Task<Ok<List<MarkView>>> List(
        long site,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var now = clock.GetUtcNow();
        return TypedResults.Ok(
            await database
                .WriterMarks.Where(mark => mark.SiteId == site && (mark.Until == null || mark.Until > now))
                .OrderByDescending(mark => mark.Id)
                .Select(mark => new MarkView(mark.Id, mark.By, mark.Shown, mark.Mark, mark.Until, mark.MadeAt))
                .ToListAsync(cancellation)
        );
    }

    private static async Task<Results<Ok<MarkedView>, NotFound, ValidationProblem>> Mark(
        long site,
        long comment,
        MarkRequest request,
        HttpContext http,
        AntiphonContext database,
        CommentDecisions decisions,
        DeedRecord deeds,
        TimeProvider clock
    )
    {
        if (
            await database
                .Comments.AsNoTracking()
                .FirstOrDefaultAsync(row => row.Id == comment && row.SiteId == site && !row.IsTeam, http.RequestAborted)
            is not { } found
        )
            return TypedResults.NotFound();
        if (request.Mark == WriterMarkKind.Trusted && request.By != MarkedBy.Mail)
            return FieldProblem.For("by", "Trust goes by the mail, as a name can be anybody's.");
        if (ValueOf(found, request) is not { } value)
            return FieldProblem.For("by", Missing(request.By));
        var now = clock.GetUtcNow();
        if (request.Until <= now)
            return FieldProblem.For("until", "Choose a time to come, or leave it out.");
        var mark = await database.WriterMarks.FirstOrDefaultAsync(
            writerMark => writerMark.SiteId == site && writerMark.By == request.By && writerMark.Value == value,
            http.RequestAborted
        );
        if (mark is null)
            database.WriterMarks.Add(
                mark = new WriterMark
                {
                    SiteId = site,
                    By = request.By,
                    Value = value,
                }
            );
        if (request.By is MarkedBy.Mail or MarkedBy.Name)
            mark.OwnerKey = found.OwnerKey;
        (mark.Mark, mark.Shown, mark.Until, mark.MadeAt, mark.MadeById) = (
            request.Mark,
            Shown(found, request.By, value),
            UntilOf(request, now),
            now,
            http.Member().PersonId
        );
        var rows = request.Past is { } past
            ? await PastAsync(database, found, request.By, value, past, http.RequestAborted)
            : [];
        var decided = await decisions.DecideAllAsync(
            site,
            rows,
            _ => request.Past!.Value,
            await deeds.DoerAsync(http),
            http.RequestAborted
        );
        return TypedResults.Ok(new MarkedView(mark.Id, mark.Shown, mark.Until, decided.Decided));
    }

    // Where a comment came from is known for thirty days only, so nothing could be told by it longer.
    private static DateTimeOffset? UntilOf(MarkRequest request, DateTimeOffset now)
    {
        if (request.By is not (MarkedBy.Place or MarkedBy.Network))
            return request.Until;
        var most = now + PlaceKnownFor;
        return request.Until < most ? request.Until : most;
    }

    private static string? ValueOf(Comment comment, MarkRequest request)
    {
        var told = WriterMarks.Told(comment).FindAll(pair => pair.By == request.By);
        if (request.By != MarkedBy.Host)
            return told.Select(pair => pair.Value).FirstOrDefault();
        var host = request.Host?.Trim().ToLowerInvariant();
        return told.Select(pair => pair.Value).FirstOrDefault(value => value == host);
    }

    private static string Missing(MarkedBy by) =>
        by switch
        {
            MarkedBy.Mail => "This writer gave no mail; go by the name or where it came from.",
            MarkedBy.Name => "This writer gave a mail; go by that.",
            MarkedBy.Host => "Enter a host that appears in this comment.",
            _ => "Where it came from is no longer known; that is forgotten after thirty days.",
        };

    private static string Shown(Comment comment, MarkedBy by, string value) =>
        by switch
        {
            MarkedBy.Name => comment.Author,
            MarkedBy.Place => $"where {comment.Author} wrote from",
            MarkedBy.Network => $"the network {comment.Author} wrote from",
            _ => value,
        };

    private static async Task<List<Comment>> PastAsync(
        AntiphonContext database,
        Comment found,
        MarkedBy by,
        string value,
        CommentStanding to,
        CancellationToken cancellation
    )
    {
        var comments = database.Comments.Where(comment => comment.SiteId == found.SiteId && !comment.IsTeam);
        var fitting = by switch
        {
            MarkedBy.Mail or MarkedBy.Name => database.Comments.OfWriter(found),
            MarkedBy.Place => comments.Where(comment => comment.PlaceKey == value),
            MarkedBy.Network => comments.Where(comment => comment.NetworkKey == value),
            _ => comments.Where(comment =>
                EF.Functions.Like(comment.Text, $"%{value}%")
                || EF.Functions.Like(comment.Mail!, $"%@{value}")
                || comment.Mention!.Host == value
            ),
        };
        return await fitting.Open(to).ToListAsync(cancellation);
    }

    private static async Task<Results<NoContent, NotFound>> Remove(
        long site,
        long mark,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        await database
            .WriterMarks.Where(writerMark => writerMark.Id == mark && writerMark.SiteId == site)
            .ExecuteDeleteAsync(cancellation) > 0
            ? TypedResults.NoContent()
            : TypedResults.NotFound();
}

/// <summary>A ban or a trust to be made.</summary>
/// <param name="Mark">Which.</param>
/// <param name="By">What the writer is told by.</param>
/// <param name="Host">Where it goes by a host: which of those in the comment.</param>
/// <param name="Until">When it ends; null for never, for places at most thirty days.</param>
/// <param name="Past">Where everything goes that fits it and waits or is public; null to leave it.</param>
internal sealed record MarkRequest(
    WriterMarkKind Mark,
    MarkedBy By,
    string? Host,
    DateTimeOffset? Until,
    CommentStanding? Past
);

/// <summary>A ban or a trust.</summary>
internal sealed record MarkView(
    long Id,
    MarkedBy By,
    string Shown,
    WriterMarkKind Mark,
    DateTimeOffset? Until,
    DateTimeOffset MadeAt
);

/// <summary>What was made, and what was decided with it.</summary>
internal sealed record MarkedView(long Id, string Shown, DateTimeOffset? Until, IReadOnlyList<DecisionView> Decided);
