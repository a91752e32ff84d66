using System.Diagnostics;
using Antiphon.Core.Channels;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Channels;
using Antiphon.Data.Posts;
using Antiphon.Server.Channels.Planning;
using Antiphon.Server.Channels.Sending;
using Antiphon.Server.Posts.Reading;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Channels.Delivering;

/// <summary>
/// Hands over what goes to channels. Channels do not wait for each other, and within one several go side by side, up to
/// its pace; what is about one post at one receiver keeps its order.
/// </summary>
internal sealed class ChannelWorker(
    Leases<ChannelDelivery> leases,
    WorkTools tools,
    ChannelSignal signal,
    ChannelTurn turn
) : LeasedWork<ChannelDelivery>(leases, tools, signal)
{
    /// <inheritdoc/>
    protected override int AtOnce => Tools.Options.Value.AtOnce;

    /// <inheritdoc/>
    protected override Task<ChannelDelivery?> NextAsync(
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    ) => turn.NextAsync(database, now, cancellation);

    /// <inheritdoc/>
    protected override async Task BeginAsync(
        AntiphonContext database,
        ChannelDelivery row,
        CancellationToken cancellation
    )
    {
        await database
            .ChannelDeliveries.Where(delivery => delivery.Id == row.Id)
            .ExecuteUpdateAsync(
                set =>
                    set.SetProperty(delivery => delivery.State, DeliveryState.Sending)
                        .SetProperty(delivery => delivery.Attempts, delivery => delivery.Attempts + 1),
                cancellation
            );
        await ChannelPacing.BeginAsync(database, row.ChannelId, Tools.Clock.GetUtcNow(), cancellation);
    }

    /// <inheritdoc/>
    protected override async Task DoAsync(
        Claim<ChannelDelivery> claim,
        IServiceProvider services,
        CancellationToken cancellation
    )
    {
        var database = services.GetRequiredService<AntiphonContext>();
        var delivery = await PublishedDeliveries
            .Whole(database)
            .AsNoTracking()
            .SingleAsync(channelDelivery => channelDelivery.Id == claim.Key, cancellation);
        var start = Stopwatch.GetTimestamp();
        var (outcome, sent) = await SendAsync(delivery, services, database, cancellation);
        await claim.EndAsync(
            database,
            () =>
                services
                    .GetRequiredService<DeliveryRecording>()
                    .RecordAsync(delivery, outcome, sent, Stopwatch.GetElapsedTime(start)),
            CancellationToken.None
        );
    }

    /// <inheritdoc/>
    protected override void PutOff(ChannelDelivery row, string? why, DateTimeOffset until) =>
        (row.State, row.NextAttemptAt, row.Answer) = (
            DeliveryState.Retrying,
            until,
            why is null ? row.Answer : $"It could not be made: {why}"
        );

    /// <inheritdoc/>
    protected override async Task<GivenUp?> GiveUpAsync(
        AntiphonContext database,
        ChannelDelivery row,
        string why,
        CancellationToken cancellation
    )
    {
        (row.State, row.NextAttemptAt, row.Answer) = (
            DeliveryState.Failed,
            Tools.Clock.GetUtcNow(),
            $"It could not be made: {why}"
        );
        var channel = await database
            .Channels.Where(candidate => candidate.Id == row.ChannelId)
            .Select(candidate => candidate.Name)
            .SingleAsync(cancellation);
        return new GivenUp(row.SiteId, $"A delivery to {channel} could not be made", $"channels?delivery={row.Id}");
    }

    private static async Task<(SendOutcome Outcome, string? Sent)> SendAsync(
        ChannelDelivery delivery,
        IServiceProvider services,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var isAboutPost = delivery.Act != DeliveryAct.Tell;
        if (isAboutPost && delivery.Post is null)
            return (SendOutcome.NotNeeded("The post is gone."), null);
        if (
            delivery.Act is DeliveryAct.Publish or DeliveryAct.Update
            && !delivery.Post!.IsPublicAt(services.GetRequiredService<TimeProvider>().GetUtcNow())
        )
            return (SendOutcome.NotNeeded("The post was withdrawn before it was sent."), null);
        ChannelDelivery? before = null;
        if (delivery.Act is DeliveryAct.Update or DeliveryAct.Withdraw)
        {
            before = await PublishedDeliveries.LatestAsync(database, delivery, cancellation);
            if (before is null)
                return (SendOutcome.NotNeeded("The post was never delivered."), null);
        }

        var facts = services.GetRequiredService<PostFactsReader>();
        var order = new SendOrder(
            delivery,
            delivery.Post,
            isAboutPost ? facts.Of(delivery.Post!, delivery.Channel.Settings, delivery.Channel.Kind) : null,
            before
        );
        var sender = services
            .GetServices<IChannelSender>()
            .Single(iChannelSender => iChannelSender.Kind == delivery.Channel.Kind);
        return (await sender.SendAsync(order, cancellation), sender.Preview(order));
    }
}
