using Antiphon.Core.Listings.Related;

namespace Antiphon.Core.Listings.Entries;

/// <summary>The post of the page a listing stands on.</summary>
/// <param name="Id">The post.</param>
/// <param name="Relations">What is like it, by id; null unless the listing orders by that.</param>
public sealed record CurrentPost(long Id, IReadOnlyDictionary<long, Relation>? Relations = null);
