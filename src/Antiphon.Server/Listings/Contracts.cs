using Antiphon.Core.Coverage;
using Antiphon.Core.Listings;
using Antiphon.Core.Listings.Installation;

namespace Antiphon.Server.Listings;

/// <summary>A listing in the list.</summary>
internal sealed record ListingSummary(long Id, string Key, string Name, ListingLayout Layout, int Count, string? PageAddress, SightingState State, DateTimeOffset? SeenAt, IReadOnlyList<string> Pages);

/// <summary>A listing in the builder.</summary>
internal sealed record ListingView(long Id, string Key, string Name, ListingDefinition Definition, string? PageAddress, SightingState State, IReadOnlyList<SightingView> Sightings);

/// <summary>The last look at a page.</summary>
internal sealed record SightingView(string PageAddress, DateTimeOffset LookedAt, DateTimeOffset? SeenAt, bool IsThere);

/// <summary>What the builder saves.</summary>
internal sealed record ListingRequest(string Name, ListingDefinition Definition, string? PageAddress);

/// <summary>How a definition would look.</summary>
/// <param name="Html">The fragment.</param>
/// <param name="Fitting">How many posts fit.</param>
/// <param name="Shown">How many are shown.</param>
/// <param name="First">The first posts that fit, in the listing's order, for pinning and arranging.</param>
internal sealed record ListingPreview(string Html, int Fitting, int Shown, IReadOnlyList<FittingPost> First);

/// <summary>A post that fits a listing.</summary>
internal sealed record FittingPost(long Id, string Title, DateTimeOffset? PublishedAt);

/// <summary>A host page made safe to show.</summary>
/// <param name="Address">Its address after redirects.</param>
/// <param name="Html">Its HTML, without scripts, with addresses that still lead where they led.</param>
/// <param name="HasListing">Whether the listing's container is on it.</param>
internal sealed record HostPageView(string Address, string Html, bool HasListing);

/// <summary>What to paste.</summary>
/// <param name="Way">The way it is for.</param>
/// <param name="Snippet">The whole snippet.</param>
/// <param name="Entries">How many entries are baked in.</param>
/// <param name="ScriptBytes">Size of the script as it travels, in bytes.</param>
/// <param name="FragmentAddress">Where a server asks for the entries.</param>
internal sealed record SnippetView(SnippetWay Way, string Snippet, int Entries, long ScriptBytes, string FragmentAddress);

/// <summary>A page to check.</summary>
internal sealed record CheckPageRequest(string Address);

/// <summary>The result of a check of installation.</summary>
/// <param name="Address">The page.</param>
/// <param name="IsInPlace">True when nothing is wrong.</param>
/// <param name="Points">Point by point.</param>
internal sealed record InstallationView(string Address, bool IsInPlace, IReadOnlyList<PointView> Points);

/// <summary>One point in words.</summary>
/// <param name="Point">Which.</param>
/// <param name="State">The result.</param>
/// <param name="Message">What was found.</param>
/// <param name="Fix">What to do, or null.</param>
internal sealed record PointView(InstallationPoint Point, PointState State, string Message, string? Fix);
