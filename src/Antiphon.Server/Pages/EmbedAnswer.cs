using Antiphon.Core.Sites;
using Antiphon.Server.Platform;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Pages;

/// <summary>Answers to pages of other people: cacheable, without cookies, and only for allowed addresses.</summary>
internal static class EmbedAnswer
{
    /// <summary>
    /// Content of listings and threads may be kept, but is asked for again; a shared cache may serve it a moment longer
    /// while it asks.
    /// </summary>
    private const string CacheControl = "public, no-cache, stale-while-revalidate=30";

    /// <summary>
    /// The fragment, or 304 when the reader has it, or 403 when the request comes from a page that is not allowed.
    /// Requests without an Origin, such as server includes and address bars, pass.
    /// </summary>
    public static IResult For(
        HttpContext http,
        CachedFragment fragment,
        string contentType,
        IReadOnlyList<string> allowed
    )
    {
        if (Refusal(http, allowed) is { } refusal)
            return refusal;
        var headers = http.Response.Headers;
        headers.CacheControl = CacheControl;
        headers.ETag = fragment.ETag;
        if (http.Request.Headers.IfNoneMatch.Contains(fragment.ETag))
            return TypedResults.StatusCode(StatusCodes.Status304NotModified);
        return TypedResults.Bytes(fragment.Body, contentType);
    }

    /// <summary>Sets the sharing headers; gives the refusal when the page asking is not allowed.</summary>
    public static IResult? Refusal(HttpContext http, IReadOnlyList<string> allowed)
    {
        var headers = http.Response.Headers;
        headers.Vary = "Origin";
        var origin = http.Request.Headers.Origin.ToString();
        if (origin.Length == 0 || IsOwn(http, origin))
            return null;
        // The refusal itself may be read by anybody, so that the owner finds the reason in the browser's console.
        headers.AccessControlAllowOrigin = origin;
        if (AllowedAddresses.Allows(allowed, origin))
            return null;
        return TypedResults.Problem(
            $"Add {origin} to the allowed addresses in the site's settings.",
            title: "This page is not among the site's allowed addresses.",
            statusCode: StatusCodes.Status403Forbidden,
            type: "address-not-allowed"
        );
    }

    // A web server in front may speak plainly to us, so the scheme is that of the public address; the host is ours or a
    // blog's, or the request would not have come this far.
    private static bool IsOwn(HttpContext http, string origin)
    {
        var own = http.RequestServices.GetRequiredService<IOptions<AntiphonOptions>>().Value;
        return string.Equals(origin, own.Origin, StringComparison.OrdinalIgnoreCase)
            || string.Equals(
                origin,
                $"{(own.IsSecure ? "https" : "http")}://{http.Request.Host}",
                StringComparison.OrdinalIgnoreCase
            );
    }
}
