namespace Antiphon.Core.Feeds.Following;

/// <summary>What set the time of the next visit.</summary>
public enum VisitReason
{
    /// <summary>Nothing is known yet, so the usual pause.</summary>
    Usual,

    /// <summary>How often entries appear.</summary>
    OwnRhythm,

    /// <summary>The ttl the feed gives.</summary>
    TimeToLive,

    /// <summary>The rhythm the syndication module gives.</summary>
    UpdatePeriod,

    /// <summary>How long the server lets the answer be kept.</summary>
    MaxAge,

    /// <summary>The feed asks not to be visited at that hour or on that day.</summary>
    Skipped,

    /// <summary>A hub tells of changes; the visit is only a safeguard.</summary>
    Hub,

    /// <summary>The last visits failed.</summary>
    Failures,

    /// <summary>The server asked to wait (Retry-After).</summary>
    RetryAfter,
}
