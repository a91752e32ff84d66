using Antiphon.Core.Channels;
using Antiphon.Core.Mailing.Returns;
using Antiphon.Core.Text;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Subscribers;
using Antiphon.Server.Subscribers;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Mailing.Returns;

/// <summary>Keeps what came back with the subscriber it came from.</summary>
internal sealed class ReturnKeeping(AntiphonContext database, ISiteEvents events, TimeProvider clock)
{
    private const int LongestReason = 500;

    /// <summary>
    /// Keeps it. How many subscribers it was about: a key tells one; an address alone tells the same address at every
    /// site.
    /// </summary>
    public async Task<int> KeepAsync(MailReturn back, CancellationToken cancellation)
    {
        var delivery = back.Key is null
            ? null
            : await database.Deliveries.FirstOrDefaultAsync(row => row.Key == back.Key, cancellation);
        // A mailbox that breaks off before its end gives the same report again; so may a server that is not sure.
        if (delivery?.Returned is { } before && (before != ReturnKind.Soft || back.Kind == ReturnKind.Soft))
            return 0;
        if (delivery is not null)
            delivery.Returned = back.Kind;
        var address = back.Address?.Trim().ToLowerInvariant();
        var who = await database
            .Subscribers.Where(subscriber =>
                delivery != null
                    ? subscriber.Id == delivery.SubscriberId
                    : address != null && subscriber.Mail == address
            )
            .ToListAsync(cancellation);
        foreach (var one in who)
            await KeepAsync(one, back, cancellation);
        // It was taken, and came back all the same.
        if (delivery is { State: DeliveryState.Delivered } && back.Kind == ReturnKind.Hard)
            (delivery.State, delivery.LastAnswer) = (
                DeliveryState.Failed,
                Shortened.ToLength(back.Reason, LongestReason)
            );
        await database.SaveChangesAsync(cancellation);
        return who.Count;
    }

    private async Task KeepAsync(Subscriber subscriber, MailReturn back, CancellationToken cancellation)
    {
        var now = clock.GetUtcNow();
        subscriber.LastReturn = Shortened.ToLength(OneLine.Of(back.Reason), LongestReason);
        var why = ReturnRule.After(back.Kind, subscriber.SoftBounces);
        if (back.Kind == ReturnKind.Soft)
            subscriber.SoftBounces++;
        if (why is null || subscriber.Suppressed is not null)
            return;
        (subscriber.Suppressed, subscriber.SuppressedAt) = (why, now);
        if (subscriber.LeftAt is null)
            await events.NoteAsync(
                subscriber.SiteId,
                ChannelEvent.SubscriberLeft,
                () => SubscriberEvent.Of(subscriber),
                cancellation
            );
    }
}
