using Antiphon.Core.Feeds.Hub;
using Antiphon.Data;
using Antiphon.Data.Blogs.Followed;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Limits;
using Microsoft.AspNetCore.Mvc;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Blogs.Followed;

/// <summary>/websub/{key}: what hubs call, to verify and to tell (WebSub §5.3, §7).</summary>
internal static class HubCallbackEndpoints
{
    /// <summary>Maps both calls.</summary>
    public static void MapHubCallbacks(this WebApplication app)
    {
        app.MapGet("/websub/{key}", VerifyAsync).ExcludeFromDescription().ForAnybody();
        app.MapPost("/websub/{key}", ReceiveAsync).DisableAntiforgery().ExcludeFromDescription().ForAnybody();
    }

    private static async Task<IResult> VerifyAsync(
        string key,
        [AsParameters] HubQuestion question,
        AntiphonContext database,
        TimeProvider clock,
        HttpContext http
    )
    {
        var hub = await database.HubSubscriptions.FirstOrDefaultAsync(
            subscription => subscription.Key == key,
            http.RequestAborted
        );
        // Nobody here wants a topic that is not followed, so leaving it is always right.
        if (question.Mode == "unsubscribe")
            return hub is null || hub.State != HubState.Subscribed
                ? TypedResults.Text(question.Challenge ?? string.Empty)
                : TypedResults.NotFound();
        if (hub is null || hub.Topic != question.Topic)
            return TypedResults.NotFound();
        var now = clock.GetUtcNow();
        if (question.Mode == "denied")
        {
            (hub.State, hub.RenewAt, hub.LeaseUntil) = (HubState.Refused, now.AddDays(1), null);
            await database.SaveChangesAsync();
            return TypedResults.Ok();
        }

        // One whose answer failed or came too late may have taken the request all the same, and is still welcome.
        if (question.Mode != "subscribe" || string.IsNullOrEmpty(question.Challenge) || hub.State == HubState.None)
            return TypedResults.NotFound();
        var lease = TimeSpan.FromSeconds(Math.Clamp(question.LeaseSeconds ?? 86_400, 60, 90 * 86_400));
        // Asked again when a fifth of the lease is left.
        (hub.State, hub.LeaseUntil, hub.RenewAt) = (HubState.Subscribed, now + lease, now + (lease * 0.8));
        await database.SaveChangesAsync();
        return TypedResults.Text(question.Challenge);
    }

    private static async Task<IResult> ReceiveAsync(
        string key,
        HttpContext http,
        AntiphonContext database,
        FeedVisit visit,
        IOptions<OutgoingOptions> limits
    )
    {
        var hub = await database
            .HubSubscriptions.AsNoTracking()
            .FirstOrDefaultAsync(subscription => subscription.Key == key, http.RequestAborted);
        if (hub is null)
            return TypedResults.StatusCode(StatusCodes.Status410Gone);
        if (await BoundedBody.ReadAsync(http.Request.Body, limits.Value.MaxBytes, http.RequestAborted) is not { } body)
            return TypedResults.StatusCode(StatusCodes.Status413PayloadTooLarge);
        // What is not signed with our secret is taken for rubbish, without telling whoever sent it (§7.1).
        if (HubSignature.Fits(http.Request.Headers["X-Hub-Signature"], body, hub.Secret))
            await visit.PushAsync(hub.BlogId, body, http.Request.ContentType, http.RequestAborted);
        return TypedResults.StatusCode(StatusCodes.Status202Accepted);
    }

    /// <summary>What a hub asks before it believes that we asked.</summary>
    internal sealed record HubQuestion
    {
        /// <summary>"subscribe", "unsubscribe" or "denied".</summary>
        [FromQuery(Name = "hub.mode")]
        public string? Mode { get; init; }

        /// <summary>Address of the feed it is about.</summary>
        [FromQuery(Name = "hub.topic")]
        public string? Topic { get; init; }

        /// <summary>What must come back as the answer.</summary>
        [FromQuery(Name = "hub.challenge")]
        public string? Challenge { get; init; }

        /// <summary>How long it means to push, in seconds; null when it does not say.</summary>
        [FromQuery(Name = "hub.lease_seconds")]
        public int? LeaseSeconds { get; init; }
    }
}
