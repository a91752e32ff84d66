using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Sites;

/// <summary>/api/sites/{site}/share-ways: where readers can pass posts on.</summary>
internal static class ShareWayEndpoints
{
    /// <summary>Maps the area.</summary>
    public static void MapShareWays(this RouteGroupBuilder site)
    {
        var ways = site.MapGroup("/share-ways").WithTags("Sites");
        ways.MapGet("", List).Needs(SiteRight.See).WithName("listShareWays");
        ways.MapPut("", Keep)
            .Needs(SiteRight.Edit)
            .WithName("keepShareWays")
            .WithSummary("Where readers can pass posts on, as plain links below posts and in listings that show them.");
    }

    private static async Task<Ok<List<ShareWay>>> List(
        long site,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok(
            await database.Sites.Where(row => row.Id == site).Select(row => row.ShareWays).SingleAsync(cancellation)
        );

    private static async Task<Results<Ok<List<ShareWay>>, ValidationProblem>> Keep(
        long site,
        List<ShareWay> request,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        if (request.Count > ShareWay.Most)
            return FieldProblem.For("ways", $"Name at most {ShareWay.Most} places.");
        for (var index = 0; index < request.Count; index++)
            if (request[index].Problem() is { } problem)
                return FieldProblem.For($"{index}.{problem.Field}", problem.Remedy);
        var found = await database.Sites.SingleAsync(row => row.Id == site, cancellation);
        found.ShareWays = [.. request.Select(way => new ShareWay(way.Name.Trim(), way.Address.Trim()))];
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(found.ShareWays);
    }
}
