namespace Antiphon.Core.Mentions;

/// <summary>Why a pingback is not taken, by the numbers of Pingback 1.0, section 3.</summary>
public enum PingbackFault
{
    /// <summary>A reason without a number of its own.</summary>
    Other = 0,

    /// <summary>The source cannot be read.</summary>
    NoSource = 16,

    /// <summary>The source has no link to the target.</summary>
    NoLink = 17,

    /// <summary>There is no such target.</summary>
    NoTarget = 32,

    /// <summary>The target takes no pingbacks.</summary>
    NotTaken = 33,

    /// <summary>The pingback was registered before.</summary>
    Known = 48,
}
