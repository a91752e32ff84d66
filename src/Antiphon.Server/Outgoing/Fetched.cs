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
    Uri Address,
    FetchProblem? Problem,
    string? Detail = null,
    bool NotModified = false,
    byte[]? Body = null,
    string? ContentType = null,
    string? ETag = null,
    string? LastModified = null,
    IReadOnlyList<string>? Policies = null
)
{
    /// <summary>Status of the answer; null when there was none.</summary>
    public int? Status { get; init; }

    /// <summary>What the other side said about an error, as text; null where it said nothing short.</summary>
    public string? Complaint { get; init; }

    /// <summary>The way from the address asked for to the one that answered.</summary>
    public IReadOnlyList<Redirect> Redirects { get; init; } = [];

    /// <summary>What else the answer said.</summary>
    public AnswerHeaders Headers { get; init; } = new();

    /// <summary>How long it took, with all redirects.</summary>
    public TimeSpan Took { get; init; }

    /// <summary>
    /// Where the address asked for has moved for good: as far as every step from it was permanent; null when it has not
    /// moved.
    /// </summary>
    public Uri? MovedTo => Redirects.TakeWhile(step => step.IsPermanent).LastOrDefault()?.To;

    /// <summary>The page it is, where it was read as one (<see cref="FetchedPages"/>).</summary>
    public AngleSharp.Html.Dom.IHtmlDocument? Page { get; init; }

    /// <summary>Body, empty on a problem.</summary>
    public byte[] Bytes => Body ?? [];
}
