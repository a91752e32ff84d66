using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Reading;

/// <summary>What was read of a document.</summary>
/// <param name="Format">The family, or null when it is no feed.</param>
/// <param name="Version">Version as a number ("2.0"), or null when it does not say.</param>
/// <param name="Feed">Everything that could be read, also from a broken document; null when it is no feed.</param>
/// <param name="Findings">Where reading had to stop and why; empty for a document read to its end.</param>
public sealed record FeedReadResult(FeedFormat? Format, string? Version, Feed? Feed, IReadOnlyList<Finding> Findings)
{
    /// <summary>
    /// The well-formed text that was read instead of a document that is none; null when the document was read as it is.
    /// </summary>
    public string? Mended { get; init; }
}
