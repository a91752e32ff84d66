using Antiphon.Core.Listings;
using Microsoft.EntityFrameworkCore.ChangeTracking;

namespace Antiphon.Data.Conversions;

/// <summary>Definitions are equal when they are stored alike; records compare their lists by reference, which would miss that.</summary>
internal sealed class ListingDefinitionComparer() : ValueComparer<ListingDefinition>(
    (a, b) => ReferenceEquals(a, b) || (a != null && b != null && ListingDefinitionConverter.ToJson(a) == ListingDefinitionConverter.ToJson(b)),
    definition => ListingDefinitionConverter.ToJson(definition).GetHashCode(StringComparison.Ordinal),
    definition => definition);
