using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Composing;
using Antiphon.Data.Channels;

namespace Antiphon.Server.Channels.Sending;

/// <summary>
/// Sends short posts to networks. They are never changed, as readers have answered what they read; they go with the
/// post where the channel says so.
/// </summary>
internal sealed class SocialSender(ISocialNetwork network, ChannelSecrets secrets) : IChannelSender
{
    /// <inheritdoc/>
    public ChannelKind Kind => ChannelKind.Social;

    /// <inheritdoc/>
    public string Preview(SendOrder order) => Compose(order).Text;

    /// <summary>The text a post gets on a channel: its own, or the text whose turn it is.</summary>
    public static ComposedText Compose(ChannelSettings settings, int turn, string? ownText, PostFacts facts) =>
        ownText is { Length: > 0 }
            ? Composer.Own(ownText, facts, settings.Count)
            : Composer.Compose(TextTemplate.Read(settings.TextOf(turn)).Template!, facts, settings.Count);

    /// <inheritdoc/>
    public async Task<SendOutcome> SendAsync(SendOrder order, CancellationToken cancellation)
    {
        var (address, token) = (new Uri(order.Channel.Settings.Address), secrets.Of(order.Channel));
        if (order.Delivery.Act == DeliveryAct.Withdraw)
            return order.Before?.ReceivedAddress is { } made
                ? await network.RemoveAsync(address, token, made, cancellation)
                : SendOutcome.NotNeeded("The network did not say where it published the post.");
        if (order.Delivery.Act != DeliveryAct.Publish)
            return SendOutcome.NotNeeded("Short posts are not changed.");
        var composed = Compose(order);
        if (composed.Left < 0)
            return SendOutcome.Refused(
                $"The text counts {composed.Count} of {order.Channel.Settings.Count.Limit}. Shorten it and send it again."
            );
        var withPicture = order.Channel.Settings.WithPicture && order.Post!.PictureAddress is not null;
        return await network.PublishAsync(
            address,
            token,
            order.Delivery.Key,
            new SocialNote(
                composed.Text,
                withPicture ? order.Post!.PictureAddress : null,
                withPicture ? order.Post!.PictureAlt : null
            ),
            cancellation
        );
    }

    /// <inheritdoc/>
    public Task<SendOutcome> TestAsync(Channel channel, CancellationToken cancellation) =>
        network.AskAsync(new Uri(channel.Settings.Address), secrets.Of(channel), cancellation);

    private static ComposedText Compose(SendOrder order) =>
        Compose(order.Channel.Settings, order.Delivery.Turn, order.Delivery.OwnText, order.Facts!);
}
