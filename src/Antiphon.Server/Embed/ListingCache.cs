using System.Text.Json;
using Antiphon.Core.Listings.Definition;
using Antiphon.Data;
using Antiphon.Data.Listings;
using Antiphon.Server.Listings.Markup;
using Antiphon.Server.Listings.Reading;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform.Caching;
using Antiphon.Server.Platform.Storage;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Embed;

/// <summary>
/// Rendered listings, valid for one content version of their site and up to the moment at which time alone changes
/// them. The version is asked of the database at most every quarter of a second,
/// so that every process shows a change within one second and a busy page costs one look-up.
/// </summary>
internal sealed class ListingCache(IServiceScopeFactory scopes, TimeProvider clock, WriteCount writes) : IDisposable
{
    private const int EntryOverhead = 1000;
    private const long MostBytes = 48_000_000;
    private static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web);
    private readonly VersionedCache<ListingRequestView, RenderedListing> _cache = new(
        clock,
        writes,
        new KeepingTerms(MostBytes, TimeSpan.FromMilliseconds(250))
    );

    /// <summary>
    /// A page of the listing as it shows on a page of the site, or null when the key is unknown or there is no such
    /// page.
    /// </summary>
    /// <param name="view">Which listing and page.</param>
    /// <param name="cancellation">Ends the waiting early.</param>
    public Task<RenderedListing?> GetAsync(ListingRequestView view, CancellationToken cancellation) =>
        _cache.GetAsync(view, token => LookAsync(view, token), cancellation);

    /// <inheritdoc/>
    public void Dispose() => _cache.Dispose();

    private Task<Source<RenderedListing>?> LookAsync(ListingRequestView view, CancellationToken cancellation) =>
        Source<RenderedListing>.LookAsync(scopes, async services =>
        {
            var listing = await services
                .GetRequiredService<AntiphonContext>()
                .Listings.AsNoTracking()
                .Include(row => row.Site)
                .Include(row => row.Look)
                .FirstOrDefaultAsync(row => row.Key == view.Key, cancellation);
            return listing is null
                ? null
                : (listing.Site.ContentVersion, (inner, token) => MakeAsync(inner, listing, view, token));
        });

    private static async Task<Made<RenderedListing>?> MakeAsync(
        IServiceProvider services,
        Listing listing,
        ListingRequestView view,
        CancellationToken cancellation
    )
    {
        var content = await services
            .GetRequiredService<ListingReader>()
            .ReadAsync(listing.Site, listing.InUse, view, cancellation);
        if (content.Page > content.Pages || (content.IsMissing && content.Definition.Layout != ListingLayout.WholeBlog))
            return null;
        var rendered = Render(content, listing.Definition);
        return new Made<RenderedListing>(
            rendered,
            rendered.Html.Body.Length + rendered.Json.Body.Length + EntryOverhead,
            content.Until
        );
    }

    private static RenderedListing Render(ListingContent content, ListingDefinition definition) =>
        new(
            CachedFragment.Of(ListingFragment.Render(content)),
            CachedFragment.Of(
                JsonSerializer.Serialize(
                    new
                    {
                        key = content.Key,
                        heading = definition.Heading,
                        layout = definition.Layout.ToString().ToLowerInvariant(),
                        page = content.Page,
                        pages = content.Pages,
                        fitting = content.Selection.Fitting.Count,
                        entries = content.Entries,
                    },
                    Json
                )
            ),
            content.Site.AllowedAddresses,
            content.Site.Language,
            content.Post?.Entry.Title
                ?? ViewDefinition.TitleOf(content.View, content.Site.Language)
                ?? definition.Heading
                ?? content.Site.Name,
            content.Post?.Canonical
        );
}

/// <summary>A listing in each of its forms.</summary>
internal sealed record RenderedListing(
    CachedFragment Html,
    CachedFragment Json,
    IReadOnlyList<string> AllowedAddresses,
    string Language,
    string Title,
    string? Canonical
);
