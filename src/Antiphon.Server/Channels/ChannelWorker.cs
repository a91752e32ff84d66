using System.Diagnostics;
using Antiphon.Core.Posts;
using Antiphon.Core.Syndication;
using Antiphon.Core.Syndication.Channels;
using Antiphon.Data.Entities.Syndication;
using Antiphon.Server.Channels.Planning;
using Antiphon.Server.Channels.Sending;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Channels;

/// <summary>Plans what changed, then works off the outbox: claim, send, record. Channels do not wait for each other; within one everything keeps its order.</summary>
internal sealed class ChannelWorker(
    IServiceScopeFactory scopes, ChannelOutbox outbox, ChannelSignal signal, IEnumerable<IChannelSender> senders, PostFactsReader facts, IOptions<DeliveryOptions> options, ILogger<ChannelWorker> log) : BackgroundService
{
    private readonly Dictionary<ChannelKind, IChannelSender> _senders = senders.ToDictionary(sender => sender.Kind);

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        while (!stoppingToken.IsCancellationRequested)
        {
            try
            {
                await PlanAsync(stoppingToken);
                while (await outbox.ClaimAsync(stoppingToken) is { Count: > 0 } batch) await Task.WhenAll(batch.GroupBy(one => one.ChannelId).Select(channel => SendAllAsync([.. channel], stoppingToken)));
            }
            catch (Exception failure) when (failure is not OperationCanceledException)
            {
                log.LogError(failure, "The channels could not be served; trying again");
            }

            await signal.WaitAsync(TimeSpan.FromSeconds(options.Value.LookEverySeconds), stoppingToken);
        }
    }

    private async Task PlanAsync(CancellationToken cancellation)
    {
        while (true)
        {
            await using var scope = scopes.CreateAsyncScope();
            if (!await scope.ServiceProvider.GetRequiredService<ChannelPlanner>().PlanNextAsync(cancellation)) return;
        }
    }

    private async Task SendAllAsync(IReadOnlyList<ChannelDelivery> deliveries, CancellationToken cancellation)
    {
        foreach (var delivery in deliveries) await SendAsync(delivery, cancellation);
    }

    private async Task SendAsync(ChannelDelivery delivery, CancellationToken cancellation)
    {
        // The batch may have taken longer than the claim holds.
        if (!await outbox.RenewAsync(delivery, cancellation)) return;
        var start = Stopwatch.GetTimestamp();
        var (outcome, sent) = await GuardedAsync(delivery, cancellation);
        await outbox.RecordAsync(delivery, outcome, sent, Stopwatch.GetElapsedTime(start), cancellation);
    }

    // Whatever is thrown is one failed attempt of this delivery, and ends with its reason like any other; the rest of the batch goes on.
    private async Task<(SendOutcome Outcome, string? Sent)> GuardedAsync(ChannelDelivery delivery, CancellationToken cancellation)
    {
        try
        {
            return await TryAsync(delivery, cancellation);
        }
        catch (Exception failure) when (failure is not OperationCanceledException || !cancellation.IsCancellationRequested)
        {
            log.LogError(failure, "Delivery {Delivery} could not be made", delivery.Id);
            return (SendOutcome.Passing($"It could not be made: {failure.Message}"), null);
        }
    }

    private async Task<(SendOutcome Outcome, string? Sent)> TryAsync(ChannelDelivery delivery, CancellationToken cancellation)
    {
        var isAboutPost = delivery.Act != DeliveryAct.Tell;
        if (isAboutPost && delivery.Post is null) return (SendOutcome.NotNeeded("The post is gone."), null);
        if (delivery.Act is DeliveryAct.Publish or DeliveryAct.Update && (delivery.Post!.Status != PostStatus.Published || delivery.Post.DeletedAt is not null)) return (SendOutcome.NotNeeded("The post was withdrawn before it was sent."), null);
        ChannelDelivery? before = null;
        if (delivery.Act is DeliveryAct.Update or DeliveryAct.Withdraw)
        {
            before = (await outbox.PublishedAsync(delivery, cancellation)).FirstOrDefault(one => one.State == DeliveryState.Delivered);
            if (before is null) return (SendOutcome.NotNeeded("The post never got there."), null);
        }

        var order = new SendOrder(delivery, delivery.Post, isAboutPost ? facts.Of(delivery.Post!, delivery.Channel.Settings, delivery.Channel.Kind) : null, before);
        var sender = _senders[delivery.Channel.Kind];
        return (await sender.SendAsync(order, cancellation), sender.Preview(order));
    }
}
