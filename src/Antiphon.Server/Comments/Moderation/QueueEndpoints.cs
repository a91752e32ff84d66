using Antiphon.Core.Comments;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Moderation;

/// <summary>/api/sites/{site}/comments and /api/comments: comments by standing, of one site or of all the person belongs to.</summary>
internal static class QueueEndpoints
{
    /// <summary>Maps the comments of one site.</summary>
    public static void MapQueue(this RouteGroupBuilder comments) =>
        comments.MapGet("", ListOfSite).Needs(SiteRight.See).WithName("listComments");

    /// <summary>Maps the comments of all sites.</summary>
    public static void MapQueueOfAll(this WebApplication app) =>
        app.MapGet("/api/comments", ListOfAll)
            .RequireAuthorization()
            .WithTags("Comments")
            .ForSignedIn()
            .WithName("listCommentsOfAll")
            .WithSummary("Comments of every site the person belongs to.");

    private static async Task<Ok<QueuePage>> ListOfSite(
        long site,
        [AsParameters] QueueQuery query,
        HttpContext http,
        QueueReader queue
    ) => TypedResults.Ok(await queue.ReadAsync([site], query, http.Member().PersonId, http.RequestAborted));

    private static async Task<Ok<QueuePage>> ListOfAll(
        [AsParameters] QueueQuery query,
        HttpContext http,
        AntiphonContext database,
        QueueReader queue
    )
    {
        var person = http.User.PersonId();
        var sites = await database
            .Memberships.Where(membership => membership.PersonId == person)
            .Select(membership => membership.SiteId)
            .ToListAsync(http.RequestAborted);
        return TypedResults.Ok(await queue.ReadAsync(sites, query, person, http.RequestAborted));
    }
}

/// <summary>Which comments are wanted.</summary>
/// <param name="Standing">Where they stand; Waiting when left out.</param>
/// <param name="Choice">Which of them; all when left out.</param>
/// <param name="Thread">Only those of a thread.</param>
/// <param name="Search">Words in the text, or part of the writer's name.</param>
/// <param name="After">The cursor of the page before.</param>
/// <param name="Comment">A comment that is wanted on the first page wherever it stands, as links lead to it.</param>
internal sealed record QueueQuery(
    [FromQuery(Name = "standing")] Spelled<CommentStanding>? Standing,
    [FromQuery(Name = "choice")] Spelled<QueueChoice>? Choice,
    [FromQuery(Name = "thread")] long? Thread,
    [FromQuery(Name = "search")] string? Search,
    [FromQuery(Name = "after")] long? After,
    [FromQuery(Name = "comment")] long? Comment
);

/// <summary>Which comments of a standing.</summary>
internal enum QueueChoice
{
    /// <summary>All of them.</summary>
    All,

    /// <summary>Reported since a person last kept them.</summary>
    Reported,

    /// <summary>Of writers who had nothing public when they wrote.</summary>
    NewWriters,

    /// <summary>With addresses in the text.</summary>
    WithLinks,

    /// <summary>Which the filter held rather for spam when they came.</summary>
    LikelySpam,

    /// <summary>Which the person asking shall see to.</summary>
    Mine,
}
