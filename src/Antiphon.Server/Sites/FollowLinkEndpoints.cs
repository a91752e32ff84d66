using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Posts.Blocks;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Sites;

/// <summary>/api/sites/{site}/follow-links: where readers can follow the site elsewhere.</summary>
internal static class FollowLinkEndpoints
{
    private const int Most = 12;
    private const int LongestName = 60;

    /// <summary>Maps the area.</summary>
    public static void MapFollowLinks(this RouteGroupBuilder site)
    {
        var links = site.MapGroup("/follow-links").WithTags("Sites");
        links.MapGet("", List).Needs(SiteRight.See).WithName("listFollowLinks");
        links
            .MapPut("", Keep)
            .Needs(SiteRight.Edit)
            .WithName("keepFollowLinks")
            .WithSummary("Where the site can be followed, for the block of that name in posts.");
    }

    private static async Task<Ok<List<FollowLink>>> List(
        long site,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok(
            await database.Sites.Where(row => row.Id == site).Select(row => row.FollowLinks).SingleAsync(cancellation)
        );

    private static async Task<Results<Ok<List<FollowLink>>, ValidationProblem>> Keep(
        long site,
        List<FollowLink> request,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        if (request.Count > Most)
            return FieldProblem.For("links", $"Name at most {Most} places.");
        for (var index = 0; index < request.Count; index++)
        {
            if (string.IsNullOrWhiteSpace(request[index].Name) || request[index].Name.Length > LongestName)
                return FieldProblem.For($"{index}.name", $"Enter a name of up to {LongestName} characters.");
            if (!LinkResolver.IsWeb(request[index].Address))
                return FieldProblem.For($"{index}.address", "Enter the full address, starting with https://.");
        }

        var found = await database.Sites.SingleAsync(row => row.Id == site, cancellation);
        found.FollowLinks = [.. request.Select(link => new FollowLink(link.Name.Trim(), link.Address.Trim()))];
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(found.FollowLinks);
    }
}
