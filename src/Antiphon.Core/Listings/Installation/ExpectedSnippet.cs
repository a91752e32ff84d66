namespace Antiphon.Core.Listings.Installation;

/// <summary>What the page should carry.</summary>
/// <param name="Key">Key of the listing.</param>
/// <param name="ScriptAddress">Address of our script.</param>
/// <param name="AllowedAddresses">The site's allowed origins.</param>
/// <param name="EntryLinks">Links of the listing's current entries.</param>
public sealed record ExpectedSnippet(string Key, string ScriptAddress, IReadOnlyList<string> AllowedAddresses, IReadOnlyList<string> EntryLinks);
