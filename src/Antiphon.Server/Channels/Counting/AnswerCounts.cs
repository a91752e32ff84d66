using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Counting;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Channels;
using Antiphon.Server.Channels.Sending;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Channels.Counting;

/// <summary>Asks networks what short posts brought there.</summary>
internal sealed class AnswerCounts(
    AntiphonContext database,
    ISocialNetwork network,
    ChannelSecrets secrets,
    TimeProvider clock
)
{
    /// <summary>Those that can be asked for.</summary>
    public static IQueryable<ChannelDelivery> Countable(IQueryable<ChannelDelivery> deliveries) =>
        deliveries
            .Include(delivery => delivery.Channel)
            .Where(delivery =>
                delivery.Channel.Kind == ChannelKind.Social
                && delivery.Channel.ArchivedAt == null
                && delivery.State == DeliveryState.Delivered
                && delivery.Act == DeliveryAct.Publish
                && delivery.ReceivedAddress != null
            );

    /// <summary>
    /// Asks for one now, whenever it is due; null where there is nothing to ask for, otherwise why it could not be
    /// asked, or an empty text.
    /// </summary>
    public async Task<string?> CountNowAsync(long site, long id, CancellationToken cancellation)
    {
        if (
            await Countable(database.ChannelDeliveries)
                .FirstOrDefaultAsync(
                    channelDelivery => channelDelivery.Id == id && channelDelivery.SiteId == site,
                    cancellation
                )
            is not { } delivery
        )
            return null;
        var counted = await AskAsync(delivery, cancellation);
        Record(delivery, counted);
        await database.SaveChangesAsync(cancellation);
        return counted.Problem ?? (counted.Counts is null ? "The network does not provide figures." : string.Empty);
    }

    /// <summary>Asks for one that is held, and records what was said.</summary>
    public async Task CountAsync(Claim<ChannelDelivery> claim, CancellationToken cancellation)
    {
        var delivery = await Countable(database.ChannelDeliveries)
            .SingleAsync(channelDelivery => channelDelivery.Id == claim.Key, cancellation);
        var counted = await AskAsync(delivery, cancellation);
        Record(delivery, counted);
        await claim.EndAsync(database, cancellation);
    }

    private Task<NetworkCounting> AskAsync(ChannelDelivery delivery, CancellationToken cancellation) =>
        network.CountAsync(
            new Uri(delivery.Channel.Settings.Address),
            secrets.Of(delivery.Channel),
            delivery.ReceivedAddress!,
            cancellation
        );

    private void Record(ChannelDelivery delivery, NetworkCounting counted)
    {
        var now = clock.GetUtcNow();
        delivery.CountNextAt = counted.IsGone ? null : CountingRhythm.After(delivery.DeliveredAt ?? now, now);
        if (counted.Counts is not null)
            (delivery.CountedAt, delivery.Counts) = (now, counted.Counts);
    }
}
