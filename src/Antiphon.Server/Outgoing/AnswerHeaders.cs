using System.Net.Http.Headers;

namespace Antiphon.Server.Outgoing;

/// <summary>
/// Headers of an answer that matter beside its type and validators; null or empty where they were not sent.
/// </summary>
/// <param name="CacheControl">How long it may be kept.</param>
/// <param name="RetryAfter">When to come again.</param>
/// <param name="ContentEncoding">How it was compressed.</param>
/// <param name="AllowOrigin">Which pages may read it.</param>
/// <param name="Links">Link headers, one value each (RFC 8288).</param>
internal sealed record AnswerHeaders(
    string? CacheControl = null,
    string? RetryAfter = null,
    string? ContentEncoding = null,
    string? AllowOrigin = null,
    IReadOnlyList<string>? Links = null
)
{
    /// <summary>Where what was made stands, or where the answer leads; as it was sent.</summary>
    public string? Location { get; init; }

    /// <summary>Where the page takes pingbacks.</summary>
    public string? Pingback { get; init; }

    /// <summary>The headers of an answer, as they were sent.</summary>
    public static AnswerHeaders Of(HttpResponseMessage response)
    {
        var headers = response.Headers.NonValidated;
        return new AnswerHeaders(
            One(headers, "Cache-Control"),
            One(headers, "Retry-After"),
            One(response.Content.Headers.NonValidated, "Content-Encoding"),
            One(headers, "Access-Control-Allow-Origin"),
            headers.TryGetValues("Link", out var links) ? [.. links] : null
        )
        {
            Location = One(headers, "Location"),
            Pingback = One(headers, "X-Pingback"),
        };
    }

    private static string? One(HttpHeadersNonValidated headers, string name) =>
        headers.TryGetValues(name, out var values) ? values.ToString() : null;
}
