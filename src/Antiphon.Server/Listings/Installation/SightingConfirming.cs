using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Listings;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Listings.Installation;

/// <summary>
/// Fetches pages on which a listing of a whole blog was asked for, where its owner named no page: only what we find
/// there ourselves becomes the blog's home. Each page is fetched once; the check in the
/// workplace does so again.
/// </summary>
internal sealed class SightingConfirming(Leases<Sighting> leases, WorkTools tools) : LeasedWork<Sighting>(leases, tools)
{
    /// <inheritdoc/>
    protected override Task<Sighting?> NextAsync(
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    ) =>
        database
            .Sightings.Free(now)
            .Where(sighting =>
                sighting.IsThere
                && sighting.ConfirmedAt == null
                && sighting.ConfirmingAt == null
                && sighting.Listing.ArchivedAt == null
                && sighting.Listing.PageAddress == null
            )
            .OrderBy(sighting => sighting.Id)
            .FirstOrDefaultAsync(cancellation);

    /// <inheritdoc/>
    protected override async Task DoAsync(
        Claim<Sighting> claim,
        IServiceProvider services,
        CancellationToken cancellation
    )
    {
        var database = services.GetRequiredService<AntiphonContext>();
        var sighting = await database
            .Sightings.Include(row => row.Listing.Site)
            .SingleAsync(row => row.Id == claim.Key, cancellation);
        var isHome =
            sighting.Listing.Definition.Layout == ListingLayout.WholeBlog
            && AllowedAddresses.Allows(sighting.Listing.Site.AllowedAddresses, sighting.PageAddress);
        if (isHome)
            await services
                .GetRequiredService<InstallationVisit>()
                .CheckAsync(sighting.Listing, new Uri(sighting.PageAddress), cancellation);
        await claim.EndAsync(database, () => AskedAsync(database, claim.Key, cancellation), cancellation);
    }

    /// <summary>It stays unconfirmed, and the team can have it checked.</summary>
    protected override Task<GivenUp?> GiveUpAsync(
        AntiphonContext database,
        Sighting row,
        string why,
        CancellationToken cancellation
    )
    {
        row.ConfirmingAt = Tools.Clock.GetUtcNow();
        return Task.FromResult<GivenUp?>(null);
    }

    private Task AskedAsync(AntiphonContext database, long id, CancellationToken cancellation)
    {
        var now = Tools.Clock.GetUtcNow();
        return database
            .Sightings.Where(sighting => sighting.Id == id)
            .ExecuteUpdateAsync(set => set.SetProperty(sighting => sighting.ConfirmingAt, now), cancellation);
    }
}
