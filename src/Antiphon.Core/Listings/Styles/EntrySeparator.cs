namespace Antiphon.Core.Listings.Styles;

/// <summary>What stands between two entries.</summary>
public enum EntrySeparator
{
    /// <summary>What the layout has.</summary>
    ByLayout,

    /// <summary>Nothing but the gap.</summary>
    None,

    /// <summary>A line.</summary>
    Line,

    /// <summary>A small picture, in the middle.</summary>
    Picture,
}
