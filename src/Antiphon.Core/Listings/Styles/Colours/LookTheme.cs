namespace Antiphon.Core.Listings.Styles.Colours;

/// <summary>Where the colours come from that a look does not name.</summary>
public enum LookTheme
{
    /// <summary>The page around it, light or dark as that is.</summary>
    Host,

    /// <summary>Light, whatever the page.</summary>
    Light,

    /// <summary>Dark, whatever the page.</summary>
    Dark,

    /// <summary>Light or dark as the reader's system asks.</summary>
    Reader,
}
