using System.Globalization;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Accounts;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Sites;

/// <summary>Lets through only people with a role on the site named in the path. Everybody else sees a site that does not exist.</summary>
internal sealed class SiteAccess : IEndpointFilter
{
    /// <inheritdoc/>
    public async ValueTask<object?> InvokeAsync(EndpointFilterInvocationContext context, EndpointFilterDelegate next)
    {
        var http = context.HttpContext;
        var siteId = long.Parse((string)http.Request.RouteValues["site"]!, CultureInfo.InvariantCulture);
        var personId = http.User.PersonId();
        var database = http.RequestServices.GetRequiredService<AntiphonContext>();
        var membership = await database.Memberships.AsNoTracking()
            .FirstOrDefaultAsync(one => one.SiteId == siteId && one.PersonId == personId, http.RequestAborted);
        if (membership is null) return TypedResults.NotFound();
        if (http.GetEndpoint()?.Metadata.GetMetadata<NeededRole>()?.Role is { } needed && !membership.Role.Reach(needed)) return Refusal(needed);
        http.Features.Set(membership);
        return await next(context);
    }

    private static IResult Refusal(SiteRole needed) => TypedResults.Problem(
        $"Ask an owner of the site for the role of {needed.ToString().ToLowerInvariant()}.", title: "Your role does not reach this far.", statusCode: StatusCodes.Status403Forbidden);
}

/// <summary>Least role an endpoint asks for; without it any role will do.</summary>
/// <param name="Role">The role.</param>
internal sealed record NeededRole(SiteRole Role);

/// <summary>Shorthand for roles.</summary>
internal static class NeededRoleExtensions
{
    /// <summary>Asks for at least this role.</summary>
    public static TBuilder Needs<TBuilder>(this TBuilder builder, SiteRole role)
        where TBuilder : IEndpointConventionBuilder => builder.WithMetadata(new NeededRole(role));

    /// <summary>The membership found by <see cref="SiteAccess"/>.</summary>
    public static Membership Member(this HttpContext http) => http.Features.Get<Membership>() ?? throw new InvalidOperationException("The endpoint does not belong to a site.");
}
