using Antiphon.Core.Listings.Filters;

namespace Antiphon.Core.Coverage;

/// <summary>One mark with its reason.</summary>
/// <param name="Mark">The mark.</param>
/// <param name="Reason">Why.</param>
/// <param name="Position">Rank of the post in the place, from 1, where that has a meaning.</param>
/// <param name="Shown">How many the place shows.</param>
/// <param name="Count">Mails or public comments.</param>
/// <param name="Open">Mails on their way or comments waiting.</param>
/// <param name="Failed">Mails that failed.</param>
/// <param name="Detail">Value that belongs to the reason, or null.</param>
/// <param name="Filter">What keeps the post out, for <see cref="CoverageReason.FilteredOut"/>.</param>
public sealed record CoverageCell(
    CoverageMark Mark,
    CoverageReason Reason,
    int? Position = null,
    int? Shown = null,
    int Count = 0,
    int Open = 0,
    int Failed = 0,
    string? Detail = null,
    PlacementReason? Filter = null
);
