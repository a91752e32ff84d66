using Antiphon.Core.Comments;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Moderation;

/// <summary>
/// Decisions on many comments at once: on everything of a writer, on a whole thread, and on a list, which is also how
/// they are taken back.
/// </summary>
internal static class ManyDecisions
{
    private const int Most = 1000;

    /// <summary>Maps those on comments.</summary>
    public static void MapManyDecisions(this RouteGroupBuilder comments)
    {
        comments
            .MapPost("/{comment:long}/writer", DecideWriter)
            .Needs(SiteRight.Moderate)
            .WithName("decideWriter")
            .WithSummary("Decides everything of a comment's writer that waits or is public.");
        comments
            .MapPost("/decisions", DecideMany)
            .Needs(SiteRight.Moderate)
            .WithName("decideMany")
            .WithSummary("Decides a list of comments, each only if it stands where it was seen.");
    }

    /// <summary>Maps those on threads.</summary>
    public static void MapThreadClearing(this RouteGroupBuilder threads) =>
        threads
            .MapPost("/{thread:long}/clear", ClearThread)
            .Needs(SiteRight.Moderate)
            .WithName("clearThread")
            .WithSummary("Decides everything in a thread that waits or is public; at most a thousand at once.");

    /// <summary>The comments of the writer of one: by mail, or without one by name among those without.</summary>
    public static IQueryable<Comment> OfWriter(this IQueryable<Comment> comments, Comment one) =>
        one.Mention is { Host: var host }
            ? comments.Where(other => other.SiteId == one.SiteId && other.Mention!.Host == host)
        : one.Mail is null
            ? comments.Where(other =>
                other.SiteId == one.SiteId && !other.IsTeam && other.Mail == null && other.Author == one.Author
            )
        : comments.Where(other => other.SiteId == one.SiteId && !other.IsTeam && other.Mail == one.Mail);

    /// <summary>Those of them that a decision on many sends elsewhere.</summary>
    public static IQueryable<Comment> Open(this IQueryable<Comment> comments, CommentStanding to) =>
        comments
            .Where(comment =>
                (comment.Standing == CommentStanding.Waiting || comment.Standing == CommentStanding.Public)
                && comment.Standing != to
            )
            .Take(Most);

    private static async Task<Results<Ok<ManyDecided>, NotFound>> DecideWriter(
        long site,
        long comment,
        ManyDecisionRequest request,
        HttpContext http,
        AntiphonContext database,
        CommentDecisions decisions,
        DeedRecord deeds,
        CancellationToken cancellation
    )
    {
        if (
            await database
                .Comments.AsNoTracking()
                .FirstOrDefaultAsync(row => row.Id == comment && row.SiteId == site && !row.IsTeam, cancellation)
            is not { } found
        )
            return TypedResults.NotFound();
        var rows = await database.Comments.OfWriter(found).Open(request.Standing).ToListAsync(cancellation);
        return TypedResults.Ok(
            await decisions.DecideAllAsync(site, rows, _ => request.Standing, await deeds.DoerAsync(http), cancellation)
        );
    }

    private static async Task<Results<Ok<ManyDecided>, NotFound>> ClearThread(
        long site,
        long thread,
        ManyDecisionRequest request,
        HttpContext http,
        AntiphonContext database,
        CommentDecisions decisions,
        DeedRecord deeds,
        CancellationToken cancellation
    )
    {
        if (
            !await database.Threads.AnyAsync(
                commentThread => commentThread.Id == thread && commentThread.SiteId == site,
                cancellation
            )
        )
            return TypedResults.NotFound();
        var rows = await database
            .Comments.Where(comment => comment.ThreadId == thread)
            .Open(request.Standing)
            .ToListAsync(cancellation);
        return TypedResults.Ok(
            await decisions.DecideAllAsync(site, rows, _ => request.Standing, await deeds.DoerAsync(http), cancellation)
        );
    }

    private static async Task<Results<Ok<ManyDecided>, ValidationProblem>> DecideMany(
        long site,
        ManyDecisionsRequest request,
        HttpContext http,
        AntiphonContext database,
        CommentDecisions decisions,
        DeedRecord deeds,
        CancellationToken cancellation
    )
    {
        if (request.Decisions.Count > Most)
            return FieldProblem.For("decisions", $"Send at most {Most} at once.");
        var wanted = request
            .Decisions.GroupBy(decision => decision.Id)
            .ToDictionary(group => group.Key, group => group.Last());
        var rows = await database
            .Comments.Where(comment => comment.SiteId == site && wanted.Keys.Contains(comment.Id))
            .ToListAsync(cancellation);
        return TypedResults.Ok(
            await decisions.DecideAllAsync(
                site,
                rows.FindAll(row => row.Standing == wanted[row.Id].Before),
                row => wanted[row.Id].Standing,
                await deeds.DoerAsync(http),
                cancellation
            )
        );
    }
}

/// <summary>Where everything of a writer, or of a thread, goes.</summary>
internal sealed record ManyDecisionRequest(CommentStanding Standing);

/// <summary>Decisions on a list; "before" is where each was seen.</summary>
internal sealed record ManyDecisionsRequest(IReadOnlyList<DecisionView> Decisions);
