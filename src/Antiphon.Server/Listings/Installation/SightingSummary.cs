using Antiphon.Core.Coverage;
using Antiphon.Data.Listings;

namespace Antiphon.Server.Listings.Installation;

/// <summary>Sums up the sightings of a listing.</summary>
internal static class SightingSummary
{
    /// <summary>
    /// Seen when at least one page carries it; lost when all that once did have lost it; a page looked at in vain from
    /// the start does not count.
    /// </summary>
    public static SightingState StateOf(IReadOnlyCollection<Sighting> sightings)
    {
        if (sightings.Any(sighting => sighting.IsThere))
            return SightingState.Seen;
        return sightings.Any(sighting => sighting.SeenAt is not null) ? SightingState.Lost : SightingState.Never;
    }
}
