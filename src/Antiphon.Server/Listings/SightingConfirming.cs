using Antiphon.Core.Listings;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Server.Channels;
using Antiphon.Server.Hosting;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Listings;

/// <summary>
/// Fetches pages on which a listing of a whole blog was asked for, where its owner named no page: only what we find there ourselves becomes the blog's home. Each page is fetched once; the check in the
/// workplace does so again.
/// </summary>
internal sealed class SightingConfirming(IServiceScopeFactory scopes, TimeProvider clock, ILogger<SightingConfirming> log, IOptions<DeliveryOptions> options) : RepeatedWork(scopes, clock, log)
{
    private const int AtOnce = 10;

    /// <inheritdoc/>
    protected override TimeSpan Between => TimeSpan.FromSeconds(options.Value.LookEverySeconds);

    /// <inheritdoc/>
    protected override async Task DoAsync(IServiceProvider services, DateTimeOffset now, CancellationToken cancellation)
    {
        var database = services.GetRequiredService<AntiphonContext>();
        var open = await database.Sightings.Include(one => one.Listing.Site).Where(one => one.IsThere && one.ConfirmedAt == null && one.ConfirmingAt == null && one.Listing.ArchivedAt == null && one.Listing.PageAddress == null)
            .OrderBy(one => one.Id).Take(AtOnce).ToListAsync(cancellation);
        foreach (var sighting in open)
        {
            // Claimed for good before the fetch, so that two servers, or a page that brings us down, ask once.
            var claimed = await database.Sightings.Where(one => one.Id == sighting.Id && one.ConfirmingAt == null).ExecuteUpdateAsync(set => set.SetProperty(one => one.ConfirmingAt, now), cancellation);
            if (claimed == 0 || sighting.Listing.Definition.Layout != ListingLayout.WholeBlog || !AllowedAddresses.Allows(sighting.Listing.Site.AllowedAddresses, sighting.PageAddress)) continue;
            await services.GetRequiredService<InstallationVisit>().CheckAsync(sighting.Listing, new Uri(sighting.PageAddress), cancellation);
        }
    }
}
