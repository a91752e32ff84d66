using Antiphon.Data;
using Antiphon.Server.Platform.Hosting;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.PublicPages.Blogs;

/// <summary>
/// Answers requests that come under a blog's own host name with that blog's pages, as if they were asked for below
/// /blogs/{key}. Nothing else of ours answers there:
/// the workplace and its API stay under our own name alone.
/// </summary>
internal static class BlogHosts
{
    private static readonly string[] Shared = ["/posts", "/previews", "/feeds", "/embed", "/pictures"];

    /// <summary>Leads a request of such a host on.</summary>
    public static async Task LeadAsync(HttpContext context, RequestDelegate next)
    {
        var host = context.Request.Host.Host;
        var path = context.Request.Path;
        // Our own name is asked for most and never belongs to a blog; looking it up would cost every request.
        if (
            OwnHosts.IsOwn(context, host)
            || !host.Contains('.', StringComparison.Ordinal)
            || Shared.Any(shared => path.StartsWithSegments(shared))
        )
        {
            await next(context);
            return;
        }

        var database = context.RequestServices.GetRequiredService<AntiphonContext>();
        var name = host.ToLowerInvariant();
        if (
            await database
                .Blogs.Where(blog => blog.HostName == name)
                .Select(blog => blog.Key)
                .FirstOrDefaultAsync(context.RequestAborted) is
            { } key
        )
            context.Request.Path = $"/blogs/{key}{(path == "/" ? string.Empty : path)}";

        await next(context);
    }
}
