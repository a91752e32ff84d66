using Antiphon.Core.Listings.Filters;

namespace Antiphon.Core.Listings.Choosing;

/// <summary>The computed place of one post in one listing.</summary>
/// <param name="Reason">Why it is there or not.</param>
/// <param name="Position">Its rank among the posts that fit, from 1; null when it does not fit.</param>
/// <param name="Shown">How many entries the listing shows on a page.</param>
/// <param name="Detail">Value that belongs to the reason, or null.</param>
/// <param name="Page">Page it stands on, from 1, when the listing has pages.</param>
public sealed record Placement(
    PlacementReason Reason,
    int? Position,
    int Shown,
    string? Detail = null,
    int? Page = null
);
