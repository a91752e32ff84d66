using Antiphon.Core.Channels.Protocols;

namespace Antiphon.Server.Outgoing;

/// <summary>
/// What an outgoing request proves or knows belongs to the site it was meant for, and to no other that a redirect or an
/// answer leads to.
/// </summary>
internal static class Credentials
{
    /// <summary>Marks a request whose body holds a secret; it is not led to another site at all.</summary>
    public static readonly HttpRequestOptionsKey<bool> InBody = new("credentials-in-body");

    private static readonly string[] Headers =
    [
        "Authorization",
        "Proxy-Authorization",
        "Cookie",
        WebhookSignature.SignatureHeader,
        "X-Hub-Signature",
    ];

    /// <summary>Whether two addresses have the same scheme, host and port (RFC 6454).</summary>
    public static bool SameOrigin(Uri one, Uri other) =>
        Uri.Compare(
            one,
            other,
            UriComponents.SchemeAndServer,
            UriFormat.SafeUnescaped,
            StringComparison.OrdinalIgnoreCase
        ) == 0;

    /// <summary>
    /// Takes off what only the site at <paramref name="owner"/> may see, where the request goes elsewhere.
    /// </summary>
    public static void KeepFrom(HttpRequestMessage request, Uri owner)
    {
        if (SameOrigin(request.RequestUri!, owner))
            return;
        foreach (var header in Headers)
            request.Headers.Remove(header);
    }
}
