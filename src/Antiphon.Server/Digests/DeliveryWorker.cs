using Antiphon.Core.Syndication.Subscribers;
using Antiphon.Data.Entities.Syndication.Mailing;
using Antiphon.Server.Channels;
using Antiphon.Server.Mail;
using Antiphon.Server.Mail.Returning;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Digests;

/// <summary>Works off the outbox: claim, send, record.</summary>
internal sealed class DeliveryWorker(
    Outbox outbox, DeliverySignal signal, SubscriberMessage messages, IServiceScopeFactory scopes, TimeProvider clock, IOptions<DeliveryOptions> options, ILogger<DeliveryWorker> log) : BackgroundService
{
    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        while (!stoppingToken.IsCancellationRequested)
        {
            try
            {
                while (await outbox.ClaimAsync(stoppingToken) is { Count: > 0 } batch) await SendAsync(batch, stoppingToken);
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
        foreach (var delivery in batch) await SendAsync(sender, mails, returns, delivery, cancellation);
    }

    private async Task SendAsync(MailSender sender, EditionMails mails, ReturnKeeping returns, Delivery delivery, CancellationToken cancellation)
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
        try
        {
            var leave = messages.LeaveAddress(subscriber, edition.Key);
            var text = composed.For(leave, messages.ChooseAddress(subscriber), delivery.IsSecond);
            var message = messages.Make(text, edition.Digest.Site, edition.Digest, SubscriberMessage.AddressOf(subscriber), delivery.Key, leave);
            await outbox.DeliveredAsync(delivery, await sender.SendAsync(message, cancellation, delivery.Key));
        }
        catch (Exception final) when (MailFailure.IsFinal(final))
        {
            await outbox.FailedAsync(delivery, final.Message);
            if (MailFailure.IsAboutReceiver(final)) await returns.KeepAsync(new MailReturn(ReturnKind.Hard, subscriber.Mail, delivery.Key, final.Message), cancellation);
        }
        catch (Exception passing) when (MailFailure.IsPassing(passing))
        {
            await outbox.RetryAsync(delivery, passing.Message);
        }
    }

    private string? Refusal(Subscriber subscriber) =>
        subscriber.LeftAt is not null ? "The subscriber left before it was sent."
        : subscriber.Suppressed is not null ? "The address takes no mail any more."
        : subscriber.PausedUntil > clock.GetUtcNow() ? "The subscriber paused the mails before it was sent."
        : null;
}
