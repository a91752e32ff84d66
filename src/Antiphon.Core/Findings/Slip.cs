namespace Antiphon.Core.Findings;

/// <summary>A rule that is broken, with every place where it is: one thing to put right, however often it stands there.</summary>
/// <param name="Rule">The rule.</param>
/// <param name="Findings">Its findings, in the order in which they were found; never empty.</param>
public sealed record Slip(CheckRule Rule, IReadOnlyList<Finding> Findings)
{
    /// <summary>The broken rules, each where its first finding stands.</summary>
    public static IReadOnlyList<Slip> In(IEnumerable<Finding> findings) =>
        [.. findings.GroupBy(finding => finding.Rule).Select(rule => new Slip(rule.Key, [.. rule]))];
}
