namespace Antiphon.Core.Listings.Installation;

/// <summary>The points a page is checked for.</summary>
public enum InstallationPoint
{
    /// <summary>The page can be fetched.</summary>
    PageReachable,

    /// <summary>The snippet is on the page.</summary>
    SnippetThere,

    /// <summary>It is there once.</summary>
    SnippetOnce,

    /// <summary>Its key is this listing's.</summary>
    KeyRight,

    /// <summary>The page asks for our script.</summary>
    ScriptThere,

    /// <summary>The script can be fetched from where the page asks for it.</summary>
    ScriptReachable,

    /// <summary>The page's address is among the site's allowed ones.</summary>
    AddressAllowed,

    /// <summary>Entries stand in the page itself, for search engines and readers without scripts.</summary>
    EntriesSeen,

    /// <summary>The page's Content-Security-Policy lets the script run and ask.</summary>
    PolicyAllows,

    /// <summary>The page names itself, not another page, as the canonical one.</summary>
    CanonicalRight,

    /// <summary>The page names the blog's feed for readers' programs.</summary>
    FeedNamed,
}
