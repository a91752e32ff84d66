namespace Antiphon.Core.Feeds.Checking;

/// <summary>What is known about the feed to check.</summary>
/// <param name="Now">The moment, for dates in the future.</param>
/// <param name="ContentType">The Content-Type it was served with, or null when it was pasted or opened from a
/// file.</param>
/// <param name="Address">Where it came from, or null.</param>
/// <param name="Served">How it was served; null when it was not fetched.</param>
public sealed record FeedCheckOptions(
    DateTimeOffset Now,
    string? ContentType = null,
    Uri? Address = null,
    ServedFacts? Served = null
);
