namespace Antiphon.Core.Listings.Installation;

/// <summary>One point with its result.</summary>
/// <param name="Point">The point.</param>
/// <param name="State">The result.</param>
/// <param name="Detail">A number or address that belongs to it.</param>
/// <param name="Cause">Tells causes of the same point apart; null for the plain one.</param>
public sealed record PointResult(
    InstallationPoint Point,
    PointState State,
    string? Detail = null,
    PointCause? Cause = null
);

/// <summary>Causes that ask for another remedy than the point's usual one.</summary>
public enum PointCause
{
    /// <summary>The snippet stands inside an HTML comment.</summary>
    InsideComment,

    /// <summary>The snippet stands on the page as text, its angle brackets escaped.</summary>
    ShownAsText,

    /// <summary>Another listing's snippet is there instead.</summary>
    OtherListing,

    /// <summary>The entries stand in a frame.</summary>
    InFrame,

    /// <summary>A static copy that is no longer current.</summary>
    StaleCopy,
}
