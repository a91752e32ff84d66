namespace Antiphon.Core.Listings.Definition;

/// <summary>How a listing gets into a page.</summary>
public enum SnippetWay
{
    /// <summary>Entries baked in, refreshed by the script.</summary>
    Script,

    /// <summary>A frame that fits its height.</summary>
    Frame,

    /// <summary>The host's own server asks for the entries and puts them into the page.</summary>
    ServerInclude,

    /// <summary>Entries as they are now, never refreshed.</summary>
    Static,
}
