namespace Antiphon.Core.Time;

/// <summary>What the clocks do at a local time.</summary>
public enum WallTimeNote
{
    /// <summary>It exists once.</summary>
    None,

    /// <summary>The clocks are put forward over it, so that it does not exist.</summary>
    Skipped,

    /// <summary>The clocks are put back over it, so that it exists twice.</summary>
    Twice,
}
