using Antiphon.Core.Comments;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Comments.Filtering;
using Antiphon.Server.Hosting;
using Antiphon.Server.Sites;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments;

/// <summary>Decisions on many comments at once: on everything of a writer, and on a list, which is also how they are taken back.</summary>
internal static class ManyDecisions
{
    private const int Most = 1000;

    /// <summary>Maps them.</summary>
    public static void MapManyDecisions(this RouteGroupBuilder comments)
    {
        comments.MapPost("/{comment:long}/writer", DecideWriter).Needs(SiteRole.Moderator).WithName("decideWriter").WithSummary("Decides everything of a comment's writer that waits or is public.");
        comments.MapPost("/decisions", DecideMany).Needs(SiteRole.Moderator).WithName("decideMany").WithSummary("Decides a list of comments, each only if it stands where it was seen.");
    }

    /// <summary>The comments of the writer of one: by mail, or without one by name among those without.</summary>
    public static IQueryable<Comment> OfWriter(this IQueryable<Comment> comments, Comment one) => one.Mail is null
        ? comments.Where(other => other.SiteId == one.SiteId && !other.IsTeam && other.Mail == null && other.Author == one.Author)
        : comments.Where(other => other.SiteId == one.SiteId && !other.IsTeam && other.Mail == one.Mail);

    private static async Task<Results<Ok<ManyDecided>, NotFound>> DecideWriter(long site, long comment, WriterDecisionRequest request, HttpContext http, AntiphonContext database, SiteFilters filters, TimeProvider clock)
    {
        if (await database.Comments.AsNoTracking().FirstOrDefaultAsync(one => one.Id == comment && one.SiteId == site && !one.IsTeam) is not { } found) return TypedResults.NotFound();
        var rows = await database.Comments.OfWriter(found).Where(one => (one.Standing == CommentStanding.Waiting || one.Standing == CommentStanding.Public) && one.Standing != request.Standing).Take(Most).ToListAsync();
        return TypedResults.Ok(await DecideAsync(rows, _ => request.Standing, site, http, database, filters, clock));
    }

    private static async Task<Results<Ok<ManyDecided>, ValidationProblem>> DecideMany(long site, ManyDecisionsRequest request, HttpContext http, AntiphonContext database, SiteFilters filters, TimeProvider clock)
    {
        if (request.Decisions.Count > Most) return FieldProblem.For("decisions", $"Send at most {Most} at once.");
        var wanted = request.Decisions.GroupBy(one => one.Id).ToDictionary(group => group.Key, group => group.Last());
        var rows = await database.Comments.Where(one => one.SiteId == site && wanted.Keys.Contains(one.Id) && one.Standing != CommentStanding.Deleted).ToListAsync();
        return TypedResults.Ok(await DecideAsync(rows.FindAll(row => row.Standing == wanted[row.Id].Before), row => wanted[row.Id].Standing, site, http, database, filters, clock));
    }

    private static async Task<ManyDecided> DecideAsync(List<Comment> rows, Func<Comment, CommentStanding> to, long site, HttpContext http, AntiphonContext database, SiteFilters filters, TimeProvider clock)
    {
        var (now, person) = (clock.GetUtcNow(), http.Member().PersonId);
        var decided = new List<DecisionView>();
        foreach (var row in rows)
        {
            decided.Add(new DecisionView(row.Id, to(row), row.Standing));
            (row.Standing, row.DecidedAt, row.DecidedById) = (to(row), now, person);
            if (row.Standing == CommentStanding.Public) row.ReportsKept = row.Reports;
        }

        await database.SaveChangesAsync();
        filters.Note(site, decided.Count);
        return new ManyDecided(decided);
    }
}

/// <summary>Where everything of a writer goes.</summary>
internal sealed record WriterDecisionRequest(CommentStanding Standing);

/// <summary>Decisions on a list; "before" is where each was seen.</summary>
internal sealed record ManyDecisionsRequest(IReadOnlyList<DecisionView> Decisions);

/// <summary>What was decided, with where each stood before.</summary>
internal sealed record ManyDecided(IReadOnlyList<DecisionView> Decided);
