using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Hosting;

/// <summary>Files sent as the body of a request.</summary>
internal static class RequestBody
{
    /// <summary>All of it; how much that may be is a limit of the server.</summary>
    public static async Task<byte[]> BodyAsync(this HttpContext http) => await BoundedBody.ReadAsync(http.Request.Body, long.MaxValue, http.RequestAborted) ?? [];
}
