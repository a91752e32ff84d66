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

    /// <summary>
    /// Whether something that was found is put right, so that the corrected document no longer has it. How a feed is
    /// served is not for a document to put right.
    /// </summary>
    public bool PutsRight(Finding finding) =>
        Text is not null
        && Changes.Count > 0
        && !finding.Rule.Id.StartsWith("http-", StringComparison.Ordinal)
        && Remaining.All(left => left.Rule.Id != finding.Rule.Id || !left.Arguments.SequenceEqual(finding.Arguments));
}
