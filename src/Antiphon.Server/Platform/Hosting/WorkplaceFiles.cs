using Antiphon.Server.Platform.Access;
using Microsoft.AspNetCore.Routing.Patterns;

namespace Antiphon.Server.Platform.Hosting;

/// <summary>Serves the built workplace.</summary>
internal static class WorkplaceFiles
{
    private static readonly string[] OfWorkplace = ["s", "sites", "join", "sign-in", "setup"];

    /// <summary>
    /// Files under /assets carry a hash in their names and never change; the page itself is always asked for again.
    /// </summary>
    public static void UseWorkplaceFiles(this WebApplication app)
    {
        app.UseStaticFiles(
            new StaticFileOptions
            {
                OnPrepareResponse = context =>
                {
                    var isHashed = context.Context.Request.Path.StartsWithSegments("/assets");
                    context.Context.Response.Headers.CacheControl = isHashed
                        ? "public, max-age=31536000, immutable"
                        : "no-cache";
                },
            }
        );
    }

    /// <summary>Every address that is no API, feed or page of ours opens the workplace, which reads it.</summary>
    public static void MapWorkplace(this WebApplication app)
    {
        // As a plain request delegate: the compiler of handlers would take a fallback's pattern for every address.
        foreach (var place in PlacesOfOthers(app))
            app.MapFallback($"/{place}/{{**rest}}", Nothing).ForAnybody();
        app.MapFallbackToFile("index.html").ForAnybody();
    }

    // Where an API, feed or page of ours may stand, an unknown address is none: programs would take the workplace for an
    // answer. What is mapped before says which places these are.
    private static IEnumerable<string> PlacesOfOthers(IEndpointRouteBuilder app) =>
        app
            .DataSources.SelectMany(source => source.Endpoints)
            .OfType<RouteEndpoint>()
            .Select(endpoint => endpoint.RoutePattern.PathSegments.FirstOrDefault()?.Parts)
            .Select(parts => parts is [RoutePatternLiteralPart literal] ? literal.Content : null)
            .OfType<string>()
            .Append(".well-known")
            .Except(OfWorkplace, StringComparer.OrdinalIgnoreCase)
            .Distinct(StringComparer.OrdinalIgnoreCase)
            .ToList();

    private static Task Nothing(HttpContext http)
    {
        http.Response.StatusCode = StatusCodes.Status404NotFound;
        return Task.CompletedTask;
    }
}
