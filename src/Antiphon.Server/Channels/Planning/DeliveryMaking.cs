using Antiphon.Core.Channels;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Channels;
using Antiphon.Data.Posts;
using Antiphon.Server.Channels.Sending;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Channels.Planning;

/// <summary>
/// Writes deliveries to the outbox; the caller saves, so that what happened and its telling are one transaction.
/// </summary>
internal sealed class DeliveryMaking(
    AntiphonContext database,
    ChannelSignal signal,
    IKeySource keys,
    TimeProvider clock
) : ISiteEvents
{
    /// <summary>A post going to a channel.</summary>
    public void Add(
        Channel channel,
        Post post,
        DeliveryAct act,
        string target,
        DateTimeOffset at,
        string? text = null,
        int round = 0,
        int turn = 0
    )
    {
        var delivery = New(channel, at);
        (delivery.PostId, delivery.Act, delivery.Target, delivery.OwnText, delivery.Round, delivery.Turn) = (
            post.Id,
            act,
            target,
            string.IsNullOrWhiteSpace(text) ? null : text,
            round,
            turn
        );
        if (
            act == DeliveryAct.Publish
            && channel.Settings.When == ChannelWhen.AfterApproval
            && channel.Kind is ChannelKind.Social or ChannelKind.Partner
        )
            delivery.Held = HoldReason.Approval;
        database.ChannelDeliveries.Add(delivery);
    }

    /// <inheritdoc/>
    public async Task NoteAsync(long site, ChannelEvent what, Func<object> data, CancellationToken cancellation)
    {
        foreach (
            var channel in await database
                .Channels.Where(row => row.SiteId == site && row.Kind == ChannelKind.Webhook && row.ArchivedAt == null)
                .ToListAsync(cancellation)
        )
        {
            if (!Hears(channel, what))
                continue;
            var delivery = New(channel, clock.GetUtcNow());
            (delivery.Act, delivery.Sent) = (DeliveryAct.Tell, WebhookPayload.Write(what, delivery.CreatedAt, data()));
            database.ChannelDeliveries.Add(delivery);
        }
    }

    /// <inheritdoc/>
    public void Saved() => signal.Wake();

    /// <summary>Whether a channel wants to hear of something; only webhooks choose.</summary>
    public bool Hears(Channel channel, ChannelEvent what) =>
        channel.Kind != ChannelKind.Webhook
        || channel.Settings.Events.Count == 0
        || channel.Settings.Events.Contains(what);

    private ChannelDelivery New(Channel channel, DateTimeOffset at) =>
        new()
        {
            Key = keys.NewKey(24),
            SiteId = channel.SiteId,
            ChannelId = channel.Id,
            Channel = channel,
            PlannedFor = at,
            NextAttemptAt = at,
            CreatedAt = clock.GetUtcNow(),
        };
}
