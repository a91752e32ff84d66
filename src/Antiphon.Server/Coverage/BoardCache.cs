using Antiphon.Data;
using Antiphon.Data.Sites;
using Antiphon.Server.Listings.Reading;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform.Caching;
using Antiphon.Server.Platform.Storage;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Coverage;

/// <summary>
/// The boards lately looked at. One is valid for one content version of its site, so that every process shows a change
/// at once, and up to the moment at which time alone changes it;
/// scrolling through ten thousand posts then reads each window only, and not all posts for each.
/// </summary>
internal sealed class BoardCache(IServiceScopeFactory scopes, TimeProvider clock, WriteCount writes) : IDisposable
{
    private const long MostPosts = 150_000;
    private readonly VersionedCache<long, BoardPosts> _cache = new(
        clock,
        writes,
        new KeepingTerms(MostPosts, TimeSpan.Zero) { Forgotten = TimeSpan.FromMinutes(10) }
    );

    /// <summary>What the site's listings and feeds choose at this moment.</summary>
    public async Task<BoardPosts> GetAsync(long site, CancellationToken cancellation) =>
        (await _cache.GetAsync(site, token => LookAsync(site, token), cancellation))!;

    /// <inheritdoc/>
    public void Dispose() => _cache.Dispose();

    private Task<Source<BoardPosts>?> LookAsync(long site, CancellationToken cancellation) =>
        Source<BoardPosts>.LookAsync(scopes, async services =>
            (
                await services
                    .GetRequiredService<AntiphonContext>()
                    .Sites.Where(row => row.Id == site)
                    .Select(row => row.ContentVersion)
                    .SingleAsync(cancellation),
                (inner, token) => MakeAsync(inner, site, token)
            )
        );

    private async Task<Made<BoardPosts>?> MakeAsync(
        IServiceProvider services,
        long site,
        CancellationToken cancellation
    )
    {
        var database = services.GetRequiredService<AntiphonContext>();
        var listings = await database
            .Listings.AsNoTracking()
            .Where(listing => listing.SiteId == site && listing.ArchivedAt == null)
            .ToListAsync(cancellation);
        var zone = await database.TimeZoneOfAsync(site, cancellation);
        var candidates = await services
            .GetRequiredService<CandidateReader>()
            .ReadAsync(
                site,
                database.Posts.Where(post => post.SiteId == site),
                CandidateNeeds.Of(listings.Select(listing => listing.Definition)),
                cancellation
            );
        var posts = new BoardPosts(
            listings,
            candidates,
            SiteCulture.Local(clock.GetUtcNow(), zone),
            SiteCulture.ZoneOf(zone)
        );
        return new Made<BoardPosts>(posts, candidates.Count + 1, posts.Until);
    }
}
