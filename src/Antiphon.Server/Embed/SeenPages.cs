using System.Data.Common;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Listings;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Caching.Memory;

namespace Antiphon.Server.Embed;

/// <summary>
/// Notes which pages a listing was asked for from, as the Referer of the script's request tells: the page's address
/// without query, nothing of the reader. A page is noted once in ten
/// minutes, so that a busy page costs no writing.
/// </summary>
internal sealed class SeenPages(IServiceScopeFactory scopes, TimeProvider clock, ILogger<SeenPages> log) : IDisposable
{
    private const int MostPages = 200;
    private readonly MemoryCache _noted = new(new MemoryCacheOptions { SizeLimit = 10_000 });
    private static readonly TimeSpan NotedFor = TimeSpan.FromMinutes(10);

    /// <summary>
    /// Notes the page a request comes from, when it is one of the site's. What keeps it from being stored is said in
    /// the log, not to the reader.
    /// </summary>
    public async Task NoteAsync(string key, HttpRequest request, IReadOnlyList<string> allowed)
    {
        if (PageOf(request, allowed) is not { } page || _noted.TryGetValue((key, page), out _))
            return;
        _noted.Set(
            (key, page),
            true,
            new MemoryCacheEntryOptions { Size = 1, AbsoluteExpirationRelativeToNow = NotedFor }
        );
        try
        {
            await using var scope = scopes.CreateAsyncScope();
            await StoreAsync(scope.ServiceProvider, key, page);
        }
        catch (Exception failure) when (failure is DbUpdateException or DbException)
        {
            log.LogInformation("A sighting was not noted: {Reason}", failure.Message);
        }
    }

    /// <inheritdoc/>
    public void Dispose() => _noted.Dispose();

    private static string? PageOf(HttpRequest request, IReadOnlyList<string> allowed)
    {
        // Only a script in a page sends an Origin; servers and address bars are no sightings.
        if (
            request.Headers.Origin.Count == 0
            || !Uri.TryCreate(request.Headers.Referer.ToString(), UriKind.Absolute, out var page)
        )
            return null;
        return AllowedAddresses.Allows(allowed, page.AbsoluteUri) && page.AbsoluteUri.Length < 1000
            ? page.GetLeftPart(UriPartial.Path)
            : null;
    }

    private async Task StoreAsync(IServiceProvider services, string key, string page)
    {
        var (database, now) = (services.GetRequiredService<AntiphonContext>(), clock.GetUtcNow());
        // The listing may be gone since it was answered.
        if (
            await database
                .Listings.Where(listing => listing.Key == key)
                .Select(listing => (long?)listing.Id)
                .SingleOrDefaultAsync()
            is not { } listing
        )
            return;
        var known = await database.Sightings.FirstOrDefaultAsync(sighting =>
            sighting.ListingId == listing && sighting.PageAddress == page
        );
        if (known is null)
        {
            if (await database.Sightings.CountAsync(sighting => sighting.ListingId == listing) >= MostPages)
                return;
            database.Sightings.Add(known = new Sighting { ListingId = listing, PageAddress = page });
        }

        (known.IsThere, known.SeenAt, known.LookedAt) = (true, now, now);
        await database.SaveChangesAsync();
    }
}
