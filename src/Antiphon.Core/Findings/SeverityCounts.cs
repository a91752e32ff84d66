namespace Antiphon.Core.Findings;

/// <summary>How many findings there are of each severity.</summary>
/// <param name="Errors">Errors.</param>
/// <param name="Warnings">Warnings.</param>
/// <param name="Advice">Pieces of advice.</param>
public readonly record struct SeverityCounts(int Errors, int Warnings, int Advice)
{
    /// <summary>Counts findings.</summary>
    public static SeverityCounts Of(IEnumerable<Finding> findings)
    {
        var counts = new int[3];
        foreach (var finding in findings)
            counts[(int)finding.Rule.Severity]++;
        return new SeverityCounts(counts[0], counts[1], counts[2]);
    }
}
