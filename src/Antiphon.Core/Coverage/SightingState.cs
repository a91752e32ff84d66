namespace Antiphon.Core.Coverage;

/// <summary>What is known of a listing's pages.</summary>
public enum SightingState
{
    /// <summary>No page has ever been seen with it.</summary>
    Never,

    /// <summary>At least one page carried it when last looked at.</summary>
    Seen,

    /// <summary>Every page that once carried it had lost it when last looked at.</summary>
    Lost,
}
