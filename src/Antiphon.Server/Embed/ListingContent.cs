using Antiphon.Core.Listings;
using Antiphon.Data.Entities;

namespace Antiphon.Server.Embed;

/// <summary>One page of a listing at one moment.</summary>
/// <param name="Key">Key of the listing.</param>
/// <param name="Site">The site.</param>
/// <param name="Definition">Its definition.</param>
/// <param name="Entries">Entries in order.</param>
/// <param name="Selection">Everything that was chosen from.</param>
/// <param name="Page">Number of this page, from 1.</param>
/// <param name="Links">Addresses the fragment leads to.</param>
internal sealed record ListingContent(string Key, Site Site, ListingDefinition Definition, IReadOnlyList<ListingEntry> Entries, ListingSelection Selection, int Page, ListingLinks Links);

/// <summary>Addresses a fragment leads to.</summary>
/// <param name="Own">The listing's own page, to which paging and tags add their part.</param>
/// <param name="Blog">Page of the first blog.</param>
/// <param name="Feed">Feed of the first blog.</param>
internal sealed record ListingLinks(string Own, string Blog, string Feed);
