namespace Antiphon.Server.Outgoing;

/// <summary>The outcome of fetching an address.</summary>
/// <param name="Address">Where the answer came from, after redirects.</param>
/// <param name="Problem">What went wrong, or null.</param>
/// <param name="Detail">Value that belongs to the problem: status code or limit.</param>
/// <param name="NotModified">True when the validators sent still hold; there is no body then.</param>
/// <param name="Body">Body, decompressed; empty on a problem.</param>
/// <param name="ContentType">Content-Type as sent.</param>
/// <param name="ETag">Validator for the next visit.</param>
/// <param name="LastModified">Validator for the next visit, as sent.</param>
/// <param name="Policies">Content-Security-Policy headers; null when there are none.</param>
internal sealed record Fetched(
    Uri Address, FetchProblem? Problem, string? Detail = null, bool NotModified = false, byte[]? Body = null,
    string? ContentType = null, string? ETag = null, string? LastModified = null, IReadOnlyList<string>? Policies = null)
{
    /// <summary>Body, empty on a problem.</summary>
    public byte[] Bytes => Body ?? [];
}
