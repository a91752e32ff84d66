namespace Antiphon.Core.Referrals;

/// <summary>What brought a reader to a post.</summary>
/// <param name="Kind">How it is known.</param>
/// <param name="Name">The source a link named, in small letters, or the host of the page before; empty for
/// <see cref="ArrivalKind.Direct"/>.</param>
public sealed record ArrivalSource(ArrivalKind Kind, string Name)
{
    private const int LongestName = 60;
    private static readonly string[] Programs =
    [
        "bot",
        "crawl",
        "spider",
        "preview",
        "slurp",
        "monitor",
        "fetch",
        "curl",
        "wget",
        "python",
        "java/",
        "go-http",
        "feed",
    ];

    /// <summary>Nothing told.</summary>
    public static ArrivalSource Direct { get; } = new(ArrivalKind.Direct, string.Empty);

    /// <summary>The source; null for a reader who was on one of the site's pages already.</summary>
    /// <param name="campaign">The source the address names ("utm_source"), or null.</param>
    /// <param name="referrer">Address or host of the page before, or null.</param>
    /// <param name="own">Hosts of the site and of ours.</param>
    public static ArrivalSource? Of(string? campaign, string? referrer, IReadOnlyCollection<string> own)
    {
        if (Clean(campaign) is { } named)
            return new ArrivalSource(ArrivalKind.Link, named);
        var host = HostOf(referrer);
        if (host is null)
            return Direct;
        return own.Contains(host, StringComparer.OrdinalIgnoreCase) ? null : new ArrivalSource(ArrivalKind.Page, host);
    }

    /// <summary>Whether a browser's name is that of a program which nobody looks at.</summary>
    public static bool IsProgram(string? userAgent) =>
        string.IsNullOrWhiteSpace(userAgent)
        || Programs.Any(text => userAgent.Contains(text, StringComparison.OrdinalIgnoreCase));

    private static string? HostOf(string? referrer)
    {
        if (string.IsNullOrWhiteSpace(referrer))
            return null;
        var address = referrer.Contains("://", StringComparison.Ordinal) ? referrer : "https://" + referrer;
        if (!Uri.TryCreate(address, UriKind.Absolute, out var read) || read.Host.Length is 0 or > LongestName)
            return null;
        return read.Host.StartsWith("www.", StringComparison.OrdinalIgnoreCase)
            ? read.Host[4..].ToLowerInvariant()
            : read.Host.ToLowerInvariant();
    }

    // What stands in an address is written by anybody; only what a name may hold is kept.
    private static string? Clean(string? campaign)
    {
        if (campaign is null)
            return null;
        var kept = new string([
            .. campaign.Trim().ToLowerInvariant().Where(c => char.IsLetterOrDigit(c) || c is ' ' or '-' or '_' or '.'),
        ]);
        return kept.Length == 0 ? null : kept[..Math.Min(kept.Length, LongestName)];
    }
}

/// <summary>How the source of a reader is known.</summary>
public enum ArrivalKind
{
    /// <summary>The link they followed names it.</summary>
    Link,

    /// <summary>Their browser told the host of the page before.</summary>
    Page,

    /// <summary>Nothing was told.</summary>
    Direct,
}
