using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Feeds.Following;

/// <summary>What is known when the next visit to a feed is planned.</summary>
/// <param name="Now">The moment of the visit that has just ended.</param>
/// <param name="Asked">What the feed asks of its visitors.</param>
/// <param name="MaxAge">How long the answer may be kept (RFC 9111 §5.2.2.1, Cache-Control: max-age), or null.</param>
/// <param name="Dates">Dates of the feed's entries, in any order.</param>
/// <param name="IsPushed">True when a hub tells of changes, so that visits are only a safeguard.</param>
public sealed record VisitTerms(
    DateTimeOffset Now,
    FeedRhythm Asked,
    TimeSpan? MaxAge,
    IReadOnlyList<DateTimeOffset> Dates,
    bool IsPushed = false
);
