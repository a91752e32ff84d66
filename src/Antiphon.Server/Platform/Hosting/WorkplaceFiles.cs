using Antiphon.Server.Platform.Access;

namespace Antiphon.Server.Platform.Hosting;

/// <summary>Serves the built workplace.</summary>
internal static class WorkplaceFiles
{
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
        app.MapFallback("/api/{**rest}", Nothing).ForAnybody();
        app.MapFallbackToFile("index.html").ForAnybody();
    }

    private static Task Nothing(HttpContext http)
    {
        http.Response.StatusCode = StatusCodes.Status404NotFound;
        return Task.CompletedTask;
    }
}
