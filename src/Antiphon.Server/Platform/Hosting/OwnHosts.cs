using System.Net;
using Antiphon.Data;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Platform.Hosting;

/// <summary>
/// Names this server is reached by. A request for any other name is not answered, so that nobody's page can speak to us
/// under a name of its own.
/// </summary>
internal static class OwnHosts
{
    private const string Health = "/healthz";

    /// <summary>
    /// Whether a host is ours: that of the public address; where that is this machine, every name of this machine.
    /// </summary>
    public static bool IsOwn(HttpContext context, string host)
    {
        var own = new Uri(context.RequestServices.GetRequiredService<IOptions<AntiphonOptions>>().Value.PublicAddress);
        return string.Equals(host, own.Host, StringComparison.OrdinalIgnoreCase)
            || (own.IsLoopback && IsThisMachine(host));
    }

    /// <summary>
    /// Lets through what is asked under a name of ours or of a blog; everything else was misdirected (RFC 9110,
    /// 15.5.20).
    /// </summary>
    public static async Task CheckAsync(HttpContext context, RequestDelegate next)
    {
        var host = context.Request.Host.Host;
        if (IsOwn(context, host) || context.Request.Path == Health || await IsBlogsAsync(context, host))
        {
            // The public address is the one truth, whether or not the server in front says how it was spoken to.
            if (context.RequestServices.GetRequiredService<IOptions<AntiphonOptions>>().Value.IsSecure)
                context.Request.Scheme = Uri.UriSchemeHttps;
            await next(context);
            return;
        }

        context.Response.StatusCode = StatusCodes.Status421MisdirectedRequest;
        await context.Response.WriteAsync("This name is not served here.", context.RequestAborted);
    }

    private static async Task<bool> IsBlogsAsync(HttpContext context, string host)
    {
        var name = host.ToLowerInvariant();
        return name.Contains('.', StringComparison.Ordinal)
            && await context
                .RequestServices.GetRequiredService<AntiphonContext>()
                .Blogs.AnyAsync(blog => blog.HostName == name, context.RequestAborted);
    }

    private static bool IsThisMachine(string host) =>
        string.Equals(host, "localhost", StringComparison.OrdinalIgnoreCase)
        || (IPAddress.TryParse(host.Trim('[', ']'), out var address) && IPAddress.IsLoopback(address));
}
