using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Listings;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Listings.Styles;

/// <summary>/api/sites/{site}/looks.</summary>
internal static class LookEndpoints
{
    /// <summary>Maps the area.</summary>
    public static void MapLooks(this RouteGroupBuilder site)
    {
        var looks = site.MapGroup("/looks").WithTags("Looks");
        looks.MapGet("", ListLooks).Needs(SiteRight.See).WithName("listLooks");
        looks.MapPost("", AddLook).Needs(SiteRight.Edit).Validate<LookRequest>().WithName("addLook");
        looks.MapPut("/{look:long}", SaveLook).Needs(SiteRight.Edit).Validate<LookRequest>().WithName("saveLook");
        looks.MapDelete("/{look:long}", RemoveLook).Needs(SiteRight.Edit).WithName("removeLook");
        looks.MapGet("/match", MatchPage).Needs(SiteRight.Edit).WithName("matchPage");
    }

    private static async Task<Ok<List<LookView>>> ListLooks(long site, AntiphonContext database)
    {
        var looks = await database
            .Looks.AsNoTracking()
            .Include(look => look.Listings)
            .Where(look => look.SiteId == site)
            .OrderBy(look => look.Name)
            .ToListAsync();
        return TypedResults.Ok(looks.ConvertAll(View));
    }

    private static async Task<Ok<LookView>> AddLook(
        long site,
        LookRequest request,
        AntiphonContext database,
        TimeProvider clock
    )
    {
        var look = new Look
        {
            SiteId = site,
            Name = request.Name.Trim(),
            Definition = request.Definition,
            UpdatedAt = clock.GetUtcNow(),
        };
        database.Looks.Add(look);
        await database.SaveChangesAsync();
        return TypedResults.Ok(View(look));
    }

    private static async Task<Results<Ok<LookView>, NotFound>> SaveLook(
        long site,
        long look,
        LookRequest request,
        AntiphonContext database,
        TimeProvider clock
    )
    {
        if (await FindAsync(site, look, database) is not { } found)
            return TypedResults.NotFound();
        (found.Name, found.Definition, found.UpdatedAt) = (request.Name.Trim(), request.Definition, clock.GetUtcNow());
        await database.SaveChangesAsync();
        return TypedResults.Ok(View(found));
    }

    // What uses the look keeps it as its own, so that no page changes.
    private static async Task<Results<NoContent, NotFound>> RemoveLook(long site, long look, AntiphonContext database)
    {
        if (await FindAsync(site, look, database) is not { } found)
            return TypedResults.NotFound();
        foreach (var listing in found.Listings)
            listing.Definition = listing.Definition with { Look = found.Definition };
        database.Looks.Remove(found);
        await database.SaveChangesAsync();
        return TypedResults.NoContent();
    }

    private static async Task<Results<Ok<PageLookView>, ValidationProblem>> MatchPage(
        long site,
        string address,
        PageLooks pages,
        CancellationToken cancellation
    )
    {
        if (!LinkResolver.IsWeb(address))
            return FieldProblem.For("address", "Enter the full page address, starting with https://.");
        var (look, problem) = await pages.ReadAsync(new Uri(address.Trim()), cancellation);
        return look is not null ? TypedResults.Ok(look) : FieldProblem.For("address", problem!);
    }

    private static Task<Look?> FindAsync(long site, long look, AntiphonContext database) =>
        database.Looks.Include(row => row.Listings).SingleOrDefaultAsync(row => row.Id == look && row.SiteId == site);

    private static LookView View(Look look) =>
        new(
            look.Id,
            look.Name,
            look.Definition,
            [.. look.Listings.OrderBy(listing => listing.Name).Select(listing => new LookUse(listing.Id, listing.Name))]
        );
}
