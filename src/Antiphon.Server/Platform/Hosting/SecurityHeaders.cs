using Microsoft.Extensions.Options;

namespace Antiphon.Server.Platform.Hosting;

/// <summary>Headers every answer carries.</summary>
internal static class SecurityHeaders
{
    /// <summary>
    /// No guessing of types anywhere; no framing except of what is meant to be framed. The base address stays free: the
    /// preview of a host page
    /// inherits this policy, and its relative addresses lead to the host.
    /// </summary>
    public static Task AddAsync(HttpContext context, RequestDelegate next)
    {
        var headers = context.Response.Headers;
        headers.XContentTypeOptions = "nosniff";
        if (context.RequestServices.GetRequiredService<IOptions<AntiphonOptions>>().Value.IsSecure)
            headers.StrictTransportSecurity = "max-age=31536000";
        headers["Referrer-Policy"] = "strict-origin-when-cross-origin";
        if (!context.Request.Path.StartsWithSegments("/embed"))
            headers.ContentSecurityPolicy = "frame-ancestors 'none'; object-src 'none'";
        return next(context);
    }
}
