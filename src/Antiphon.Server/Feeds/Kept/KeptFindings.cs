using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Reports;
using Antiphon.Core.Findings;
using Antiphon.Data.Feeds.Checking;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Feeds.Kept;

/// <summary>Findings as they are kept, and as they are shown.</summary>
internal static class KeptFindings
{
    /// <summary>Most findings kept of one check; counts are of all.</summary>
    public const int Most = 1000;

    private static readonly Dictionary<string, CheckRule> Rules = RuleCatalogue.All.ToDictionary(
        rule => rule.Id,
        StringComparer.Ordinal
    );

    /// <summary>The form in which findings are kept.</summary>
    public static List<StoredFinding> Of(IEnumerable<Finding> findings) =>
        [
            .. findings
                .Take(Most)
                .Select(finding => new StoredFinding(
                    finding.Rule.Id,
                    finding.Arguments,
                    finding.Line,
                    finding.Column,
                    finding.Path
                )),
        ];

    /// <summary>The findings of a check; a rule that is no longer there is left out.</summary>
    public static IReadOnlyList<Finding> In(KeptCheck check) =>
        [
            .. check
                .Findings.Where(stored => Rules.ContainsKey(stored.Rule))
                .Select(stored => new Finding(Rules[stored.Rule], stored.Arguments)
                {
                    Line = stored.Line,
                    Column = stored.Column,
                    Path = stored.Path,
                }),
        ];

    /// <summary>A check as reports take it.</summary>
    public static CheckedFeed ReportOf(KeptCheck check) => new(check.Name, check.Verdict, In(check), Trouble(check));

    /// <summary>Why a feed could not be fetched, in words; null when it could.</summary>
    public static string? Trouble(KeptCheck check) =>
        Enum.TryParse<FetchProblem>(check.Problem, out var problem)
            ? FetchWords.For(problem, check.ProblemDetail)
            : null;
}
