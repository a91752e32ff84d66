using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Reports;

/// <summary>A feed that was checked, for a report.</summary>
/// <param name="Name">Its address or file.</param>
/// <param name="Verdict">What the check came to; null when the feed could not be read.</param>
/// <param name="Findings">What was found, most serious first.</param>
/// <param name="Problem">Why it could not be read, as a sentence; null when it could.</param>
public sealed record CheckedFeed(string Name, Verdict? Verdict, IReadOnlyList<Finding> Findings, string? Problem = null)
{
    /// <summary>A feed with the result of its check.</summary>
    public static CheckedFeed Of(string name, FeedCheckResult result) => new(name, result.Verdict, result.Findings);

    /// <summary>A feed that could not be read.</summary>
    public static CheckedFeed Unread(string name, string problem) => new(name, null, [], problem);

    /// <summary>Whether anything was found that is as grave as a severity, or graver.</summary>
    public bool Has(Severity severity) => Findings.Any(finding => finding.Rule.Severity <= severity);
}
