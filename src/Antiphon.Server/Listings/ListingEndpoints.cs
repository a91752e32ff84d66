using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Listings;
using Antiphon.Server.Listings.Installation;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Listings;

/// <summary>/api/sites/{site}/listings.</summary>
internal static class ListingEndpoints
{
    private const int LongestName = 200;

    /// <summary>Maps the area.</summary>
    public static void MapListings(this RouteGroupBuilder site)
    {
        var listings = site.MapGroup("/listings").WithTags("Listings");
        listings.MapGet("", ListListings).Needs(SiteRight.See).WithName("listListings");
        listings.MapPost("", AddListing).Needs(SiteRight.Edit).Validate<ListingRequest>().WithName("addListing");
        listings.MapGet("/{listing:long}", GetListing).Needs(SiteRight.See).WithName("getListing");
        listings
            .MapPut("/{listing:long}", SaveListing)
            .Needs(SiteRight.Edit)
            .Validate<ListingRequest>()
            .WithName("saveListing");
        listings.MapDelete("/{listing:long}", RemoveListing).Needs(SiteRight.Edit).WithName("removeListing");
        listings.MapPost("/{listing:long}/copy", CopyListing).Needs(SiteRight.Edit).WithName("copyListing");
        listings.MapGet("/{listing:long}/snippet", GetSnippet).Needs(SiteRight.See).WithName("getSnippet");
        listings.MapPost("/{listing:long}/check", CheckPage).Needs(SiteRight.Edit).WithName("checkInstallation");
        listings.MapPost("/{listing:long}/archive", ArchiveListing).Needs(SiteRight.Edit).WithName("archiveListing");
        listings.MapDelete("/{listing:long}/archive", RestoreListing).Needs(SiteRight.Edit).WithName("restoreListing");
        listings.MapPreviews();
        listings.MapListingFiles();
    }

    private static async Task<Ok<List<ListingSummary>>> ListListings(long site, AntiphonContext database)
    {
        var rows = await database
            .Listings.AsNoTracking()
            .Include(listing => listing.Sightings)
            .Where(listing => listing.SiteId == site)
            .OrderBy(listing => listing.Id)
            .ToListAsync();
        return TypedResults.Ok(
            rows.Select(row => new ListingSummary(
                    row.Id,
                    row.Key,
                    row.Name,
                    row.Definition.Layout,
                    row.Definition.Count,
                    row.PageAddress,
                    SightingSummary.StateOf(row.Sightings),
                    row.Sightings.Max(sighting => sighting.SeenAt),
                    [.. row.Sightings.Where(sighting => sighting.IsThere).Select(sighting => sighting.PageAddress)],
                    row.ArchivedAt
                ))
                .ToList()
        );
    }

    private static async Task<Results<Ok<ListingView>, ValidationProblem>> AddListing(
        long site,
        ListingRequest request,
        AntiphonContext database,
        BlogHomes homes,
        IKeySource keys,
        TimeProvider clock
    )
    {
        if (await ProblemOfAsync(site, request, database) is { } problem)
            return problem;
        var now = clock.GetUtcNow();
        var listing = new Listing
        {
            SiteId = site,
            Key = keys.NewKey(),
            CreatedAt = now,
        };
        Apply(request, listing, now);
        database.Listings.Add(listing);
        await database.SaveChangesAsync();
        await homes.SettleAsync(site);
        return TypedResults.Ok(View(listing));
    }

    private static async Task<Results<Ok<ListingView>, NotFound>> GetListing(
        long site,
        long listing,
        AntiphonContext database
    ) => await FindAsync(site, listing, database) is { } found ? TypedResults.Ok(View(found)) : TypedResults.NotFound();

    private static async Task<Results<Ok<ListingView>, NotFound, ValidationProblem>> SaveListing(
        long site,
        long listing,
        ListingRequest request,
        AntiphonContext database,
        BlogHomes homes,
        TimeProvider clock
    )
    {
        if (await FindAsync(site, listing, database) is not { } found)
            return TypedResults.NotFound();
        if (await ProblemOfAsync(site, request, database) is { } problem)
            return problem;
        Apply(request, found, clock.GetUtcNow());
        await database.SaveChangesAsync();
        await homes.SettleAsync(site);
        return TypedResults.Ok(View(found));
    }

    private static async Task<Results<Ok<ListingView>, NotFound>> CopyListing(
        long site,
        long listing,
        AntiphonContext database,
        IKeySource keys,
        TimeProvider clock
    )
    {
        if (await FindAsync(site, listing, database) is not { } found)
            return TypedResults.NotFound();
        var now = clock.GetUtcNow();
        // The copy goes to another page, so it takes neither the page nor the sightings along.
        var copy = new Listing
        {
            SiteId = site,
            Key = keys.NewKey(),
            Name = Shortened.ToLength($"Copy of {found.Name}", LongestName),
            Definition = found.Definition,
            LookId = found.LookId,
            CreatedAt = now,
            UpdatedAt = now,
        };
        database.Listings.Add(copy);
        await database.SaveChangesAsync();
        return TypedResults.Ok(View(copy));
    }

    private static async Task<Results<Ok<ListingView>, NotFound>> ArchiveListing(
        long site,
        long listing,
        AntiphonContext database,
        BlogHomes homes,
        TimeProvider clock
    ) => await PutAwayAsync(site, listing, clock.GetUtcNow(), database, homes);

    private static async Task<Results<Ok<ListingView>, NotFound>> RestoreListing(
        long site,
        long listing,
        AntiphonContext database,
        BlogHomes homes
    ) => await PutAwayAsync(site, listing, null, database, homes);

    private static async Task<Results<Ok<ListingView>, NotFound>> PutAwayAsync(
        long site,
        long listing,
        DateTimeOffset? at,
        AntiphonContext database,
        BlogHomes homes
    )
    {
        if (await FindAsync(site, listing, database) is not { } found)
            return TypedResults.NotFound();
        found.ArchivedAt = at;
        await database.SaveChangesAsync();
        await homes.SettleAsync(site);
        return TypedResults.Ok(View(found));
    }

    private static async Task<Results<NoContent, NotFound>> RemoveListing(
        long site,
        long listing,
        AntiphonContext database,
        BlogHomes homes
    )
    {
        var removed = await database
            .Listings.Where(row => row.Id == listing && row.SiteId == site)
            .ExecuteDeleteAsync();
        await homes.SettleAsync(site);
        return removed > 0 ? TypedResults.NoContent() : TypedResults.NotFound();
    }

    private static async Task<Results<Ok<SnippetView>, NotFound>> GetSnippet(
        long site,
        long listing,
        Spelled<SnippetWay>? way,
        bool? entries,
        AntiphonContext database,
        SnippetMaker snippets,
        CancellationToken cancellation
    ) =>
        await FindAsync(site, listing, database) is { } found
            ? TypedResults.Ok(
                await snippets.MakeAsync(found, way?.Value ?? SnippetWay.Script, entries ?? true, cancellation)
            )
            : TypedResults.NotFound();

    private static async Task<Results<Ok<InstallationView>, NotFound, ValidationProblem>> CheckPage(
        long site,
        long listing,
        CheckPageRequest request,
        AntiphonContext database,
        InstallationVisit visit,
        CancellationToken cancellation
    )
    {
        if (await FindAsync(site, listing, database) is not { } found)
            return TypedResults.NotFound();
        if (!LinkResolver.IsWeb(request.Address))
            return FieldProblem.For("address", "Enter the full page address, starting with https://.");
        return TypedResults.Ok(await visit.CheckAsync(found, new Uri(request.Address.Trim()), cancellation));
    }

    /// <summary>A listing of the site with everything the builder shows.</summary>
    internal static Task<Listing?> FindAsync(long site, long listing, AntiphonContext database) =>
        database
            .Listings.Include(row => row.Site)
            .Include(row => row.Sightings)
            .Include(row => row.Look)
            .SingleOrDefaultAsync(row => row.Id == listing && row.SiteId == site);

    private static async Task<ValidationProblem?> ProblemOfAsync(
        long site,
        ListingRequest request,
        AntiphonContext database
    )
    {
        // One that was removed may come back, and the listing keeps its place for it.
        var blogs = await database
            .Blogs.IgnoreQueryFilters()
            .CountAsync(blog => blog.SiteId == site && request.Definition.Blogs.Contains(blog.Id));
        if (blogs != request.Definition.Blogs.Distinct().Count())
            return FieldProblem.For("definition.blogs", "One of the blogs does not belong to this site; choose again.");
        var isForeign =
            request.LookId is { } look && !await database.Looks.AnyAsync(row => row.Id == look && row.SiteId == site);
        return isForeign
            ? FieldProblem.For("lookId", "This look does not belong to the site, or was removed; choose again.")
            : null;
    }

    private static void Apply(ListingRequest request, Listing listing, DateTimeOffset now)
    {
        listing.Name = request.Name.Trim();
        listing.Definition = request.Definition;
        listing.PageAddress = string.IsNullOrWhiteSpace(request.PageAddress)
            ? null
            : new Uri(request.PageAddress.Trim()).AbsoluteUri;
        listing.Spot = string.IsNullOrWhiteSpace(request.Spot) ? null : request.Spot.Trim();
        listing.LookId = request.LookId;
        listing.UpdatedAt = now;
    }

    /// <summary>A listing as the builder shows it.</summary>
    internal static ListingView View(Listing listing) =>
        new(
            listing.Id,
            listing.Key,
            listing.Name,
            listing.Definition,
            listing.PageAddress,
            listing.Spot,
            listing.LookId,
            listing.ArchivedAt,
            SightingSummary.StateOf(listing.Sightings),
            [
                .. listing
                    .Sightings.OrderByDescending(sighting => sighting.SeenAt)
                    .Select(sighting => new SightingView(
                        sighting.PageAddress,
                        sighting.LookedAt,
                        sighting.SeenAt,
                        sighting.IsThere
                    )),
            ]
        );
}
