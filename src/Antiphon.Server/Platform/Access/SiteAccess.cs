using System.Globalization;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Server.Platform.Language;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Platform.Access;

/// <summary>
/// Lets through only people whose role on the site named in the path has the right that the route asks for, before
/// anything of the request is read. Everybody else sees a site that does not exist.
/// </summary>
internal static class SiteAccess
{
    /// <summary>Checks a request for a route of a site; others pass.</summary>
    public static async Task CheckAsync(HttpContext context, RequestDelegate next)
    {
        if (
            context.GetEndpoint()?.Metadata.GetMetadata<AccessNeeded>()
            is not { Audience: Audience.Members, Right: { } needed }
        )
        {
            await next(context);
            return;
        }

        var siteId = long.Parse((string)context.Request.RouteValues["site"]!, CultureInfo.InvariantCulture);
        var personId = context.User.PersonId();
        var membership = await context
            .RequestServices.GetRequiredService<AntiphonContext>()
            .Memberships.AsNoTracking()
            .FirstOrDefaultAsync(row => row.SiteId == siteId && row.PersonId == personId, context.RequestAborted);
        if (membership is not null && membership.Role.May(needed))
        {
            context.Features.Set(membership);
            await next(context);
            return;
        }

        IResult refusal = membership is null ? TypedResults.NotFound() : Refusal(needed);
        await refusal.ExecuteAsync(context);
    }

    private static IResult Refusal(SiteRight needed) =>
        TypedResults.Problem(
            $"Ask an owner of the site for the role of {TeamTexts.Say(RoleNames.Of(SiteRights.RolesWith(needed)[^1]))}.",
            title: "You do not have permission for this.",
            statusCode: StatusCodes.Status403Forbidden
        );
}
