using Antiphon.Core.Listings;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Embed;
using Antiphon.Server.Hosting;
using Antiphon.Server.Sites;
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
        listings.MapGet("", ListListings).WithName("listListings");
        listings.MapPost("", AddListing).Needs(SiteRole.Editor).Validate<ListingRequest>().WithName("addListing");
        listings.MapGet("/{listing:long}", GetListing).WithName("getListing");
        listings.MapPut("/{listing:long}", SaveListing).Needs(SiteRole.Editor).Validate<ListingRequest>().WithName("saveListing");
        listings.MapDelete("/{listing:long}", RemoveListing).Needs(SiteRole.Editor).WithName("removeListing");
        listings.MapPost("/{listing:long}/copy", CopyListing).Needs(SiteRole.Editor).WithName("copyListing");
        listings.MapPost("/preview", Preview).Validate<ListingRequest>().WithName("previewListing");
        listings.MapGet("/{listing:long}/page", GetHostPage).WithName("getHostPage");
        listings.MapGet("/{listing:long}/snippet", GetSnippet).WithName("getSnippet");
        listings.MapPost("/{listing:long}/check", CheckPage).Needs(SiteRole.Editor).WithName("checkInstallation");
    }

    private static async Task<Ok<List<ListingSummary>>> ListListings(long site, AntiphonContext database)
    {
        var rows = await database.Listings.AsNoTracking().Include(one => one.Sightings).Where(one => one.SiteId == site).OrderBy(one => one.Id).ToListAsync();
        return TypedResults.Ok(rows.Select(row => new ListingSummary(
            row.Id, row.Key, row.Name, row.Definition.Layout, row.Definition.Count, row.PageAddress, SightingSummary.StateOf(row.Sightings), row.Sightings.Max(sighting => sighting.SeenAt),
            [.. row.Sightings.Where(sighting => sighting.IsThere).Select(sighting => sighting.PageAddress)])).ToList());
    }

    private static async Task<Results<Ok<ListingView>, ValidationProblem>> AddListing(long site, ListingRequest request, AntiphonContext database, IKeySource keys, TimeProvider clock)
    {
        if (await ForeignBlogAsync(site, request.Definition, database)) return UnknownBlog();
        var now = clock.GetUtcNow();
        var listing = new Listing { SiteId = site, Key = keys.NewKey(), CreatedAt = now };
        Apply(request, listing, now);
        database.Listings.Add(listing);
        await database.SaveChangesAsync();
        return TypedResults.Ok(View(listing));
    }

    private static async Task<Results<Ok<ListingView>, NotFound>> GetListing(long site, long listing, AntiphonContext database) =>
        await FindAsync(site, listing, database) is { } found ? TypedResults.Ok(View(found)) : TypedResults.NotFound();

    private static async Task<Results<Ok<ListingView>, NotFound, ValidationProblem>> SaveListing(long site, long listing, ListingRequest request, AntiphonContext database, TimeProvider clock)
    {
        if (await FindAsync(site, listing, database) is not { } found) return TypedResults.NotFound();
        if (await ForeignBlogAsync(site, request.Definition, database)) return UnknownBlog();
        Apply(request, found, clock.GetUtcNow());
        await database.SaveChangesAsync();
        return TypedResults.Ok(View(found));
    }

    private static async Task<Results<Ok<ListingView>, NotFound>> CopyListing(long site, long listing, AntiphonContext database, IKeySource keys, TimeProvider clock)
    {
        if (await FindAsync(site, listing, database) is not { } found) return TypedResults.NotFound();
        var now = clock.GetUtcNow();
        // The copy goes to another page, so it takes neither the page nor the sightings along.
        var copy = new Listing { SiteId = site, Key = keys.NewKey(), Name = Core.Text.Shortened.ToLength($"Copy of {found.Name}", LongestName), Definition = found.Definition, CreatedAt = now, UpdatedAt = now };
        database.Listings.Add(copy);
        await database.SaveChangesAsync();
        return TypedResults.Ok(View(copy));
    }

    private static async Task<Results<NoContent, NotFound>> RemoveListing(long site, long listing, AntiphonContext database)
    {
        var removed = await database.Listings.Where(one => one.Id == listing && one.SiteId == site).ExecuteDeleteAsync();
        return removed > 0 ? TypedResults.NoContent() : TypedResults.NotFound();
    }

    private static async Task<Ok<ListingPreview>> Preview(long site, ListingRequest request, AntiphonContext database, ListingReader reader, CancellationToken cancellation)
    {
        var found = await database.Sites.AsNoTracking().SingleAsync(one => one.Id == site, cancellation);
        var content = await reader.ReadAsync(found, string.Empty, request.Definition, cancellation);
        return TypedResults.Ok(new ListingPreview(ListingFragment.Render(content), content.Selection.Fitting.Count, content.Entries.Count, [.. content.Selection.Fitting.Take(ListingDefinition.MaxCount).Select(post => new FittingPost(post.Id, post.Title, post.PublishedAt))]));
    }

    private static async Task<Results<Ok<HostPageView>, NotFound, ValidationProblem>> GetHostPage(long site, long listing, string? address, AntiphonContext database, HostPages pages, CancellationToken cancellation)
    {
        if (await FindAsync(site, listing, database) is not { } found) return TypedResults.NotFound();
        if (!Uri.TryCreate(address ?? found.PageAddress ?? found.Site.Address, UriKind.Absolute, out var uri)) return FieldProblem.For("address", "Enter the page's whole address, starting with https://.");
        var (page, problem) = await pages.GetAsync(uri, found.Key, cancellation);
        return page is not null ? TypedResults.Ok(page) : FieldProblem.For("address", problem!);
    }

    private static async Task<Results<Ok<SnippetView>, NotFound>> GetSnippet(long site, long listing, Spelled<SnippetWay>? way, AntiphonContext database, SnippetMaker snippets, CancellationToken cancellation) =>
        await FindAsync(site, listing, database) is { } found ? TypedResults.Ok(await snippets.MakeAsync(found, way?.Value ?? SnippetWay.Script, cancellation)) : TypedResults.NotFound();

    private static async Task<Results<Ok<InstallationView>, NotFound, ValidationProblem>> CheckPage(
        long site, long listing, CheckPageRequest request, AntiphonContext database, InstallationVisit visit, CancellationToken cancellation)
    {
        if (await FindAsync(site, listing, database) is not { } found) return TypedResults.NotFound();
        if (!Core.Feeds.Reading.LinkResolver.IsWeb(request.Address)) return FieldProblem.For("address", "Enter the page's whole address, starting with https://.");
        return TypedResults.Ok(await visit.CheckAsync(found, new Uri(request.Address.Trim()), cancellation));
    }

    private static Task<Listing?> FindAsync(long site, long listing, AntiphonContext database) =>
        database.Listings.Include(one => one.Site).Include(one => one.Sightings).SingleOrDefaultAsync(one => one.Id == listing && one.SiteId == site);

    private static async Task<bool> ForeignBlogAsync(long site, ListingDefinition definition, AntiphonContext database) =>
        await database.Blogs.CountAsync(blog => blog.SiteId == site && definition.Blogs.Contains(blog.Id)) != definition.Blogs.Distinct().Count();

    private static ValidationProblem UnknownBlog() => FieldProblem.For("definition.blogs", "One of the blogs does not belong to this site; choose again.");

    private static void Apply(ListingRequest request, Listing listing, DateTimeOffset now)
    {
        listing.Name = request.Name.Trim();
        listing.Definition = request.Definition;
        listing.PageAddress = string.IsNullOrWhiteSpace(request.PageAddress) ? null : new Uri(request.PageAddress.Trim()).AbsoluteUri;
        listing.UpdatedAt = now;
    }

    private static ListingView View(Listing listing) => new(
        listing.Id, listing.Key, listing.Name, listing.Definition, listing.PageAddress, SightingSummary.StateOf(listing.Sightings),
        [.. listing.Sightings.OrderByDescending(one => one.SeenAt).Select(one => new SightingView(one.PageAddress, one.LookedAt, one.SeenAt, one.IsThere))]);
}
