using Antiphon.Core.Coverage;
using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Installation;
using Antiphon.Core.Listings.Styles;
using Antiphon.Core.Listings.Styles.Colours;
using Antiphon.Server.Platform.Language;

namespace Antiphon.Server.Listings;

/// <summary>A listing in the list.</summary>
internal sealed record ListingSummary(
    long Id,
    string Key,
    string Name,
    ListingLayout Layout,
    int Count,
    string? PageAddress,
    SightingState State,
    DateTimeOffset? SeenAt,
    IReadOnlyList<string> Pages,
    DateTimeOffset? ArchivedAt
);

/// <summary>A listing in the builder.</summary>
internal sealed record ListingView(
    long Id,
    string Key,
    string Name,
    ListingDefinition Definition,
    string? PageAddress,
    string? Spot,
    long? LookId,
    DateTimeOffset? ArchivedAt,
    SightingState State,
    IReadOnlyList<SightingView> Sightings
);

/// <summary>The last look at a page.</summary>
internal sealed record SightingView(string PageAddress, DateTimeOffset LookedAt, DateTimeOffset? SeenAt, bool IsThere);

/// <summary>What the builder saves.</summary>
/// <param name="Name">Name for the team.</param>
/// <param name="Definition">What it is made of; its own look counts only without <paramref name="LookId"/>.</param>
/// <param name="PageAddress">Page it is meant for.</param>
/// <param name="Spot">Selector of the element on that page it is to stand behind, or null.</param>
/// <param name="LookId">A look of the site's, or null.</param>
internal sealed record ListingRequest(
    string Name,
    ListingDefinition Definition,
    string? PageAddress,
    string? Spot = null,
    long? LookId = null
);

/// <summary>How a definition would look.</summary>
/// <param name="Html">The fragment.</param>
/// <param name="Fitting">How many posts fit.</param>
/// <param name="Shown">How many are shown.</param>
/// <param name="First">The first posts that fit, in the listing's order, for pinning and arranging.</param>
/// <param name="Contrast">How every text reads on its background.</param>
/// <param name="CssProblems">What is wrong with the CSS for parts, by line.</param>
internal sealed record ListingPreview(
    string Html,
    int Fitting,
    int Shown,
    IReadOnlyList<FittingPost> First,
    IReadOnlyList<LookPair> Contrast,
    IReadOnlyList<CssProblemView> CssProblems
);

/// <summary>A definition to look at without saving it.</summary>
/// <param name="Definition">The definition.</param>
/// <param name="PageAddress">Page it is meant for, or null.</param>
/// <param name="LookId">A look of the site's, or null.</param>
/// <param name="Sample">What to try it with, or null for the posts as they are.</param>
/// <param name="PageColours">Colours of the page around it, as far as known, for telling contrast.</param>
internal sealed record PreviewRequest(
    ListingDefinition Definition,
    string? PageAddress,
    long? LookId = null,
    PreviewSample? Sample = null,
    LookColours? PageColours = null
);

/// <summary>What a listing can be tried with.</summary>
internal enum PreviewSample
{
    /// <summary>Titles far longer than usual.</summary>
    LongTitles,

    /// <summary>Posts without pictures.</summary>
    NoPictures,

    /// <summary>No posts at all.</summary>
    Empty,
}

/// <summary>Something wrong with the CSS for parts.</summary>
/// <param name="Line">Line, from 1.</param>
/// <param name="Message">What, and what to do.</param>
internal sealed record CssProblemView(int Line, [property: TeamText] string Message);

/// <summary>Where a post stands in a listing, or why not.</summary>
internal sealed record PostPlacementView(
    long PostId,
    string Title,
    DateTimeOffset? PublishedAt,
    bool IsShown,
    int? Position,
    string Why
);

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
/// <param name="Head">
/// The part for the page's head, which names the feeds of the blogs written here too; null when there is none.
/// </param>
/// <param name="Body">The part for the place where it shows.</param>
/// <param name="Entries">How many entries are baked in.</param>
/// <param name="ScriptBytes">Size of the script as it travels, in bytes.</param>
/// <param name="FragmentAddress">Where a server asks for the entries.</param>
internal sealed record SnippetView(
    SnippetWay Way,
    string Snippet,
    string? Head,
    string Body,
    int Entries,
    long ScriptBytes,
    string FragmentAddress
);

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
internal sealed record PointView(
    InstallationPoint Point,
    PointState State,
    [property: TeamText] string Message,
    [property: TeamText] string? Fix
);
