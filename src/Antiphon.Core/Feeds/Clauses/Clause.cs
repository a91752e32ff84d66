namespace Antiphon.Core.Feeds.Clauses;

/// <summary>How strictly a clause is meant (RFC 2119); a flat statement is a must.</summary>
public enum ClauseForce
{
    /// <summary>Breaking it is an error.</summary>
    Must,

    /// <summary>Breaking it is a warning.</summary>
    Should,

    /// <summary>It is allowed, and may yet be unwise.</summary>
    May,
}

/// <summary>One thing a standard says that a feed can keep or break.</summary>
/// <param name="Section">Where the standard says it.</param>
/// <param name="Force">How strictly.</param>
/// <param name="Text">What it says, in few words.</param>
public sealed record Clause(string Section, ClauseForce Force, string Text)
{
    /// <summary>Ids of the rules that look at it; empty where none can.</summary>
    public IReadOnlyList<string> Rules { get; init; } = [];

    /// <summary>Why no rule looks at it; null where one does.</summary>
    public string? Reason { get; init; }
}
