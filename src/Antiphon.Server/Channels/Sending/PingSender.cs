using System.Text;
using Antiphon.Core.Channels;
using Antiphon.Core.Mentions;
using Antiphon.Data.Channels;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Channels.Sending;

/// <summary>
/// Tells pages a post links to, by Webmention or else by Pingback, where they take them. Telling twice is the same as
/// once by both.
/// </summary>
internal sealed class PingSender(GuardedClient client, TimeProvider clock) : IChannelSender
{
    /// <inheritdoc/>
    public ChannelKind Kind => ChannelKind.Pings;

    /// <inheritdoc/>
    public string Preview(SendOrder order) => $"source={order.Facts!.Link}\ntarget={order.Delivery.Target}";

    /// <inheritdoc/>
    public async Task<SendOutcome> SendAsync(SendOrder order, CancellationToken cancellation)
    {
        var target = new Uri(order.Delivery.Target);
        var page = await client.GetAsync(target, cancellation: cancellation);
        // A page that is gone, or no page, cannot be told; that is no fault of the channel.
        if (page.Problem is not null && page.Status is not null && !SendOutcome.MayPass(page.Status.Value))
            return SendOutcome.NotNeeded("The page cannot be read.");
        if (page.Problem is not null)
            return Answers.Of(page, clock.GetUtcNow(), _ => throw new InvalidOperationException());
        // A page that is too much to be read may still say in its headers where it takes mentions.
        var document =
            page.ContentType?.Contains("html", StringComparison.OrdinalIgnoreCase) == false
                ? null
                : page.WithPage(cancellation).Page;
        if (MentionEndpoint.Of(page.Headers.Links, page.Headers.Pingback, document, page.Address) is not { } endpoint)
            return SendOutcome.NotNeeded("The page supports neither Webmention nor Pingback.");
        return endpoint.Way == MentionWay.Webmention
            ? await MentionAsync(endpoint.Address, order, cancellation)
            : await PingAsync(endpoint.Address, order, cancellation);
    }

    /// <inheritdoc/>
    public Task<SendOutcome> TestAsync(Channel channel, CancellationToken cancellation) =>
        Task.FromResult(SendOutcome.Taken("Pages are asked one by one, when a post links to them."));

    private async Task<SendOutcome> MentionAsync(Uri endpoint, SendOrder order, CancellationToken cancellation)
    {
        var form = new Dictionary<string, string>
        {
            ["source"] = order.Facts!.Link,
            ["target"] = order.Delivery.Target,
        };
        return Answers.Of(await client.PostFormAsync(endpoint, form, cancellation), clock.GetUtcNow(), taken =>
            SendOutcome.Taken($"{taken.Status}: notified by Webmention", Answers.MadeAt(taken))
        );
    }

    private async Task<SendOutcome> PingAsync(Uri endpoint, SendOrder order, CancellationToken cancellation)
    {
        var call = new PingbackCall(order.Facts!.Link, order.Delivery.Target).Write();
        var answer = await client.SendAnyAsync(
            endpoint,
            to => new HttpRequestMessage(HttpMethod.Post, to)
            {
                Content = new StringContent(call, Encoding.UTF8, "text/xml"),
            },
            cancellation
        );
        return Answers.Of(answer, clock.GetUtcNow(), taken =>
            PingbackCall.FaultIn(Encoding.UTF8.GetString(taken.Bytes)) is { } fault
                ? SendOutcome.NotNeeded($"The page did not take it: {fault}")
                : SendOutcome.Taken("Notified by Pingback.")
        );
    }
}
