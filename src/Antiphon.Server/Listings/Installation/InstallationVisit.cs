using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Listings.Installation;
using Antiphon.Data;
using Antiphon.Data.Listings;
using Antiphon.Server.Listings.Reading;
using Antiphon.Server.Outgoing;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Listings.Installation;

/// <summary>Visits a page, checks it for a listing, and notes the sighting.</summary>
internal sealed class InstallationVisit(
    GuardedClient client,
    AntiphonContext database,
    ListingReader reader,
    SnippetMaker snippets,
    BlogHomes homes,
    TimeProvider clock
)
{
    /// <summary>The result point by point.</summary>
    public async Task<InstallationView> CheckAsync(Listing listing, Uri address, CancellationToken cancellation)
    {
        var fetched = await client.GetPageAsync(address, cancellation);
        var results = fetched.Problem is { } problem
            ?
            [
                new PointResult(
                    InstallationPoint.PageReachable,
                    PointState.Wrong,
                    FetchWords.For(problem, fetched.Detail)
                ),
            ]
            : await ExamineAsync(listing, fetched, cancellation);
        var isThere = results.Any(result =>
            result is { Point: InstallationPoint.SnippetThere, State: PointState.Right } && result.Detail is null
        );
        await NoteAsync(listing, address.AbsoluteUri, isThere, cancellation);
        return new InstallationView(
            address.AbsoluteUri,
            results.All(result => result.State is PointState.Right or PointState.Better),
            [.. results.Select(InstallationWords.ViewOf)]
        );
    }

    private async Task<List<PointResult>> ExamineAsync(Listing listing, Fetched page, CancellationToken cancellation)
    {
        var content = await reader.ReadAsync(
            listing.Site,
            listing.InUse,
            ListingRequestView.First(listing.Key),
            cancellation
        );
        var expected = new ExpectedSnippet(
            listing.Key,
            snippets.ScriptAddress,
            listing.Site.AllowedAddresses,
            [.. content.Entries.Select(entry => entry.Link)]
        )
        {
            FeedAddress = content.Links.Feed.Length == 0 ? null : content.Links.Feed,
            Policies = page.Policies ?? [],
        };
        var results = InstallationCheck
            .Examine(page.Page!, DecodedFeed.From(page.Bytes, page.ContentType).Text, page.Address, expected)
            .ToList();
        var asked = results.FindIndex(result => result.Point == InstallationPoint.ScriptThere);
        if (asked < 0)
            return results;
        var asksForScript = results[asked].State == PointState.Right;
        var script = asksForScript
            ? await client.GetAsync(new Uri(snippets.ScriptAddress), cancellation: cancellation)
            : null;
        var state =
            script is null ? PointState.Untold
            : script.Problem is null ? PointState.Right
            : PointState.Wrong;
        results.Insert(asked + 1, new PointResult(InstallationPoint.ScriptReachable, state));
        return results;
    }

    private async Task NoteAsync(Listing listing, string address, bool isThere, CancellationToken cancellation)
    {
        var now = clock.GetUtcNow();
        var sighting = await database.Sightings.FirstOrDefaultAsync(
            row => row.ListingId == listing.Id && row.PageAddress == address,
            cancellation
        );
        if (sighting is null)
            database.Sightings.Add(sighting = new Sighting { ListingId = listing.Id, PageAddress = address });
        sighting.LookedAt = now;
        sighting.IsThere = isThere;
        if (isThere)
            sighting.SeenAt = now;
        sighting.ConfirmedAt = isThere ? now : null;
        await database.SaveChangesAsync(cancellation);
        await homes.SettleAsync(listing.SiteId, cancellation);
    }
}
