using Antiphon.Core.Channels.Composing;
using Antiphon.Data.Channels;
using Antiphon.Data.Posts;

namespace Antiphon.Server.Channels.Sending;

/// <summary>What a sender needs to hand a delivery over.</summary>
/// <param name="Delivery">The delivery, with its channel.</param>
/// <param name="Post">The post as it is now, with its blog and site; null for events that are about none.</param>
/// <param name="Facts">What can be said of the post; null for those events.</param>
/// <param name="Before">The delivery by which the post stands at the receiver, for updates and withdrawals; null where
/// it does not.</param>
internal sealed record SendOrder(ChannelDelivery Delivery, Post? Post, PostFacts? Facts, ChannelDelivery? Before)
{
    /// <summary>The channel.</summary>
    public Channel Channel => Delivery.Channel;

    /// <summary>Whether an earlier attempt may have reached the receiver.</summary>
    public bool IsRepeat => Delivery.Attempts > 1;
}
