using Antiphon.Core.Channels;
using Antiphon.Core.Subscribers;
using Antiphon.Data;
using Antiphon.Data.Subscribers;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Subscribers.Preferences;

/// <summary>
/// Ends and resumes what subscribers get, and tells webhooks of it in the same transaction, whoever asked for it.
/// </summary>
internal sealed class SubscriberLeaving(AntiphonContext database, ISiteEvents events, TimeProvider clock)
{
    /// <summary>Ends the mails; nothing when they have ended.</summary>
    /// <param name="subscriber">The subscriber, tracked.</param>
    /// <param name="edition">Key of the edition whose link was followed; null for none.</param>
    /// <param name="cancellation">Ends it early.</param>
    public async Task LeaveAsync(Subscriber subscriber, string? edition, CancellationToken cancellation)
    {
        if (subscriber.LeftAt is not null)
            return;
        subscriber.LeftAt = clock.GetUtcNow();
        await TellAsync(subscriber, ChannelEvent.SubscriberLeft, cancellation);
        await database.SaveChangesAsync(cancellation);
        if (edition is not null)
            await database
                .Editions.Where(row => row.Key == edition && row.SiteId == subscriber.SiteId)
                .ExecuteUpdateAsync(set => set.SetProperty(row => row.Left, row => row.Left + 1), cancellation);
        events.Saved();
    }

    /// <summary>Resumes the mails, whatever ended them.</summary>
    public async Task ReturnAsync(Subscriber subscriber, CancellationToken cancellation)
    {
        var wasAway = subscriber.LeftAt is not null || subscriber.Suppressed is not null;
        (
            subscriber.LeftAt,
            subscriber.Suppressed,
            subscriber.SuppressedAt,
            subscriber.SoftBounces,
            subscriber.PausedUntil
        ) = (null, null, null, 0, null);
        if (wasAway)
            await TellAsync(subscriber, ChannelEvent.SubscriberJoined, cancellation);
        await database.SaveChangesAsync(cancellation);
        events.Saved();
    }

    /// <summary>Adds a new subscriber to the context and tells of it; the caller saves.</summary>
    public async Task JoinAsync(Subscriber subscriber, CancellationToken cancellation)
    {
        database.Subscribers.Add(subscriber);
        await TellAsync(subscriber, ChannelEvent.SubscriberJoined, cancellation);
    }

    /// <summary>Wakes the worker that tells webhooks, once what happened is saved.</summary>
    public void Wake() => events.Saved();

    /// <summary>
    /// Deletes everything about a subscriber. Their address is kept as a hash alone, so that no list brings it back.
    /// </summary>
    /// <param name="subscriber">The subscriber with the site, tracked.</param>
    /// <param name="cancellation">Ends it early.</param>
    public async Task EraseAsync(Subscriber subscriber, CancellationToken cancellation)
    {
        var (site, mail) = (subscriber.SiteId, subscriber.Mail);
        var hash = AddressHash.Of(mail, subscriber.Site.PublicKey);
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        if (subscriber.LeftAt is null)
            await TellAsync(subscriber, ChannelEvent.SubscriberLeft, cancellation);
        if (
            !await database.GoneAddresses.AnyAsync(
                address => address.SiteId == site && address.Hash == hash,
                cancellation
            )
        )
            database.GoneAddresses.Add(
                new GoneAddress
                {
                    SiteId = site,
                    Hash = hash,
                    At = clock.GetUtcNow(),
                }
            );
        database.Subscribers.Remove(subscriber);
        await database.SaveChangesAsync(cancellation);
        await database
            .SubscriptionAsks.Where(ask => ask.SiteId == site && ask.Mail == mail)
            .ExecuteDeleteAsync(cancellation);
        await database
            .Letters.Where(letter => letter.SiteId == site && letter.Address == mail)
            .ExecuteDeleteAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        events.Saved();
    }

    private Task TellAsync(Subscriber subscriber, ChannelEvent what, CancellationToken cancellation) =>
        events.NoteAsync(subscriber.SiteId, what, () => SubscriberEvent.Of(subscriber), cancellation);
}
