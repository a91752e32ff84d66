using Antiphon.Core.Coverage;
using Antiphon.Core.Listings.Choosing;
using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Filters;
using Antiphon.Core.Listings.Styles;
using Antiphon.Core.Listings.Styles.Colours;
using Antiphon.Core.Listings.Styles.Css;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Sites;
using Antiphon.Server.Listings.Installation;
using Antiphon.Server.Listings.Markup;
using Antiphon.Server.Listings.Reading;
using Antiphon.Server.Listings.Styles;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Language;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Listings;

/// <summary>Looking at a definition before it is saved: in the host page, with hard cases, and post by post.</summary>
internal static class PreviewEndpoints
{
    private const int MostExplained = 30;

    /// <summary>Maps them below /api/sites/{site}/listings.</summary>
    public static void MapPreviews(this RouteGroupBuilder listings)
    {
        listings
            .MapPost("/preview", Preview)
            .Validate<PreviewRequest>()
            .Needs(SiteRight.See)
            .WithName("previewListing");
        listings
            .MapPost("/explain", Explain)
            .Validate<PreviewRequest>()
            .Needs(SiteRight.See)
            .WithName("explainListing");
        listings.MapGet("/{listing:long}/page", GetHostPage).Needs(SiteRight.See).WithName("getHostPage");
    }

    private static async Task<Ok<ListingPreview>> Preview(
        long site,
        PreviewRequest request,
        AntiphonContext database,
        ListingReader reader,
        SampleContent samples,
        CancellationToken cancellation
    )
    {
        var found = await database.Sites.AsNoTracking().SingleAsync(row => row.Id == site, cancellation);
        var definition = await InUseAsync(site, request, database);
        var content = await reader.ReadAsync(
            found,
            definition,
            ListingRequestView.First(string.Empty) with
            {
                At = await samples.PageAsync(site, definition, request.PageAddress, cancellation),
            },
            cancellation
        );
        var first = content
            .Selection.Fitting.Take(ListingDefinition.MaxCount)
            .Select(post => new FittingPost(post.Id, post.Title, post.PublishedAt));
        return TypedResults.Ok(
            new ListingPreview(
                ListingFragment.Render(SampleContent.Apply(content, request.Sample)),
                content.Selection.Fitting.Count,
                content.Entries.Count,
                [.. first],
                LookContrast.Of(definition.Look, request.PageColours ?? LookColours.Inherited),
                [
                    .. PartCss
                        .Confine(definition.Look.Css)
                        .Problems.Select(problem => new CssProblemView(problem.Line, CssWords.For(problem))),
                ]
            )
        );
    }

    private static async Task<Ok<List<PostPlacementView>>> Explain(
        long site,
        PreviewRequest request,
        string? search,
        AntiphonContext database,
        CandidateReader candidates,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var zone = await database.TimeZoneOfAsync(site, cancellation);
        var now = SiteCulture.Local(clock.GetUtcNow(), zone);
        var posts = await candidates.ReadAsync(
            site,
            database.Posts.Where(post => post.SiteId == site),
            CandidateNeeds.Of(request.Definition),
            cancellation
        );
        var selection = ListingSelection.Choose(request.Definition, posts, now);
        var asked = posts
            .Where(post =>
                string.IsNullOrWhiteSpace(search)
                || post.Title.Contains(search.Trim(), StringComparison.CurrentCultureIgnoreCase)
            )
            .OrderByDescending(post => post.PublishedAt ?? post.UpdatedAt)
            .Take(MostExplained);
        return TypedResults.Ok(
            asked
                .Select(post =>
                {
                    var place = selection.Explain(post);
                    return new PostPlacementView(
                        post.Id,
                        post.Title,
                        post.PublishedAt,
                        place.Reason == PlacementReason.Shown,
                        place.Position,
                        TeamTexts.Say(CoverageWords.For(CoverageRules.ForListing(place, SightingState.Seen)))
                    );
                })
                .ToList()
        );
    }

    private static async Task<Results<Ok<HostPageView>, NotFound, ValidationProblem>> GetHostPage(
        long site,
        long listing,
        string? address,
        AntiphonContext database,
        HostPages pages,
        CancellationToken cancellation
    )
    {
        if (await ListingEndpoints.FindAsync(site, listing, database) is not { } found)
            return TypedResults.NotFound();
        if (!Uri.TryCreate(address ?? found.PageAddress ?? found.Site.Address, UriKind.Absolute, out var uri))
            return FieldProblem.For("address", "Enter the full page address, starting with https://.");
        var (page, problem) = await pages.GetAsync(uri, found.Key, cancellation);
        return page is not null ? TypedResults.Ok(page) : FieldProblem.For("address", problem!);
    }

    private static async Task<ListingDefinition> InUseAsync(long site, PreviewRequest request, AntiphonContext database)
    {
        var look = request.LookId is { } id
            ? await database.Looks.AsNoTracking().SingleOrDefaultAsync(row => row.Id == id && row.SiteId == site)
            : null;
        return look is null ? request.Definition : request.Definition with { Look = look.Definition };
    }
}
