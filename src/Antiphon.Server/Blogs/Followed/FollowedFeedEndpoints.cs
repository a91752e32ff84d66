using Antiphon.Core.Feeds.Following;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Blogs.Followed;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Blogs.Followed;

/// <summary>/api/sites/{site}/followed: the board of followed feeds.</summary>
internal static class FollowedFeedEndpoints
{
    /// <summary>Maps the area.</summary>
    public static void MapFollowedFeeds(this RouteGroupBuilder site)
    {
        var followed = site.MapGroup("/followed").WithTags("Followed feeds");
        followed.MapGet("", List).Needs(SiteRight.See).WithName("listFollowedFeeds");
        followed.MapPost("/{blog:long}/visit", Visit).Needs(SiteRight.Edit).WithName("visitFollowedFeed");
        followed.MapPost("/{blog:long}/pause", Pause).Needs(SiteRight.Edit).WithName("pauseFollowedFeed");
        followed.MapPost("/{blog:long}/resume", Resume).Needs(SiteRight.Edit).WithName("resumeFollowedFeed");
        followed
            .MapGet("/list.opml", Export)
            .Needs(SiteRight.See)
            .WithName("exportFollowedFeeds")
            .WithSummary("The followed feeds as a list of subscriptions (OPML 2.0).");
        followed
            .MapPost("/list", Import)
            .Needs(SiteRight.Edit)
            .WithName("importFollowedFeeds")
            .WithSummary("Follows the feeds of a list of subscriptions, all of them or those that are named.");
        followed
            .MapPost("/list/offer", Offer)
            .Needs(SiteRight.Edit)
            .WithName("offerFollowedFeeds")
            .WithSummary("What a list of subscriptions offers; nothing is followed yet.");
    }

    private static async Task<Ok<List<FollowedFeedView>>> List(
        long site,
        FollowedFeedReader reader,
        CancellationToken cancellation
    ) => TypedResults.Ok(await reader.ReadAsync(following => following.Blog.SiteId == site, cancellation));

    // A feed that somebody is visiting at this moment is not visited twice; the view says so.
    private static async Task<Results<Ok<FollowedFeedView>, NotFound>> Visit(
        long site,
        long blog,
        AntiphonContext database,
        FollowingWorker worker,
        FollowedFeedReader reader,
        CancellationToken cancellation
    )
    {
        if (!await Exists(database, site, blog, cancellation))
            return TypedResults.NotFound();
        await worker.DoNowAsync(blog, cancellation);
        return await ViewAsync(reader, blog, cancellation);
    }

    private static async Task<Results<Ok<FollowedFeedView>, NotFound>> Pause(
        long site,
        long blog,
        AntiphonContext database,
        HubSubscriber hubs,
        FollowedFeedReader reader,
        CancellationToken cancellation
    )
    {
        if (!await Exists(database, site, blog, cancellation))
            return TypedResults.NotFound();
        await SetAsync(database, blog, FollowingStanding.Paused, cancellation);
        if (
            await database.HubSubscriptions.FirstOrDefaultAsync(
                subscription => subscription.BlogId == blog,
                cancellation
            ) is
            { } hub
        )
        {
            database.HubSubscriptions.Remove(hub);
            await database.SaveChangesAsync(cancellation);
            await hubs.LeaveAsync(hub, cancellation);
        }

        return await ViewAsync(reader, blog, cancellation);
    }

    private static async Task<Results<Ok<FollowedFeedView>, NotFound>> Resume(
        long site,
        long blog,
        AntiphonContext database,
        TimeProvider clock,
        FollowedFeedReader reader,
        CancellationToken cancellation
    )
    {
        if (!await Exists(database, site, blog, cancellation))
            return TypedResults.NotFound();
        await SetAsync(database, blog, FollowingStanding.Active, cancellation);
        // What was missed is fetched at the next look, with everything the feed offers, its hub as well.
        var now = clock.GetUtcNow();
        await database
            .Followings.Where(following => following.BlogId == blog)
            .ExecuteUpdateAsync(
                set =>
                    set.SetProperty(following => following.NextVisitAt, now)
                        .SetProperty(following => following.ETag, (string?)null)
                        .SetProperty(following => following.LastModified, (string?)null),
                cancellation
            );
        return await ViewAsync(reader, blog, cancellation);
    }

    private static async Task<FileContentHttpResult> Export(
        long site,
        AntiphonContext database,
        FollowedFeedReader reader,
        CancellationToken cancellation
    )
    {
        var name = await database.Sites.Where(row => row.Id == site).Select(row => row.Name).SingleAsync(cancellation);
        var feeds = await reader.ReadAsync(following => following.Blog.SiteId == site, cancellation);
        return TypedResults.File(
            OpmlWriter.Write(
                $"Followed by {name}",
                [.. feeds.Select(feed => new OpmlOutline(feed.Name, feed.State.FeedAddress, feed.HomeAddress))]
            ),
            "text/x-opml; charset=utf-8",
            "followed-feeds.opml"
        );
    }

    private static async Task<Results<Ok<OpmlResult>, ValidationProblem>> Import(
        long site,
        OpmlRequest request,
        SubscriptionListImport import,
        CancellationToken cancellation
    )
    {
        if (string.IsNullOrWhiteSpace(request.Text))
            return NoList();
        var result = await import.RunAsync(site, request, cancellation);
        var isEmpty = result.Added.Count + result.Known.Count + result.Refused.Count == 0;
        return isEmpty && result.Problem is { } problem ? FieldProblem.For("text", problem) : TypedResults.Ok(result);
    }

    private static async Task<Results<Ok<OpmlOffer>, ValidationProblem>> Offer(
        long site,
        OpmlRequest request,
        SubscriptionListImport import,
        CancellationToken cancellation
    )
    {
        if (string.IsNullOrWhiteSpace(request.Text))
            return NoList();
        var offer = await import.OfferAsync(site, request.Text, cancellation);
        return offer.Feeds.Count == 0 && offer.Problem is { } problem
            ? FieldProblem.For("text", problem)
            : TypedResults.Ok(offer);
    }

    private static ValidationProblem NoList() =>
        FieldProblem.For("text", "Open a list of subscriptions first; feed readers save one as an OPML file.");

    private static Task<bool> Exists(AntiphonContext database, long site, long blog, CancellationToken cancellation) =>
        database.Followings.AnyAsync(
            following => following.BlogId == blog && following.Blog.SiteId == site,
            cancellation
        );

    private static Task SetAsync(
        AntiphonContext database,
        long blog,
        FollowingStanding standing,
        CancellationToken cancellation
    ) =>
        database
            .Followings.Where(following => following.BlogId == blog)
            .ExecuteUpdateAsync(set => set.SetProperty(following => following.Standing, standing), cancellation);

    private static async Task<Results<Ok<FollowedFeedView>, NotFound>> ViewAsync(
        FollowedFeedReader reader,
        long blog,
        CancellationToken cancellation
    ) => TypedResults.Ok((await reader.ReadAsync(following => following.BlogId == blog, cancellation)).Single());
}
