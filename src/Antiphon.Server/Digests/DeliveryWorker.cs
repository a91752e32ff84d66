using Antiphon.Core.Syndication.Subscribers;
using Antiphon.Data.Entities.Syndication.Mailing;
using Antiphon.Server.Channels;
using Antiphon.Server.Mail;
using Antiphon.Server.Mail.Returning;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Digests;

/// <summary>Works off the outbox: claim, send, record.</summary>
internal sealed class DeliveryWorker(
    Outbox outbox, MailTransport transport, DeliverySignal signal, SubscriberMessage messages, IServiceScopeFactory scopes, TimeProvider clock, IOptions<DeliveryOptions> options, ILogger<DeliveryWorker> log) : BackgroundService
{
    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        while (!stoppingToken.IsCancellationRequested)
        {
            try
            {
                while (await transport.IsOpenAsync(stoppingToken) && await outbox.ClaimAsync(stoppingToken) is { Count: > 0 } batch) await SendAsync(batch, stoppingToken);
                await outbox.FinishAsync(stoppingToken);
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
        await using var scope = scopes.CreateAsyncScope();
        await using var sender = scope.ServiceProvider.GetRequiredService<MailSender>();
        var mails = scope.ServiceProvider.GetRequiredService<EditionMails>();
        var returns = scope.ServiceProvider.GetRequiredService<ReturnKeeping>();
        for (var at = 0; at < batch.Count; at++)
        {
            if (await SendOneAsync(sender, mails, returns, batch[at], cancellation)) continue;
            // What will not be reached is given back at once, uncounted.
            foreach (var left in batch.Skip(at + 1)) await outbox.ReleaseAsync(left, clock.GetUtcNow());
            return;
        }
    }

    /// <summary>Sends one; false when the server takes no mail at all.</summary>
    private async Task<bool> SendOneAsync(MailSender sender, EditionMails mails, ReturnKeeping returns, Delivery delivery, CancellationToken cancellation)
    {
        // The batch may have taken longer than the claim holds.
        if (!await outbox.RenewAsync(delivery)) return true;
        try
        {
            await SendAsync(sender, mails, delivery, cancellation);
            return true;
        }
        catch (Exception failure) when (failure is not OperationCanceledException || !cancellation.IsCancellationRequested)
        {
            return await FailAsync(delivery, failure, returns, cancellation);
        }
    }

    private async Task SendAsync(MailSender sender, EditionMails mails, Delivery delivery, CancellationToken cancellation)
    {
        if (await outbox.GiveBackAsync(delivery, cancellation)) return;
        var subscriber = delivery.Subscriber;
        if (Refusal(subscriber) is { } refusal)
        {
            await outbox.CancelledAsync(delivery, refusal);
            return;
        }

        if (await mails.OfAsync(delivery.EditionId, subscriber.Categories, delivery.IsSecond, cancellation) is not { } composed)
        {
            await outbox.CancelledAsync(delivery, "What it told of was withdrawn before it was sent.");
            return;
        }

        var edition = await mails.EditionAsync(delivery.EditionId, cancellation);
        var leave = messages.LeaveAddress(subscriber, edition.Key);
        var text = composed.For(leave, messages.ChooseAddress(subscriber), delivery.IsSecond);
        var message = messages.Make(text, edition.Digest.Site, edition.Digest, SubscriberMessage.AddressOf(subscriber), delivery.Key, leave);
        await outbox.DeliveredAsync(delivery, await sender.SendAsync(message, cancellation, delivery.Key));
        await transport.WorksAsync();
    }

    private async Task<bool> FailAsync(Delivery delivery, Exception failure, ReturnKeeping returns, CancellationToken cancellation)
    {
        log.LogInformation("A mail of an edition was not handed over: {Reason}", failure.Message);
        var fault = MailFailure.Of(failure);
        switch (fault)
        {
            case MailFault.Server:
                await outbox.ReleaseAsync(delivery, await transport.FailedAsync(fault, failure.Message), failure.Message);
                return false;
            case MailFault.Refusal:
                await transport.FailedAsync(fault, failure.Message);
                await outbox.RetryAsync(delivery, failure.Message);
                return await transport.IsOpenAsync(cancellation);
            case MailFault.Passing:
                await outbox.RetryAsync(delivery, failure.Message);
                return true;
            default:
                await outbox.FailedAsync(delivery, failure.Message);
                if (fault == MailFault.Receiver) await returns.KeepAsync(new MailReturn(ReturnKind.Hard, delivery.Subscriber.Mail, delivery.Key, failure.Message), cancellation);
                return true;
        }
    }

    private string? Refusal(Subscriber subscriber) =>
        subscriber.LeftAt is not null ? "The subscriber left before it was sent."
        : subscriber.Suppressed is not null ? "The address takes no mail any more."
        : subscriber.PausedUntil > clock.GetUtcNow() ? "The subscriber paused the mails before it was sent."
        : null;
}
