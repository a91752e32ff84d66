using Antiphon.Core.Channels;
using Antiphon.Data.Channels;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Channels.Sending;

/// <summary>
/// Tells a hub that a feed has something new; the hub fetches it and passes it on. Telling twice does no harm.
/// </summary>
internal sealed class HubSender(GuardedClient client, TimeProvider clock) : IChannelSender
{
    /// <inheritdoc/>
    public ChannelKind Kind => ChannelKind.Hub;

    /// <inheritdoc/>
    public string Preview(SendOrder order) => $"hub.mode=publish\nhub.url={order.Delivery.Target}";

    /// <inheritdoc/>
    public async Task<SendOutcome> SendAsync(SendOrder order, CancellationToken cancellation)
    {
        // Two names for the topic are in use among hubs; the recommendation leaves this call to them.
        var form = new Dictionary<string, string>
        {
            ["hub.mode"] = "publish",
            ["hub.url"] = order.Delivery.Target,
            ["hub.topic"] = order.Delivery.Target,
        };
        return Answers.Of(
            await client.PostFormAsync(new Uri(order.Channel.Settings.Address), form, cancellation),
            clock.GetUtcNow(),
            taken => SendOutcome.Taken($"{taken.Status}: the hub passes it on")
        );
    }

    /// <inheritdoc/>
    public async Task<SendOutcome> TestAsync(Channel channel, CancellationToken cancellation)
    {
        var answer = await client.GetAsync(new Uri(channel.Settings.Address), cancellation: cancellation);
        // Hubs need not have a page; that somebody answers is all there is to know.
        return answer.Status is not null
            ? SendOutcome.Taken("The hub answers.")
            : Answers.Of(answer, clock.GetUtcNow(), _ => SendOutcome.Taken("The hub answers."));
    }
}
