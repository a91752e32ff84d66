using Antiphon.Core.Syndication;
using Antiphon.Core.Syndication.Channels;
using Antiphon.Core.Syndication.Counting;
using Antiphon.Data;
using Antiphon.Data.Entities.Syndication;
using Antiphon.Server.Channels.Sending;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Channels.Counting;

/// <summary>Asks networks what short posts brought there.</summary>
internal sealed class AnswerCounts(AntiphonContext database, ISocialNetwork network, ChannelSecrets secrets, TimeProvider clock)
{
    private const int MostAtOnce = 20;

    // A look that ended with its process is made up for after this.
    private static readonly TimeSpan Lease = TimeSpan.FromMinutes(5);

    /// <summary>Asks for what is due, the longest due first; how many were asked for.</summary>
    public async Task<int> CountDueAsync(CancellationToken cancellation)
    {
        var now = clock.GetUtcNow();
        var due = await Countable().Where(one => one.CountNextAt != null && one.CountNextAt <= now).OrderBy(one => one.CountNextAt).Take(MostAtOnce).ToListAsync(cancellation);
        foreach (var delivery in due)
        {
            // Whoever moves it asks.
            var mine = await database.ChannelDeliveries.Where(one => one.Id == delivery.Id && one.CountNextAt == delivery.CountNextAt).ExecuteUpdateAsync(set => set.SetProperty(one => one.CountNextAt, now + Lease), cancellation);
            if (mine == 1) await CountAsync(delivery, cancellation);
        }

        return due.Count;
    }

    /// <summary>Asks for one now, whenever it is due; null where there is nothing to ask for, otherwise why it could not be asked, or an empty text.</summary>
    public async Task<string?> CountNowAsync(long site, long id, CancellationToken cancellation) =>
        await Countable().FirstOrDefaultAsync(one => one.Id == id && one.SiteId == site, cancellation) is { } delivery ? await CountAsync(delivery, cancellation) : null;

    private IQueryable<ChannelDelivery> Countable() =>
        database.ChannelDeliveries.AsNoTracking().Include(one => one.Channel).Where(one => one.Channel.Kind == ChannelKind.Social && one.Channel.ArchivedAt == null && one.State == DeliveryState.Delivered && one.Act == DeliveryAct.Publish && one.ReceivedAddress != null);

    private async Task<string> CountAsync(ChannelDelivery delivery, CancellationToken cancellation)
    {
        var counted = await network.CountAsync(new Uri(delivery.Channel.Settings.Address), secrets.Of(delivery.Channel), delivery.ReceivedAddress!, cancellation);
        var now = clock.GetUtcNow();
        var next = counted.IsGone ? null : CountingRhythm.After(delivery.DeliveredAt ?? now, now);
        await database.ChannelDeliveries.Where(one => one.Id == delivery.Id).ExecuteUpdateAsync(
            set => set.SetProperty(one => one.CountNextAt, next).SetProperty(one => one.CountedAt, one => counted.Counts == null ? one.CountedAt : now).SetProperty(one => one.Counts, one => counted.Counts ?? one.Counts), cancellation);
        return counted.Problem ?? (counted.Counts is null ? "The network does not tell." : string.Empty);
    }
}
