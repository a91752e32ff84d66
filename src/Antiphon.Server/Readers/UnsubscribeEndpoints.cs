using System.Net;
using Antiphon.Core.Syndication.Channels;
using Antiphon.Data;
using Antiphon.Server.Channels;
using Antiphon.Server.Channels.Planning;
using Antiphon.Server.Channels.Sending;
using Antiphon.Server.Embed;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Readers;

/// <summary>/unsubscribe/{key}, the link in every mail.</summary>
internal static class UnsubscribeEndpoints
{
    /// <summary>Maps the page and the one-click post of mail programs (RFC 8058).</summary>
    public static void MapUnsubscribe(this WebApplication app)
    {
        app.MapGet("/unsubscribe/{key}", Ask).ExcludeFromDescription();
        app.MapPost("/unsubscribe/{key}", Leave).DisableAntiforgery().ExcludeFromDescription();
    }

    // Opening the link changes nothing, since mail scanners open every link.
    private static async Task<ContentHttpResult> Ask(string key, AntiphonContext database)
    {
        var found = await database.Subscribers.Where(one => one.Key == key).Select(one => new { one.Site.Name, one.LeftAt }).FirstOrDefaultAsync();
        if (found is null) return PublicPage.Message("This link is not known", "It may have been cut off in the mail. Answer the mail instead, and somebody will see to it.", StatusCodes.Status404NotFound);
        if (found.LeftAt is not null) return PublicPage.Message("The mails have ended", $"{found.Name} sends you nothing more.");
        var form = "<form method=\"post\"><button>Stop the mails</button></form>";
        return PublicPage.Html("Stop the mails?", $"<p>{WebUtility.HtmlEncode(found.Name)} will send you no more new posts.</p>{form}");
    }

    private static async Task<ContentHttpResult> Leave(string key, AntiphonContext database, DeliveryMaking webhooks, ChannelSignal channels, TimeProvider clock, CancellationToken cancellation)
    {
        var now = clock.GetUtcNow();
        if (await database.Subscribers.FirstOrDefaultAsync(one => one.Key == key && one.LeftAt == null, cancellation) is { } subscriber)
        {
            subscriber.LeftAt = now;
            await webhooks.TellAsync(subscriber.SiteId, ChannelEvent.SubscriberLeft, () => WebhookPayload.OfSubscriber(subscriber, ChannelEvent.SubscriberLeft, now), cancellation);
            await database.SaveChangesAsync(cancellation);
            channels.Wake();
        }

        return PublicPage.Message("The mails have ended", "You get nothing more from us. Nothing else is needed.");
    }
}
