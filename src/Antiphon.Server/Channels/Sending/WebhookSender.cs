using System.Net.Http.Headers;
using System.Text;
using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Protocols;
using Antiphon.Data.Channels;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Channels.Sending;

/// <summary>
/// Tells an address what happened, as signed JSON. The id stays the same in every repeat, so that a receiver that keeps
/// ids takes each once.
/// </summary>
internal sealed class WebhookSender(
    GuardedClient client,
    ChannelSecrets secrets,
    WebhookPayload payloads,
    TimeProvider clock
) : IChannelSender
{
    /// <inheritdoc/>
    public ChannelKind Kind => ChannelKind.Webhook;

    /// <inheritdoc/>
    public string Preview(SendOrder order) =>
        order.Delivery.Act == DeliveryAct.Tell ? order.Delivery.Sent! : payloads.OfPost(order);

    /// <inheritdoc/>
    public Task<SendOutcome> SendAsync(SendOrder order, CancellationToken cancellation) =>
        SendAsync(order.Channel, order.Delivery.Key, Preview(order), cancellation);

    /// <inheritdoc/>
    public Task<SendOutcome> TestAsync(Channel channel, CancellationToken cancellation) =>
        SendAsync(channel, $"test-{channel.Id}", payloads.OfTest(channel), cancellation);

    private async Task<SendOutcome> SendAsync(Channel channel, string key, string body, CancellationToken cancellation)
    {
        var answer = await client.SendAnyAsync(
            new Uri(channel.Settings.Address),
            to => Request(to, channel, key, body),
            cancellation
        );
        return Answers.Of(answer, clock.GetUtcNow(), taken => SendOutcome.Taken($"{taken.Status}: taken"));
    }

    private HttpRequestMessage Request(Uri to, Channel channel, string key, string body)
    {
        var now = clock.GetUtcNow();
        var request = new HttpRequestMessage(HttpMethod.Post, to)
        {
            Content = new ByteArrayContent(Encoding.UTF8.GetBytes(body))
            {
                Headers = { ContentType = new MediaTypeHeaderValue("application/json") },
            },
        };
        request.Headers.Add(WebhookSignature.IdHeader, key);
        request.Headers.Add(
            WebhookSignature.TimeHeader,
            now.ToUnixTimeSeconds().ToString(System.Globalization.CultureInfo.InvariantCulture)
        );
        if (secrets.AllOf(channel) is { Count: > 0 } all)
            request.Headers.Add(WebhookSignature.SignatureHeader, WebhookSignature.Of(key, now, body, all));
        return request;
    }
}
