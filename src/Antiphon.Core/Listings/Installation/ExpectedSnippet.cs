namespace Antiphon.Core.Listings.Installation;

/// <summary>What the page should carry.</summary>
/// <param name="Key">Key of the listing.</param>
/// <param name="ScriptAddress">Address of our script.</param>
/// <param name="AllowedAddresses">The site's allowed origins.</param>
/// <param name="EntryLinks">Links of the listing's current entries.</param>
public sealed record ExpectedSnippet(
    string Key,
    string ScriptAddress,
    IReadOnlyList<string> AllowedAddresses,
    IReadOnlyList<string> EntryLinks
)
{
    /// <summary>Feed the page could name for readers' programs; null when it need not.</summary>
    public string? FeedAddress { get; init; }

    /// <summary>Content-Security-Policy headers the page came with.</summary>
    public IReadOnlyList<string> Policies { get; init; } = [];
}
