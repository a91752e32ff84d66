namespace Antiphon.Core.Feeds.Checking;

/// <summary>The result of a check in one word.</summary>
public enum Verdict
{
    /// <summary>Neither errors nor warnings.</summary>
    Valid,

    /// <summary>Warnings, no errors.</summary>
    ValidWithWarnings,

    /// <summary>At least one error.</summary>
    Invalid,

    /// <summary>The document is no feed at all.</summary>
    NotAFeed,
}
