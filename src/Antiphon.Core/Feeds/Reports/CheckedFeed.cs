using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Reports;

/// <summary>A feed that was checked, for a report.</summary>
/// <param name="Name">Its address or file.</param>
/// <param name="Result">What was found.</param>
public sealed record CheckedFeed(string Name, FeedCheckResult Result)
{
    /// <summary>Whether anything was found that is as grave as a severity, or graver.</summary>
    public bool Has(Severity severity) => Result.Findings.Any(finding => finding.Rule.Severity <= severity);
}
