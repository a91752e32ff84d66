using Antiphon.Core.Listings.Styles;
using Antiphon.Core.Listings.Styles.Matching;

namespace Antiphon.Server.Listings.Styles;

/// <summary>A look that listings share.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">Name for the team.</param>
/// <param name="Definition">What it is.</param>
/// <param name="UsedBy">Listings that use it; a change of the look changes all of them.</param>
internal sealed record LookView(long Id, string Name, ListingLook Definition, IReadOnlyList<LookUse> UsedBy);

/// <summary>A listing that uses a look.</summary>
internal sealed record LookUse(long ListingId, string Name);

/// <summary>A look to save.</summary>
internal sealed record LookRequest(string Name, ListingLook Definition);

/// <summary>The look of a page.</summary>
/// <param name="Address">Its address after redirects.</param>
/// <param name="Found">What was found, each with the rule it stands in.</param>
/// <param name="Sheets">Style sheets that were read.</param>
/// <param name="Missing">Style sheets that could not be had.</param>
internal sealed record PageLookView(
    string Address,
    IReadOnlyList<FoundValue> Found,
    IReadOnlyList<string> Sheets,
    IReadOnlyList<string> Missing
);
