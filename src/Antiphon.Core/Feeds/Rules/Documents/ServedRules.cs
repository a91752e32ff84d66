using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules.Documents;

/// <summary>Rules about how a feed is served.</summary>
public static class ServedRules
{
    /// <summary>Permanent redirect.</summary>
    public static readonly CheckRule Moved = new(
        "http-moved",
        Severity.Advice,
        "The feed has moved for good to {0}",
        "Publish the new address; every feed reader with the old one asks twice.",
        "RFC 9110 §15.4.2"
    );

    /// <summary>A chain of redirects.</summary>
    public static readonly CheckRule ManyRedirects = new(
        "http-many-redirects",
        Severity.Warning,
        "It takes {0} redirects to get to the feed",
        "Redirect straight to where it is; some readers give up on the way.",
        "RFC 9110 §15.4"
    );

    /// <summary>From https to http.</summary>
    public static readonly CheckRule LosesSecurity = new(
        "http-loses-security",
        Severity.Warning,
        "The address is secure, but leads to {0}, which is not",
        "Redirect to an https address.",
        "RFC 9110 §4.2.2"
    );

    /// <summary>No https.</summary>
    public static readonly CheckRule Insecure = new(
        "http-insecure",
        Severity.Advice,
        "The feed is not served over https",
        "Get a certificate; on the way anybody can read and change the feed.",
        "RFC 9110 §4.2.2"
    );

    /// <summary>No validator.</summary>
    public static readonly CheckRule NoValidator = new(
        "http-no-validator",
        Severity.Advice,
        "The feed comes without ETag and Last-Modified",
        "Send one of them; without it every visit fetches everything.",
        "RFC 9110 §8.8"
    );

    /// <summary>A validator that is not heeded.</summary>
    public static readonly CheckRule ValidatorIgnored = new(
        "http-validator-ignored",
        Severity.Advice,
        "The server ignores If-None-Match and If-Modified-Since",
        "Answer 304 when If-None-Match or If-Modified-Since still holds.",
        "RFC 9110 §13.1"
    );

    /// <summary>Keeping is forbidden.</summary>
    public static readonly CheckRule NotToBeKept = new(
        "http-not-to-be-kept",
        Severity.Advice,
        "The server disables caching",
        "Leave no-store out, and say how long the feed keeps: Cache-Control: max-age=900.",
        "RFC 9111 §5.2.2"
    );

    /// <summary>No compression.</summary>
    public static readonly CheckRule NotCompressed = new(
        "http-not-compressed",
        Severity.Advice,
        "{0} are sent uncompressed",
        "Switch gzip or Brotli on for feeds; they shrink to a quarter.",
        "RFC 9110 §8.4"
    );

    /// <summary>No cross-origin access.</summary>
    public static readonly CheckRule ClosedToPages = new(
        "http-closed-to-pages",
        Severity.Advice,
        "Pages of other sites cannot read the feed",
        "Send Access-Control-Allow-Origin: * with it; what is in a feed is public.",
        "Fetch Standard, CORS protocol"
    );

    /// <summary>A slow answer.</summary>
    public static readonly CheckRule Slow = new(
        "http-slow",
        Severity.Advice,
        "The answer took {0} seconds",
        "Keep the finished feed rather than making it anew for every visitor; readers give up after ten or so.",
        "RFC 9111 §1"
    );

    /// <summary>No autodiscovery.</summary>
    public static readonly CheckRule NotNamedByPage = new(
        "http-not-named-by-page",
        Severity.Advice,
        "The page {0} does not name the feed",
        "Put a link with rel=\"alternate\" and the feed's type into its head, so that browsers and readers find it.",
        "HTML Standard, link type alternate"
    );

    /// <summary>Insecure files in a secure feed.</summary>
    public static readonly CheckRule MixedContent = new(
        "http-mixed-content",
        Severity.Warning,
        "The feed is secure, but {0} in it is not",
        "Give files https addresses; browsers block the others.",
        "W3C Mixed Content §5"
    );

    /// <summary>Every rule about how a feed is served.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [
        Moved,
        ManyRedirects,
        LosesSecurity,
        Insecure,
        NoValidator,
        ValidatorIgnored,
        NotToBeKept,
        NotCompressed,
        ClosedToPages,
        Slow,
        NotNamedByPage,
        MixedContent,
    ];
}
