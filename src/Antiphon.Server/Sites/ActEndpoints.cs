using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Language;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Sites;

/// <summary>A line of the record.</summary>
internal sealed record ActView(long Id, string By, DateTimeOffset At, string What, long? PostId);

/// <summary>/api/sites/{site}/acts: who did what.</summary>
internal static class ActEndpoints
{
    private const int PageSize = 50;

    /// <summary>Maps the record.</summary>
    public static void MapActs(this RouteGroupBuilder site) =>
        site.MapGet("/acts", List)
            .Needs(SiteRight.Edit)
            .WithTags("Sites")
            .WithName("listActs")
            .WithSummary("The activity log, newest first.");

    private static async Task<Ok<List<ActView>>> List(
        long site,
        long? before,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok(
            (
                await database
                    .SiteActs.AsNoTracking()
                    .Where(act => act.SiteId == site && (before == null || act.Id < before))
                    .OrderByDescending(act => act.Id)
                    .Take(PageSize)
                    .Select(act => new ActView(act.Id, act.PersonName, act.At, act.What, act.PostId))
                    .ToListAsync(cancellation)
            ).ConvertAll(act => act with { What = TeamTexts.SayAct(act.What) })
        );
}
