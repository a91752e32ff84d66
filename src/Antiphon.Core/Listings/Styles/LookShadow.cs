namespace Antiphon.Core.Listings.Styles;

/// <summary>Shadow of entries.</summary>
public enum LookShadow
{
    /// <summary>None.</summary>
    None,

    /// <summary>A soft one close by.</summary>
    Soft,

    /// <summary>A wide one.</summary>
    Deep,
}
