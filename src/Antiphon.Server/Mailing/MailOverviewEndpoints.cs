using Antiphon.Core.Sites;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Mailing;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Subscribers;
using Antiphon.Server.Work;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Mailing;

/// <summary>/api/sites/{site}/channels/mail: mails by the posts they brought.</summary>
internal static class MailOverviewEndpoints
{
    private const int ShownPosts = 50;
    private const int ShownDeliveries = 200;

    /// <summary>Maps the area.</summary>
    public static void MapMailOverview(this RouteGroupBuilder site)
    {
        var mail = site.MapGroup("/channels/mail").WithTags("Channels");
        mail.MapGet("", GetMail).Needs(SiteRight.See).WithName("getMailChannel");
        mail.MapGet("/{post:long}", ListDeliveries).Needs(SiteRight.SeeReaders).WithName("listDeliveries");
        mail.MapPost("/{post:long}/retry", RetryFailed).Needs(SiteRight.Edit).WithName("retryDeliveries");
        mail.MapPost("/{post:long}/cancel", CancelOpen).Needs(SiteRight.Edit).WithName("cancelDeliveries");
    }

    private static async Task<Ok<MailChannelView>> GetMail(
        long site,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var subscribers = await database
            .Subscribers.Where(subscriber => subscriber.SiteId == site)
            .GettingMail(clock.GetUtcNow())
            .CountAsync(cancellation);
        var posts = await database
            .EditionPosts.Where(post => post.Edition.SiteId == site)
            .GroupBy(post => new
            {
                post.PostId,
                post.Post.Title,
                post.Post.PublishedAt,
            })
            .Select(group => new PostDeliveriesView(
                group.Key.PostId,
                group.Key.Title,
                group.Key.PublishedAt,
                group.Sum(post => post.Edition.Total),
                group.Sum(post => post.Edition.Delivered),
                group.Sum(post =>
                    post.Edition.Total - post.Edition.Delivered - post.Edition.Failed - post.Edition.Cancelled
                ),
                group.Sum(post => post.Edition.Failed),
                group.Sum(post => post.Edition.Cancelled),
                group.Max(post => post.Edition.DueAt)
            ))
            .ToListAsync(cancellation);
        return TypedResults.Ok(
            new MailChannelView(
                subscribers,
                posts.Sum(post => post.Open),
                posts.Sum(post => post.Failed),
                [.. posts.OrderByDescending(post => post.LastAt).Take(ShownPosts)]
            )
        );
    }

    private static async Task<Ok<List<DeliveryView>>> ListDeliveries(
        long site,
        long post,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok(
            await Of(site, post, database)
                .OrderBy(delivery =>
                    delivery.State == DeliveryState.Failed ? 0
                    : delivery.State == DeliveryState.Retrying ? 1
                    : delivery.State == DeliveryState.Delivered ? 3
                    : 2
                )
                .ThenBy(delivery => delivery.Id)
                .Take(ShownDeliveries)
                .Viewed()
                .ToListAsync(cancellation)
        );

    private static async Task<Ok<TouchedView>> RetryFailed(
        long site,
        long post,
        AntiphonContext database,
        MailActs acts,
        CancellationToken cancellation
    ) => TypedResults.Ok(new TouchedView(await acts.RetryAsync(Of(site, post, database), cancellation)));

    private static async Task<Ok<TouchedView>> CancelOpen(
        long site,
        long post,
        AntiphonContext database,
        MailActs acts,
        CancellationToken cancellation
    ) => TypedResults.Ok(new TouchedView(await acts.CancelAsync(Of(site, post, database), cancellation)));

    private static IQueryable<Delivery> Of(long site, long post, AntiphonContext database) =>
        database.Deliveries.Where(delivery =>
            delivery.SiteId == site && delivery.Edition.Posts.Any(brought => brought.PostId == post)
        );
}
