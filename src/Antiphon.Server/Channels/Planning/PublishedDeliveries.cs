using Antiphon.Core.Channels;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Channels;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Channels.Planning;

/// <summary>Deliveries with what they are about, and where posts stand at receivers.</summary>
internal static class PublishedDeliveries
{
    /// <summary>Deliveries with their channel and post, also of posts in the bin.</summary>
    public static IQueryable<ChannelDelivery> Whole(AntiphonContext database) =>
        database
            .ChannelDeliveries.IgnoreQueryFilters()
            .Include(delivery => delivery.Channel)
            .Include(delivery => delivery.Post!.Blog.Site)
            .Include(delivery => delivery.Post!.Blog.Following);

    /// <summary>
    /// The delivery by which the post of another one stands at the same receiver; null where it does not.
    /// </summary>
    public static Task<ChannelDelivery?> LatestAsync(
        AntiphonContext database,
        ChannelDelivery delivery,
        CancellationToken cancellation
    ) =>
        database
            .ChannelDeliveries.AsNoTracking()
            .Where(channelDelivery =>
                channelDelivery.ChannelId == delivery.ChannelId
                && channelDelivery.PostId == delivery.PostId
                && channelDelivery.Target == delivery.Target
                && channelDelivery.Act == DeliveryAct.Publish
                && channelDelivery.State == DeliveryState.Delivered
            )
            .OrderByDescending(channelDelivery => channelDelivery.Round)
            .FirstOrDefaultAsync(cancellation);
}
