using Antiphon.Core.Channels;
using Antiphon.Data;
using Antiphon.Data.Channels;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Channels.Planning;

/// <summary>Whose turn it is among the texts of a channel: the one after that of the delivery planned last.</summary>
internal sealed class TextTurns(AntiphonContext database)
{
    /// <summary>Number of the text, from 0.</summary>
    public async Task<int> NextAsync(Channel channel, CancellationToken cancellation)
    {
        if (channel.Kind != ChannelKind.Social || channel.Settings.Variants.Count == 0)
            return 0;
        var unsaved = database
            .ChannelDeliveries.Local.Where(delivery => delivery.ChannelId == channel.Id && delivery.Id == 0)
            .Select(delivery => (int?)delivery.Turn)
            .LastOrDefault();
        var last = unsaved
            ?? await database
                .ChannelDeliveries.Where(delivery =>
                    delivery.ChannelId == channel.Id && delivery.Act == DeliveryAct.Publish
                )
                .OrderByDescending(delivery => delivery.Id)
                .Select(delivery => (int?)delivery.Turn)
                .FirstOrDefaultAsync(cancellation);
        return last is { } turn ? (turn + 1) % (channel.Settings.Variants.Count + 1) : 0;
    }
}
