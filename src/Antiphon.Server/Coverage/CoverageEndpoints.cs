using Antiphon.Core.Coverage;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Listings;
using Antiphon.Server.Platform;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Posts.Reading;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Coverage;

/// <summary>/api/sites/{site}/coverage.</summary>
internal static class CoverageEndpoints
{
    private const int PageSize = 40;
    private const int LargestWindow = 200;

    /// <summary>Registers the area.</summary>
    public static void AddCoverage(this WebApplicationBuilder builder)
    {
        builder.Services.AddSingleton<BoardCache>();
        builder.Services.AddScoped<BoardRows>();
    }

    /// <summary>Maps the board.</summary>
    public static void MapCoverage(this RouteGroupBuilder site)
    {
        site.MapGet("/coverage", GetBoard).WithTags("Coverage").Needs(SiteRight.See).WithName("getCoverage");
        site.MapGet("/coverage/posts/{post:long}", GetPost)
            .WithTags("Coverage")
            .Needs(SiteRight.See)
            .WithName("getPostCoverage")
            .WithSummary("Where one post shows, and why not elsewhere.");
        site.MapGet("/coverage/neighbours", GetNeighbours)
            .WithTags("Coverage")
            .Needs(SiteRight.See)
            .WithName("getNeighbours");
    }

    private static async Task<Ok<CoverageBoard>> GetBoard(
        long site,
        AntiphonContext database,
        BoardCache cache,
        BoardRows rows,
        IOptions<AntiphonOptions> options,
        TimeProvider clock,
        [AsParameters] BoardQuery query,
        CancellationToken cancellation
    )
    {
        var board = await BoardReader.ReadAsync(database, cache, site, clock.GetUtcNow(), cancellation);
        var survey = await board.SurveyAsync(site, cancellation);
        var found = Found(board.Posts, query, survey);
        var from = PostCursor.Parse(query.After) is { } cursor ? After(found, cursor) : Math.Max(0, query.From ?? 0);
        var window = found.Skip(from).Take(Math.Clamp(query.Count ?? PageSize, 1, LargestWindow)).ToList();
        var next = from + window.Count < found.Count && window.Count > 0 ? window[^1] : null;
        return TypedResults.Ok(
            new CoverageBoard(
                Places(board, options.Value),
                await rows.ReadAsync(board, [.. window.Select(post => post.Id)], cancellation),
                board.Posts.Rows.Count,
                survey.Off.Count,
                survey.Due.Count,
                next is null ? null : new PostCursor(next.PublishedAt!.Value, next.Id).ToString(),
                from,
                found.Count
            )
        );
    }

    private static async Task<Results<Ok<PostCoverage>, NotFound>> GetPost(
        long site,
        long post,
        AntiphonContext database,
        BoardCache cache,
        BoardRows rows,
        IOptions<AntiphonOptions> options,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var board = await BoardReader.ReadAsync(database, cache, site, clock.GetUtcNow(), cancellation);
        if (board.Posts.Find(post) is null)
            return TypedResults.NotFound();
        return TypedResults.Ok(
            new PostCoverage(Places(board, options.Value), (await rows.ReadAsync(board, [post], cancellation)).Single())
        );
    }

    private static async Task<Ok<IReadOnlyList<NeighbourView>>> GetNeighbours(
        long site,
        long listing,
        long post,
        AntiphonContext database,
        BoardCache cache,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var board = await BoardReader.ReadAsync(database, cache, site, clock.GetUtcNow(), cancellation);
        return TypedResults.Ok(board.Listings.Any(row => row.Id == listing) ? board.Neighbours(listing, post, 2) : []);
    }

    // A window must not cost a walk over all posts: what is off or due is little, and the rest is at hand in its order.
    private static IReadOnlyList<ListingCandidate> Found(BoardPosts posts, BoardQuery query, BoardSurvey survey)
    {
        if (query.Show is not { Value: var filter })
            return query.Blog is { } blog ? posts.RowsOf(blog) : posts.Rows;
        var chosen = (filter == BoardFilter.Off ? survey.Off : survey.Due)
            .Select(posts.Find)
            .OfType<ListingCandidate>()
            .Where(post => query.Blog is null || post.BlogId == query.Blog);
        return [.. chosen.OrderByDescending(post => post.PublishedAt).ThenByDescending(post => post.Id)];
    }

    private static int After(IReadOnlyList<ListingCandidate> found, PostCursor cursor)
    {
        // The cursor carries milliseconds only, so dates are compared as it tells them.
        var at = found
            .ToList()
            .FindIndex(post =>
                post.PublishedAt!.Value.ToUnixTimeMilliseconds() is var date
                && (
                    date < cursor.Date.ToUnixTimeMilliseconds()
                    || (date == cursor.Date.ToUnixTimeMilliseconds() && post.Id < cursor.Id)
                )
            );
        return at < 0 ? found.Count : at;
    }

    private static List<PlaceView> Places(BoardReader board, AntiphonOptions options) =>
        [
            .. board.Listings.Select(PlaceOf),
            .. board.WrittenHere.Select(blog => new PlaceView(
                $"feed-{blog.Id}",
                PlaceKind.Feed,
                blog.Name,
                "RSS",
                null,
                blog.Id,
                options.AddressOf($"feeds/{blog.Key}.rss"),
                null
            )),
            new PlaceView("mail", PlaceKind.Mail, "Email", "each post", null, null, null, null),
            .. board.Channels.Select(channel => new PlaceView(
                $"channel-{channel.Id}",
                PlaceKind.Channel,
                channel.Name,
                null,
                null,
                null,
                null,
                null
            )),
            new PlaceView("comments", PlaceKind.Comments, "Comments", null, null, null, null, null),
        ];

    private static PlaceView PlaceOf(Listing listing)
    {
        var sighting = listing
            .Sightings.Where(row => row.SeenAt is not null)
            .OrderByDescending(row => row.IsThere)
            .ThenByDescending(row => row.SeenAt)
            .FirstOrDefault();
        var address = sighting?.PageAddress ?? listing.PageAddress;
        var path = Uri.TryCreate(address, UriKind.Absolute, out var uri) ? uri.AbsolutePath : null;
        return new PlaceView(
            $"listing-{listing.Id}",
            PlaceKind.Listing,
            listing.Name,
            path,
            listing.Id,
            null,
            address,
            sighting?.SeenAt
        );
    }
}
