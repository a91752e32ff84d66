namespace Antiphon.Core.Listings.Installation;

/// <summary>The result for one point.</summary>
public enum PointState
{
    /// <summary>As it should be.</summary>
    Right,

    /// <summary>Works, but could be better.</summary>
    Better,

    /// <summary>Wrong.</summary>
    Wrong,

    /// <summary>Cannot be told, because something before it is wrong.</summary>
    Untold,
}
