using Antiphon.Core.Coverage;
using Antiphon.Core.Posts;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Hosting;
using Antiphon.Server.Listings;
using Antiphon.Server.Posts;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Coverage;

/// <summary>/api/sites/{site}/coverage.</summary>
internal static class CoverageEndpoints
{
    private const int PageSize = 40;

    /// <summary>Maps the board.</summary>
    public static void MapCoverage(this RouteGroupBuilder site)
    {
        site.MapGet("/coverage", GetBoard).WithTags("Coverage").WithName("getCoverage");
        site.MapGet("/coverage/posts/{post:long}", GetPost).WithTags("Coverage").WithName("getPostCoverage").WithSummary("Where one post shows, and why not elsewhere.");
        site.MapGet("/coverage/neighbours", GetNeighbours).WithTags("Coverage").WithName("getNeighbours");
    }

    private static async Task<Ok<CoverageBoard>> GetBoard(
        long site, AntiphonContext database, CandidateReader reader, PostAddresses addresses, IOptions<AntiphonOptions> options, TimeProvider clock, long? blog, string? after, CancellationToken cancellation)
    {
        // Drafts show nowhere by definition; listing them here would only be noise.
        var posts = database.Posts.AsNoTracking().Include(post => post.Blog.Following).Where(post => post.SiteId == site && post.Status != PostStatus.Draft && post.PublishedAt != null);
        var total = await posts.CountAsync(cancellation);
        if (blog is not null) posts = posts.Where(post => post.BlogId == blog);
        if (PostCursor.Parse(after) is { } cursor) posts = posts.Where(post => post.PublishedAt < cursor.Date || (post.PublishedAt == cursor.Date && post.Id < cursor.Id));
        var rows = await posts.OrderByDescending(post => post.PublishedAt).ThenByDescending(post => post.Id).Take(PageSize + 1).ToListAsync(cancellation);
        var shown = rows.Take(PageSize).ToList();
        var board = await BoardReader.ReadAsync(database, reader, site, [.. shown.Select(post => post.Id)], clock.GetUtcNow(), cancellation);
        var views = shown.Select(post => RowOf(post, board, addresses)).ToList();
        var last = rows.Count > PageSize ? shown[^1] : null;
        return TypedResults.Ok(new CoverageBoard(
            Places(board, options.Value), views, total, views.Count(row => row.Cells.Any(IsOff)), views.Count(row => row.Cells.Any(IsDue)),
            last is null ? null : new PostCursor(last.PublishedAt!.Value, last.Id).ToString()));
    }

    private static async Task<Results<Ok<PostCoverage>, NotFound>> GetPost(
        long site, long post, AntiphonContext database, CandidateReader reader, PostAddresses addresses, IOptions<AntiphonOptions> options, TimeProvider clock, CancellationToken cancellation)
    {
        var found = await database.Posts.AsNoTracking().Include(one => one.Blog.Following).FirstOrDefaultAsync(one => one.Id == post && one.SiteId == site, cancellation);
        if (found is null) return TypedResults.NotFound();
        var board = await BoardReader.ReadAsync(database, reader, site, [post], clock.GetUtcNow(), cancellation);
        return TypedResults.Ok(new PostCoverage(Places(board, options.Value), RowOf(found, board, addresses)));
    }

    private static async Task<Ok<IReadOnlyList<NeighbourView>>> GetNeighbours(long site, long listing, long post, AntiphonContext database, CandidateReader reader, TimeProvider clock, CancellationToken cancellation)
    {
        var board = await BoardReader.ReadAsync(database, reader, site, [post], clock.GetUtcNow(), cancellation);
        return TypedResults.Ok(board.Listings.Any(one => one.Id == listing) ? board.Neighbours(listing, post, 2) : []);
    }

    private static bool IsOff(CellView cell) => cell.Mark is CoverageMark.Failed or CoverageMark.OutOfDate;

    private static bool IsDue(CellView cell) => cell.Mark == CoverageMark.Due && cell.Reason != CoverageReason.NoCommentsYet;

    private static List<PlaceView> Places(BoardReader board, AntiphonOptions options) =>
    [
        .. board.Listings.Select(PlaceOf),
        .. board.WrittenHere.Select(blog => new PlaceView($"feed-{blog.Id}", PlaceKind.Feed, blog.Name, "RSS", null, blog.Id, options.AddressOf($"feeds/{blog.Key}.rss"), null)),
        new PlaceView("mail", PlaceKind.Mail, "Mail", "each post", null, null, null, null),
        new PlaceView("comments", PlaceKind.Comments, "Comments", null, null, null, null, null),
    ];

    private static PlaceView PlaceOf(Listing listing)
    {
        var sighting = listing.Sightings.Where(one => one.SeenAt is not null).OrderByDescending(one => one.IsThere).ThenByDescending(one => one.SeenAt).FirstOrDefault();
        var address = sighting?.PageAddress ?? listing.PageAddress;
        var path = Uri.TryCreate(address, UriKind.Absolute, out var uri) ? uri.AbsolutePath : null;
        return new PlaceView($"listing-{listing.Id}", PlaceKind.Listing, listing.Name, path, listing.Id, null, address, sighting?.SeenAt);
    }

    private static CoverageRow RowOf(Post post, BoardReader board, PostAddresses addresses)
    {
        var candidate = board.Candidate(post.Id);
        var writtenHere = post.Blog.Following is null;
        CellView[] cells =
        [
            .. board.Listings.Select(listing => ViewOf(board.InListing(candidate, listing))),
            .. board.WrittenHere.Select(blog => ViewOf(board.InFeed(candidate, blog))),
            ViewOf(board.InMail(candidate, writtenHere)),
            ViewOf(board.InComments(candidate)),
        ];
        return new CoverageRow(post.Id, post.Title, post.Blog.Name, post.BlogId, writtenHere, post.Author, post.Category, post.Status, post.PublishedAt, addresses.Of(post), cells);
    }

    private static CellView ViewOf(CoverageCell cell) => new(
        cell.Mark, cell.Reason, CoverageWords.For(cell), cell.Reason == CoverageReason.HasComments ? cell.Count : null, cell.Position, cell.Shown);
}
