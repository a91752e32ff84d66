using Antiphon.Core.Posts;
using Antiphon.Data.Entities;
using Antiphon.Server.Mail;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Channels;

/// <summary>Works off the outbox: claim, send, record.</summary>
internal sealed class DeliveryWorker(
    Outbox outbox, DeliverySignal signal, PostMailMessage messages, IServiceProvider services, IOptions<DeliveryOptions> options, ILogger<DeliveryWorker> log) : BackgroundService
{
    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        while (!stoppingToken.IsCancellationRequested)
        {
            try
            {
                while (await outbox.ClaimAsync(stoppingToken) is { Count: > 0 } batch) await SendAsync(batch, stoppingToken);
            }
            catch (Exception failure) when (failure is not OperationCanceledException)
            {
                log.LogError(failure, "The outbox could not be worked off; trying again");
            }

            await signal.WaitAsync(TimeSpan.FromSeconds(options.Value.LookEverySeconds), stoppingToken);
        }
    }

    private async Task SendAsync(IReadOnlyList<Delivery> batch, CancellationToken cancellation)
    {
        await using var sender = services.GetRequiredService<MailSender>();
        foreach (var delivery in batch) await SendAsync(sender, delivery, cancellation);
    }

    private async Task SendAsync(MailSender sender, Delivery delivery, CancellationToken cancellation)
    {
        if (delivery.Subscriber.LeftAt is not null) await outbox.CancelledAsync(delivery, "The subscriber left before it was sent.");
        else if (delivery.Post.Status != PostStatus.Published) await outbox.CancelledAsync(delivery, "The post was withdrawn before it was sent.");
        else
        {
            try
            {
                await outbox.DeliveredAsync(delivery, await sender.SendAsync(messages.Make(delivery), cancellation));
            }
            catch (Exception final) when (MailFailure.IsFinal(final))
            {
                await outbox.FailedAsync(delivery, final.Message);
            }
            catch (Exception passing) when (MailFailure.IsPassing(passing))
            {
                await outbox.RetryAsync(delivery, passing.Message);
            }
        }
    }
}
