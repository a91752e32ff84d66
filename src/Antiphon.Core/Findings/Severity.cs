namespace Antiphon.Core.Findings;

/// <summary>How much a finding matters.</summary>
public enum Severity
{
    /// <summary>Breaks readers.</summary>
    Error,

    /// <summary>Some readers stumble, or something is lost.</summary>
    Warning,

    /// <summary>Would be better otherwise.</summary>
    Advice,
}
