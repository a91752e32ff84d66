using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Findings;

namespace Antiphon.Data.Feeds.Monitoring;

/// <summary>One stretch of the history of a watched feed: what the checks gave from one moment to another.</summary>
public sealed class WatchRecord
{
    /// <summary>Identifies the watch record in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the feed of the watch record.</summary>
    public long WatchedFeedId { get; set; }

    /// <summary>The feed of the watch record, when it is read with it.</summary>
    public WatchedFeed WatchedFeed { get; set; } = null!;

    /// <summary>First check that gave this.</summary>
    public DateTimeOffset From { get; set; }

    /// <summary>Last check that gave it.</summary>
    public DateTimeOffset Until { get; set; }

    /// <summary>Number of checks that gave it.</summary>
    public int Checks { get; set; }

    /// <summary>The verdict; null when it could not be fetched.</summary>
    public Verdict? Verdict { get; set; }

    /// <summary>Code of why it could not be fetched.</summary>
    public string? Problem { get; set; }

    /// <summary>Value that belongs to the problem.</summary>
    public string? ProblemDetail { get; set; }

    /// <summary>Errors found.</summary>
    public int Errors { get; set; }

    /// <summary>Warnings found.</summary>
    public int Warnings { get; set; }

    /// <summary>Pieces of advice.</summary>
    public int Advice { get; set; }

    /// <summary>The first findings, most serious first.</summary>
    public List<KeptFinding> Findings { get; set; } = [];
}

/// <summary>A finding as it is kept.</summary>
/// <param name="Rule">Id of the rule.</param>
/// <param name="Severity">How much it matters.</param>
/// <param name="Message">What was wrong.</param>
/// <param name="Line">Line, or null.</param>
public sealed record KeptFinding(string Rule, Severity Severity, string Message, int? Line);
