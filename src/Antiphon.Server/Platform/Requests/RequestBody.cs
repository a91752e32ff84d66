using Antiphon.Server.Platform.Limits;

namespace Antiphon.Server.Platform.Requests;

/// <summary>Files sent as the body of a request.</summary>
internal static class RequestBody
{
    /// <summary>
    /// All of it; how much that may be is a limit of the server, and how many arrive at once one of
    /// <see cref="ArrivalOptions"/>.
    /// </summary>
    /// <exception cref="BadHttpRequestException">Too many arrive at once.</exception>
    public static async Task<byte[]> BodyAsync(this HttpContext http)
    {
        using var place = http.RequestServices.GetRequiredService<UploadLine>().Enter(http);
        return await BoundedBody.ReadAsync(http.Request.Body, long.MaxValue, http.RequestAborted) ?? [];
    }
}
