using Antiphon.Core.Comments;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Moderation;

/// <summary>
/// /api/sites/{site}/comments and /api/comments: comments by standing, of one site or of all the person belongs to.
/// </summary>
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
internal sealed record QueueQuery
{
    /// <summary>Where they stand; Waiting when left out.</summary>
    [FromQuery(Name = "standing")]
    public Spelled<CommentStanding>? Standing { get; init; }

    /// <summary>Which of them; all when left out.</summary>
    [FromQuery(Name = "choice")]
    public Spelled<QueueChoice>? Choice { get; init; }

    /// <summary>Only those of a thread.</summary>
    [FromQuery(Name = "thread")]
    public long? Thread { get; init; }

    /// <summary>Words in the text, or part of the writer's name.</summary>
    [FromQuery(Name = "search")]
    public string? Search { get; init; }

    /// <summary>The cursor of the page before.</summary>
    [FromQuery(Name = "after")]
    public long? After { get; init; }

    /// <summary>A comment that is wanted on the first page wherever it stands, as links lead to it.</summary>
    [FromQuery(Name = "comment")]
    public long? Comment { get; init; }
}

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
