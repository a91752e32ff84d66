using System.Text.Json;
using Antiphon.Core.Listings;
using Antiphon.Data;
using Antiphon.Server.Embed.Markup;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Caching.Memory;

namespace Antiphon.Server.Embed;

/// <summary>
/// Rendered listings, valid for one content version of their site. The version is asked of the database at most every quarter of a second,
/// so that every process shows a change within one second and a busy page costs one look-up.
/// </summary>
internal sealed class ListingCache(IServiceScopeFactory scopes, TimeProvider clock) : IDisposable
{
    private const int EntryOverhead = 1000;
    private const long MostBytes = 48_000_000;

    // Bounded by bytes, since anybody may ask for a listing as seen from any address.
    private readonly MemoryCache _cache = new(new MemoryCacheOptions { SizeLimit = MostBytes });

    private static readonly TimeSpan VersionHolds = TimeSpan.FromMilliseconds(250);
    private static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web);

    /// <summary>A page of the listing as it shows on a page of the site, or null when the key is unknown or there is no such page.</summary>
    /// <param name="view">Which listing and page.</param>
    /// <param name="cancellation">Ends the reading early.</param>
    public async Task<RenderedListing?> GetAsync(ListingRequestView view, CancellationToken cancellation)
    {
        var known = _cache.Get<Entry>(view);
        if (known is not null && clock.GetElapsedTime(known.LookedAt) < VersionHolds) return known.Rendered;
        await using var scope = scopes.CreateAsyncScope();
        var database = scope.ServiceProvider.GetRequiredService<AntiphonContext>();
        var looked = clock.GetTimestamp();
        var listing = await database.Listings.AsNoTracking().Include(one => one.Site).Include(one => one.Look).FirstOrDefaultAsync(one => one.Key == view.Key, cancellation);
        if (listing is null) return null;
        var version = listing.Site.ContentVersion;
        // A post dated ahead becomes public without any change, so a version also ends when the next one is due.
        if (known is not null && known.Version == version && clock.GetUtcNow() < known.Until) return Remember(view, known with { LookedAt = looked }).Rendered;
        var content = await scope.ServiceProvider.GetRequiredService<ListingReader>().ReadAsync(listing.Site, listing.InUse, view, cancellation);
        if (content.Page > content.Pages || (content.IsMissing && content.Definition.Layout != ListingLayout.WholeBlog)) return null;
        var until = await NextDueAsync(database, listing.SiteId, cancellation);
        return Remember(view, new Entry(Render(content, listing.Definition), version, until, looked)).Rendered;
    }

    /// <inheritdoc/>
    public void Dispose() => _cache.Dispose();

    private static RenderedListing Render(ListingContent content, ListingDefinition definition) => new(
        CachedFragment.Of(ListingFragment.Render(content)),
        CachedFragment.Of(JsonSerializer.Serialize(new { key = content.Key, heading = definition.Heading, layout = definition.Layout.ToString().ToLowerInvariant(), page = content.Page, pages = content.Pages, fitting = content.Selection.Fitting.Count, entries = content.Entries }, Json)),
        content.Site.AllowedAddresses, content.Site.Language, content.Post?.Entry.Title ?? ViewDefinition.TitleOf(content.View, content.Site.Language) ?? definition.Heading ?? content.Site.Name, content.Post?.Canonical);

    private async Task<DateTimeOffset> NextDueAsync(AntiphonContext database, long site, CancellationToken cancellation)
    {
        var now = clock.GetUtcNow();
        return await database.Posts.Where(post => post.SiteId == site && post.PublishedAt > now).MinAsync(post => post.PublishedAt, cancellation) ?? DateTimeOffset.MaxValue;
    }

    private Entry Remember(ListingRequestView view, Entry entry) => _cache.Set(
        view, entry, new MemoryCacheEntryOptions { Size = entry.Rendered.Html.Body.Length + entry.Rendered.Json.Body.Length + EntryOverhead, AbsoluteExpirationRelativeToNow = TimeSpan.FromHours(1) });

    private sealed record Entry(RenderedListing Rendered, long Version, DateTimeOffset Until, long LookedAt);
}

/// <summary>A listing in each of its forms.</summary>
internal sealed record RenderedListing(CachedFragment Html, CachedFragment Json, IReadOnlyList<string> AllowedAddresses, string Language, string Title, string? Canonical);
