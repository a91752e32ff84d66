namespace Antiphon.Core.Comments;

/// <summary>When reports send a public comment back to Waiting.</summary>
public static class ReportThreshold
{
    /// <summary>
    /// Whether it is time. Once a person has kept a comment, the reports it had then count no more, and it takes twice
    /// as many new ones: a campaign does not outvote the team.
    /// </summary>
    /// <param name="reports">Readers who reported it.</param>
    /// <param name="kept">Reports it had when a person last kept it; 0 when nobody had to.</param>
    /// <param name="threshold">Reports set for it; 0 for never.</param>
    public static bool IsReached(int reports, int kept, int threshold) =>
        threshold > 0 && reports - kept >= (kept > 0 ? 2 * threshold : threshold);
}
