using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Listings;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Caching.Memory;

namespace Antiphon.Server.Coverage;

/// <summary>
/// The boards lately looked at. One is valid for one content version of its site, so that every process shows a change at once;
/// scrolling through ten thousand posts then reads each window only, and not all posts for each.
/// </summary>
internal sealed class BoardCache(TimeProvider clock) : IDisposable
{
    private const long MostPosts = 150_000;

    // "Older than so many days" changes with the clock alone.
    private static readonly TimeSpan Holds = TimeSpan.FromMinutes(1);

    private readonly MemoryCache _cache = new(new MemoryCacheOptions { SizeLimit = MostPosts });
    private readonly SemaphoreSlim _oneAtATime = new(1);

    /// <summary>What the site's listings and feeds choose at this moment.</summary>
    public async Task<BoardPosts> GetAsync(AntiphonContext database, CandidateReader reader, long site, IReadOnlyList<Listing> listings, CancellationToken cancellation)
    {
        var version = await database.Sites.Where(one => one.Id == site).Select(one => one.ContentVersion).SingleAsync(cancellation);
        if (Known(site, version) is { } known) return known;
        // The windows of one screen are asked for together; the first reads for all.
        await _oneAtATime.WaitAsync(cancellation);
        try
        {
            return Known(site, version) ?? await ReadAsync(database, reader, site, version, listings, cancellation);
        }
        finally
        {
            _oneAtATime.Release();
        }
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        _cache.Dispose();
        _oneAtATime.Dispose();
    }

    private BoardPosts? Known(long site, long version) =>
        _cache.Get<Entry>(site) is { } entry && entry.Version == version && clock.GetUtcNow() < entry.Until ? entry.Posts : null;

    private async Task<BoardPosts> ReadAsync(AntiphonContext database, CandidateReader reader, long site, long version, IReadOnlyList<Listing> listings, CancellationToken cancellation)
    {
        var now = clock.GetUtcNow();
        var candidates = await reader.ReadAsync(site, database.Posts.Where(post => post.SiteId == site), CandidateNeeds.Of(listings.Select(one => one.Definition)), cancellation);
        var posts = new BoardPosts(listings, candidates, now);
        var nextDue = posts.Ahead.Where(post => post.PublishedAt > now).Min(post => post.PublishedAt);
        var until = nextDue < now + Holds ? nextDue.Value : now + Holds;
        _cache.Set(site, new Entry(version, until, posts), new MemoryCacheEntryOptions { Size = candidates.Count + 1, AbsoluteExpirationRelativeToNow = Holds });
        return posts;
    }

    private sealed record Entry(long Version, DateTimeOffset Until, BoardPosts Posts);
}
