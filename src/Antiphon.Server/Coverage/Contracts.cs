using Antiphon.Core.Coverage;
using Antiphon.Core.Listings.Filters;
using Antiphon.Core.Posts;
using Antiphon.Server.Platform.Language;

namespace Antiphon.Server.Coverage;

/// <summary>The board.</summary>
/// <param name="Places">Columns, left to right.</param>
/// <param name="Posts">Rows of this page, newest first.</param>
/// <param name="TotalPosts">How many posts the site has, drafts left out.</param>
/// <param name="Off">How many posts of the site have something failed, lost or out of date.</param>
/// <param name="Due">How many posts of the site have something due.</param>
/// <param name="Next">Value of "after" for the next page, or null at the end.</param>
/// <param name="From">Number of the first row given, from 0.</param>
/// <param name="Found">How many rows there are under the filter.</param>
internal sealed record CoverageBoard(
    IReadOnlyList<PlaceView> Places,
    IReadOnlyList<CoverageRow> Posts,
    int TotalPosts,
    int Off,
    int Due,
    string? Next,
    int From,
    int Found
);

/// <summary>A column.</summary>
/// <param name="Key">Names the place within the board.</param>
/// <param name="Kind">Its kind.</param>
/// <param name="Name">Its name.</param>
/// <param name="Where">Path of the page, format, or other word below the name.</param>
/// <param name="ListingId">The listing, for listings.</param>
/// <param name="BlogId">The blog, for feeds.</param>
/// <param name="Address">The page or feed, when there is one.</param>
/// <param name="SeenAt">When the page was last seen with the listing.</param>
internal sealed record PlaceView(
    string Key,
    PlaceKind Kind,
    string Name,
    string? Where,
    long? ListingId,
    long? BlogId,
    string? Address,
    DateTimeOffset? SeenAt
);

/// <summary>A row.</summary>
internal sealed record CoverageRow(
    long PostId,
    string Title,
    string BlogName,
    long BlogId,
    bool WrittenHere,
    string? Author,
    string? Category,
    PostStatus Status,
    DateTimeOffset? PublishedAt,
    string Address,
    IReadOnlyList<CellView> Cells
);

/// <summary>A mark with its reason in words.</summary>
/// <param name="Mark">The mark.</param>
/// <param name="Reason">Code of the reason.</param>
/// <param name="Message">The reason in one sentence.</param>
/// <param name="Count">Number shown instead of a mark for comments, or null.</param>
/// <param name="Position">Rank of the post in the place, or null.</param>
/// <param name="Shown">How many the place shows, or null.</param>
/// <param name="Filter">Which of a listing's conditions keeps it out, or null.</param>
internal sealed record CellView(
    CoverageMark Mark,
    CoverageReason Reason,
    [property: TeamText] string Message,
    int? Count,
    int? Position,
    int? Shown,
    PlacementReason? Filter = null
);

/// <summary>Where one post shows.</summary>
/// <param name="Places">The places.</param>
/// <param name="Row">The post with a mark for each place, in their order.</param>
internal sealed record PostCoverage(IReadOnlyList<PlaceView> Places, CoverageRow Row);

/// <summary>The neighbours of a post in a listing.</summary>
internal sealed record NeighbourView(int Position, long PostId, string Title, bool IsShown);
