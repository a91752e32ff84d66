using Antiphon.Core.Mailing.Digests;
using Antiphon.Core.Mailing.Returns;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Mailing;
using Antiphon.Data.Subscribers;
using Antiphon.Server.Mailing.Returns;
using Antiphon.Server.Outgoing.Mail;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;
using MimeKit;

namespace Antiphon.Server.Mailing.Sending;

/// <summary>Hands the mails of editions over, one after the other over one connection.</summary>
internal sealed class DeliveryWorker(
    Leases<Delivery> leases,
    WorkTools tools,
    MailTransport transport,
    DeliverySignal signal,
    SubscriberMessage messages,
    IServiceProvider provider
) : LeasedWork<Delivery>(leases, tools, signal)
{
    // Mails that are made up together, so that thousands of receivers cost few makings, and a correction to a post
    // reaches those after them.
    private const int MadeTogether = 20;
    private MailSender? _sender;
    private AsyncServiceScope? _made;
    private int _left;

    /// <inheritdoc/>
    protected override Task<bool> IsOpenAsync(CancellationToken cancellation) => transport.IsOpenAsync(cancellation);

    /// <summary>
    /// What is due, oldest first: new ones and retries. What belongs to a paused edition is passed over.
    /// </summary>
    protected override Task<Delivery?> NextAsync(
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    ) =>
        database
            .Deliveries.Free(now)
            .Where(delivery =>
                (
                    delivery.State == DeliveryState.Queued
                    || delivery.State == DeliveryState.Sending
                    || delivery.State == DeliveryState.Retrying
                )
                && delivery.NextAttemptAt <= now
            )
            .Where(delivery =>
                !database
                    .Editions.Where(edition =>
                        edition.PausedAt != null
                        && (edition.State == EditionState.Gathering || edition.State == EditionState.Sending)
                    )
                    .Select(edition => edition.Id)
                    .Contains(delivery.EditionId)
            )
            .OrderBy(delivery => delivery.NextAttemptAt)
            .FirstOrDefaultAsync(cancellation);

    /// <inheritdoc/>
    protected override Task BeginAsync(AntiphonContext database, Delivery row, CancellationToken cancellation) =>
        database
            .Deliveries.Where(delivery => delivery.Id == row.Id)
            .ExecuteUpdateAsync(
                set =>
                    set.SetProperty(delivery => delivery.State, DeliveryState.Sending)
                        .SetProperty(delivery => delivery.Attempts, delivery => delivery.Attempts + 1),
                cancellation
            );

    /// <inheritdoc/>
    protected override async Task DoAsync(
        Claim<Delivery> claim,
        IServiceProvider services,
        CancellationToken cancellation
    )
    {
        var database = services.GetRequiredService<AntiphonContext>();
        var delivery = await database
            .Deliveries.Include(row => row.Subscriber)
            .SingleAsync(row => row.Id == claim.Key, cancellation);
        var (message, refusal) = await MessageAsync(delivery, await MailsAsync(), cancellation);
        if (message is null)
        {
            await EndAsync(claim, database, delivery, DeliveryState.Cancelled, refusal!);
            return;
        }

        var handover = await transport.HandOverAsync(
            _sender ??= provider.GetRequiredService<MailSender>(),
            message,
            delivery.Attempts,
            delivery.Key,
            cancellation
        );
        if (!handover.Counts)
            delivery.Attempts--;
        var state =
            handover.Fault is null ? DeliveryState.Delivered
            : handover.Next is null ? DeliveryState.Failed
            : DeliveryState.Retrying;
        await EndAsync(claim, database, delivery, state, handover.Answer, handover.Next);
        if (handover.Fault == MailFault.Receiver)
            await services
                .GetRequiredService<ReturnKeeping>()
                .KeepAsync(
                    new MailReturn(ReturnKind.Hard, delivery.Subscriber.Mail, delivery.Key, handover.Answer),
                    cancellation
                );
    }

    /// <inheritdoc/>
    protected override void PutOff(Delivery row, string? why, DateTimeOffset until) =>
        (row.State, row.NextAttemptAt, row.LastAnswer) = (DeliveryState.Retrying, until, why ?? row.LastAnswer);

    /// <inheritdoc/>
    protected override async Task<GivenUp?> GiveUpAsync(
        AntiphonContext database,
        Delivery row,
        string why,
        CancellationToken cancellation
    )
    {
        (row.State, row.NextAttemptAt, row.LastAnswer) = (DeliveryState.Failed, Tools.Clock.GetUtcNow(), why);
        // One notice for an edition: what one mail cannot say, the others cannot either.
        if (
            await database.Deliveries.AnyAsync(
                delivery =>
                    delivery.EditionId == row.EditionId
                    && delivery.Id != row.Id
                    && delivery.LastAnswer == why
                    && delivery.State == DeliveryState.Failed,
                cancellation
            )
        )
            return null;
        var digest = await database
            .Editions.Where(edition => edition.Id == row.EditionId)
            .Select(edition => edition.Digest.Name)
            .SingleAsync(cancellation);
        return new GivenUp(row.SiteId, $"A mail of “{digest}” was not sent", "channels/mail");
    }

    /// <summary>Closes the connection, and marks editions of which nothing is open any more.</summary>
    protected override async Task RestAsync(CancellationToken cancellation)
    {
        if (_sender is not null)
            await _sender.DisposeAsync();
        if (_made is { } made)
            await made.DisposeAsync();
        (_sender, _made) = (null, null);
        await using var database = await Tools.Databases.CreateDbContextAsync(cancellation);
        var now = Tools.Clock.GetUtcNow();
        await database
            .Editions.Where(edition =>
                edition.State == EditionState.Sending
                && edition.Total <= edition.Delivered + edition.Failed + edition.Cancelled
            )
            .ExecuteUpdateAsync(
                set =>
                    set.SetProperty(edition => edition.State, EditionState.Sent)
                        .SetProperty(edition => edition.FinishedAt, now)
                        .SetProperty(edition => edition.PausedAt, (DateTimeOffset?)null),
                cancellation
            );
    }

    private async Task<EditionMails> MailsAsync()
    {
        if (_left-- <= 0 || _made is null)
        {
            if (_made is { } old)
                await old.DisposeAsync();
            (_made, _left) = (Tools.Scopes.CreateAsyncScope(), MadeTogether - 1);
        }

        return _made.Value.ServiceProvider.GetRequiredService<EditionMails>();
    }

    private async Task<(MimeMessage? Message, string? Refusal)> MessageAsync(
        Delivery delivery,
        EditionMails mails,
        CancellationToken cancellation
    )
    {
        var subscriber = delivery.Subscriber;
        if (Refusal(subscriber) is { } refusal)
            return (null, refusal);
        if (
            await mails.OfAsync(delivery.EditionId, subscriber.Categories, delivery.IsSecond, cancellation)
            is not { } composed
        )
            return (null, "What it told of was withdrawn before it was sent.");
        var edition = await mails.EditionAsync(delivery.EditionId, cancellation);
        var leave = messages.LeaveAddress(subscriber, edition.Key);
        return (
            messages.Make(
                composed.For(leave, messages.ChooseAddress(subscriber), delivery.IsSecond),
                edition.Digest.Site,
                edition.Digest,
                SubscriberMessage.AddressOf(subscriber),
                delivery.Key,
                leave
            ),
            null
        );
    }

    private Task EndAsync(
        Claim<Delivery> claim,
        AntiphonContext database,
        Delivery delivery,
        DeliveryState state,
        string answer,
        DateTimeOffset? next = null
    )
    {
        var now = Tools.Clock.GetUtcNow();
        (delivery.State, delivery.NextAttemptAt, delivery.LastAnswer, delivery.DeliveredAt) = (
            state,
            next ?? now,
            answer,
            state == DeliveryState.Delivered ? now : null
        );
        return claim.EndAsync(database, CancellationToken.None);
    }

    private string? Refusal(Subscriber subscriber) =>
        subscriber.LeftAt is not null ? "Unsubscribed before sending."
        : subscriber.Suppressed is not null ? "The address has bounced."
        : subscriber.PausedUntil > Tools.Clock.GetUtcNow() ? "The subscriber paused the mails before it was sent."
        : null;
}
