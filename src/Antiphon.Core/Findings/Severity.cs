namespace Antiphon.Core.Findings;

/// <summary>How much a finding matters.</summary>
public enum Severity
{
    /// <summary>It must be otherwise.</summary>
    Error,

    /// <summary>It should be otherwise.</summary>
    Warning,

    /// <summary>It may be so, and would be better otherwise.</summary>
    Advice,
}
