using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Repair;

/// <summary>A repaired feed.</summary>
/// <param name="Text">The corrected document; null when it is no feed at all.</param>
/// <param name="Changes">Everything that was changed, in the order of the original.</param>
/// <param name="Before">The check of the original.</param>
/// <param name="Remaining">What cannot be mended by machine.</param>
public sealed record RepairResult(
    string? Text,
    IReadOnlyList<RepairChange> Changes,
    FeedCheckResult Before,
    IReadOnlyList<Finding> Remaining
)
{
    /// <summary>
    /// The document as bytes: those it came in where nothing was changed, else in UTF-8; empty when it is no feed.
    /// </summary>
    public byte[] Bytes { get; init; } = [];
}
