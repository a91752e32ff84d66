using Antiphon.Core.Findings;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Feeds;
using Antiphon.Server.Platform;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Language;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Feeds.Published.Lists;

/// <summary>/api/sites/{site}/feeds.</summary>
internal static class SiteFeedEndpoints
{
    /// <summary>Maps the list of our feeds and their settings.</summary>
    public static void MapSiteFeeds(this RouteGroupBuilder site)
    {
        var feeds = site.MapGroup("/feeds").WithTags("Feeds");
        feeds.MapGet("", ListBlogFeeds).Needs(SiteRight.See).WithName("listFeeds").WithSummary("The feeds of blogs.");
        feeds
            .MapGet("/all", ListFeeds)
            .Needs(SiteRight.See)
            .WithName("listAllFeeds")
            .WithSummary("Every feed of the site, and the address of the list of them.");
        feeds
            .MapGet("/health", Health)
            .Needs(SiteRight.See)
            .WithName("readFeedHealth")
            .WithSummary("Every form of every feed of ours, checked as it is published now.");
        feeds
            .MapGet("/parts/{blog:long}", ListParts)
            .Needs(SiteRight.See)
            .WithName("listPartFeeds")
            .WithSummary("Feeds of each category, tag and author of a blog.");
        feeds
            .MapPut("/{subject}/{id:long}", ChangeFeed)
            .Needs(SiteRight.Edit)
            .Validate<FeedSettingsView>()
            .WithName("changeFeed");
    }

    private static async Task<Ok<List<OwnFeedView>>> ListBlogFeeds(
        long site,
        OwnFeedList feeds,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok(
            (await feeds.ReadAsync(site, cancellation)).Where(feed => feed.Subject == FeedSubject.Blog).ToList()
        );

    private static async Task<Ok<OwnFeedsView>> ListFeeds(
        long site,
        OwnFeedList feeds,
        AntiphonContext database,
        IOptions<AntiphonOptions> options,
        CancellationToken cancellation
    )
    {
        var key = await database
            .Sites.Where(row => row.Id == site)
            .Select(row => row.PublicKey)
            .SingleAsync(cancellation);
        return TypedResults.Ok(
            new OwnFeedsView(
                await feeds.ReadAsync(site, cancellation),
                options.Value.AddressOf($"feeds/site/{key}.opml")
            )
        );
    }

    private static async Task<Ok<IReadOnlyList<FeedHealthView>>> Health(
        long site,
        OwnFeedHealth health,
        CancellationToken cancellation
    ) => TypedResults.Ok(await health.ReadAsync(site, cancellation));

    private static async Task<Results<Ok<IReadOnlyList<PartFeedView>>, NotFound>> ListParts(
        long site,
        long blog,
        PartFeedList parts,
        CancellationToken cancellation
    ) =>
        await parts.ReadAsync(site, blog, cancellation) is { } found ? TypedResults.Ok(found) : TypedResults.NotFound();

    private static async Task<Results<Ok<OwnFeedView>, NotFound, ValidationProblem>> ChangeFeed(
        long site,
        Spelled<FeedSubject> subject,
        long id,
        FeedSettingsView request,
        AntiphonContext database,
        OwnFeedList feeds,
        CancellationToken cancellation
    )
    {
        var before = (await feeds.ReadAsync(site, cancellation)).FirstOrDefault(feed =>
            feed.Subject == subject.Value && feed.SubjectId == id
        );
        if (before is null)
            return TypedResults.NotFound();
        if (request.RedirectTo is { } to && new[] { before.Rss, before.Atom, before.Json }.Contains(to.Trim()))
            return FieldProblem.For("redirectTo", "This is the feed's own address; it cannot lead to itself.");
        var settings = await database.FeedSettings.FirstOrDefaultAsync(
            feedSettings =>
                feedSettings.SiteId == site && feedSettings.Subject == subject.Value && feedSettings.SubjectId == id,
            cancellation
        );
        if (settings is null)
            database.FeedSettings.Add(
                settings = new FeedSettings
                {
                    SiteId = site,
                    Subject = subject.Value,
                    SubjectId = id,
                }
            );
        request.ApplyTo(settings);
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(
            (await feeds.ReadAsync(site, cancellation)).Single(feed =>
                feed.Subject == subject.Value && feed.SubjectId == id
            )
        );
    }
}
