using Antiphon.Core.Sites;
using Antiphon.Core.Syndication;
using Antiphon.Data;
using Antiphon.Server.Sites;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Channels;

/// <summary>/api/sites/{site}/channels.</summary>
internal static class ChannelEndpoints
{
    private const int ShownPosts = 50;
    private const int ShownDeliveries = 200;

    /// <summary>Maps the area.</summary>
    public static void MapChannels(this RouteGroupBuilder site)
    {
        var mail = site.MapGroup("/channels/mail").WithTags("Channels");
        mail.MapGet("", GetMail).WithName("getMailChannel");
        mail.MapGet("/{post:long}", ListDeliveries).WithName("listDeliveries");
        mail.MapPost("/{post:long}/retry", RetryFailed).Needs(SiteRole.Editor).WithName("retryDeliveries");
        mail.MapPost("/{post:long}/cancel", CancelOpen).Needs(SiteRole.Editor).WithName("cancelDeliveries");
    }

    private static async Task<Ok<MailChannelView>> GetMail(long site, AntiphonContext database)
    {
        var subscribers = await database.Subscribers.CountAsync(one => one.SiteId == site && one.LeftAt == null);
        var posts = await database.Deliveries.Where(one => one.SiteId == site)
            .GroupBy(one => new { one.PostId, one.Post.Title, one.Post.PublishedAt })
            .Select(group => new PostDeliveriesView(
                group.Key.PostId, group.Key.Title, group.Key.PublishedAt, group.Count(),
                group.Count(one => one.State == DeliveryState.Delivered),
                group.Count(one => one.State == DeliveryState.Queued || one.State == DeliveryState.Sending || one.State == DeliveryState.Retrying),
                group.Count(one => one.State == DeliveryState.Failed), group.Count(one => one.State == DeliveryState.Cancelled), group.Max(one => one.CreatedAt)))
            .ToListAsync();
        return TypedResults.Ok(new MailChannelView(subscribers, posts.Sum(post => post.Open), posts.Sum(post => post.Failed), [.. posts.OrderByDescending(post => post.LastAt).Take(ShownPosts)]));
    }

    private static async Task<Ok<List<DeliveryView>>> ListDeliveries(long site, long post, AntiphonContext database) =>
        TypedResults.Ok(await database.Deliveries.Where(one => one.SiteId == site && one.PostId == post)
            .OrderBy(one => one.State == DeliveryState.Failed ? 0 : one.State == DeliveryState.Retrying ? 1 : one.State == DeliveryState.Delivered ? 3 : 2).ThenBy(one => one.Id).Take(ShownDeliveries)
            .Select(one => new DeliveryView(
                one.Id, one.Subscriber.Mail, one.State, one.Attempts, one.CreatedAt, one.DeliveredAt, one.State == DeliveryState.Retrying ? one.NextAttemptAt : null, one.LastAnswer))
            .ToListAsync());

    private static async Task<Ok<TouchedView>> RetryFailed(long site, long post, AntiphonContext database, DeliverySignal signal, TimeProvider clock)
    {
        var now = clock.GetUtcNow();
        var count = await database.Deliveries
            .Where(one => one.SiteId == site && one.PostId == post && (one.State == DeliveryState.Failed || one.State == DeliveryState.Retrying))
            .ExecuteUpdateAsync(set => set.SetProperty(one => one.State, DeliveryState.Queued).SetProperty(one => one.NextAttemptAt, now).SetProperty(one => one.Attempts, 0));
        signal.Wake();
        return TypedResults.Ok(new TouchedView(count));
    }

    private static async Task<Ok<TouchedView>> CancelOpen(long site, long post, AntiphonContext database) =>
        TypedResults.Ok(new TouchedView(await database.Deliveries
            .Where(one => one.SiteId == site && one.PostId == post && (one.State == DeliveryState.Queued || one.State == DeliveryState.Retrying))
            .ExecuteUpdateAsync(set => set.SetProperty(one => one.State, DeliveryState.Cancelled).SetProperty(one => one.LastAnswer, "Cancelled by the team."))));
}
