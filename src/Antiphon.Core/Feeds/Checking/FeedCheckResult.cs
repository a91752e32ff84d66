using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking;

/// <summary>The result of a check.</summary>
/// <param name="Verdict">In one word.</param>
/// <param name="Format">The format, or null when it is no feed.</param>
/// <param name="Version">The version, or null.</param>
/// <param name="Findings">Errors first, then warnings, then advice, each in document order.</param>
/// <param name="Feed">What could be read.</param>
/// <param name="Source">The document as text.</param>
public sealed record FeedCheckResult(
    Verdict Verdict,
    FeedFormat? Format,
    string? Version,
    IReadOnlyList<Finding> Findings,
    Feed? Feed,
    string Source
);
