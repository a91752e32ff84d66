using Antiphon.Core.Listings;
using Antiphon.Data.Entities;

namespace Antiphon.Server.Embed;

/// <summary>A listing with its entries at one moment.</summary>
/// <param name="Key">Key of the listing.</param>
/// <param name="Site">The site.</param>
/// <param name="Definition">Its definition.</param>
/// <param name="Entries">Entries in order.</param>
/// <param name="Fitting">How many posts fit, shown or not.</param>
internal sealed record ListingContent(string Key, Site Site, ListingDefinition Definition, IReadOnlyList<ListingEntry> Entries, int Fitting);
