using System.Net.Http.Json;
using System.Text.Json;
using System.Text.Json.Nodes;
using Antiphon.Core.Syndication.Channels;
using Antiphon.Data.Entities.Syndication;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Channels.Sending;

/// <summary>Sends posts to partner sites by Micropub. Micropub knows no keys for repeats, so before one the partner is asked for its latest posts.</summary>
internal sealed class PartnerSender(GuardedClient client, PartnerEntry entries, ChannelSecrets secrets, TimeProvider clock) : IChannelSender
{
    private const int PageSize = 100;

    // A thousand posts back nobody looks for a delivery that was interrupted.
    private const int MostPages = 10;

    private static readonly JsonSerializerOptions Readable = new() { WriteIndented = true, Encoder = System.Text.Encodings.Web.JavaScriptEncoder.UnsafeRelaxedJsonEscaping };

    /// <inheritdoc/>
    public ChannelKind Kind => ChannelKind.Partner;

    /// <inheritdoc/>
    public string Preview(SendOrder order) => JsonSerializer.Serialize(BodyOf(order), Readable);

    /// <inheritdoc/>
    public async Task<SendOutcome> SendAsync(SendOrder order, CancellationToken cancellation)
    {
        if (order.Delivery.Act is DeliveryAct.Update or DeliveryAct.Withdraw && order.Before?.ReceivedAddress is null) return SendOutcome.NotNeeded("The partner did not say where the post stands.");
        if (order.Delivery.Act == DeliveryAct.Publish && order.IsRepeat)
        {
            var (known, isUnsure) = await FindAsync(order, cancellation);
            if (known is not null) return SendOutcome.Taken("The partner has it already.", known);
            if (isUnsure is { } unsure) return unsure;
        }

        var answer = await client.SendAnyAsync(new Uri(order.Channel.Settings.Address), to => Request(HttpMethod.Post, to, order.Channel, JsonContent.Create(BodyOf(order))), cancellation);
        // A post that is not there any more cannot be changed, and needs no deleting.
        if (order.Delivery.Act == DeliveryAct.Withdraw && answer.Status is 404 or 410) return SendOutcome.Taken("It was gone already.");
        return Answers.Of(answer, clock.GetUtcNow(), taken => SendOutcome.Taken($"{taken.Status}: taken", order.Delivery.Act == DeliveryAct.Publish ? Answers.MadeAt(taken) : Answers.MadeAt(taken) ?? order.Before?.ReceivedAddress));
    }

    /// <inheritdoc/>
    public async Task<SendOutcome> TestAsync(Channel channel, CancellationToken cancellation)
    {
        var answer = await client.SendAnyAsync(Asking(channel, "config"), to => Request(HttpMethod.Get, to, channel, null), cancellation);
        return Answers.Of(answer, clock.GetUtcNow(), _ => SendOutcome.Taken("The partner knows us."));
    }

    private JsonObject BodyOf(SendOrder order) => order.Delivery.Act switch
    {
        DeliveryAct.Update => new JsonObject { ["action"] = "update", ["url"] = order.Before!.ReceivedAddress, ["replace"] = entries.Of(order) },
        DeliveryAct.Withdraw => new JsonObject { ["action"] = "delete", ["url"] = order.Before!.ReceivedAddress },
        _ => new JsonObject { ["type"] = new JsonArray("h-entry"), ["properties"] = entries.Of(order) },
    };

    // The latest posts of the partner, page by page, told apart by the address they come from.
    private async Task<(string? Address, SendOutcome? Unsure)> FindAsync(SendOrder order, CancellationToken cancellation)
    {
        var after = string.Empty;
        for (var page = 0; page < MostPages; page++)
        {
            var asked = Asking(order.Channel, "source", $"&limit={PageSize}" + (after.Length == 0 ? string.Empty : $"&after={Uri.EscapeDataString(after)}"));
            var answer = await client.SendAnyAsync(asked, to => Request(HttpMethod.Get, to, order.Channel, null), cancellation);
            // A partner that cannot be asked can at least be told; one that cannot be reached cannot.
            if (answer.Problem is not null) return (null, answer.Status is 400 or 404 or 501 ? null : Answers.Of(answer, clock.GetUtcNow(), _ => throw new InvalidOperationException()));
            var (found, next) = Look(answer, order.Facts!.Link);
            if (found is not null || next is null) return (found, null);
            after = next;
        }

        return (null, null);
    }

    // An answer that is not understood finds nothing.
    private static (string? Address, string? Next) Look(Fetched answer, string canonical)
    {
        try
        {
            var page = JsonNode.Parse(answer.Bytes);
            var found = page?["items"]?.AsArray().FirstOrDefault(item => item?["properties"]?[PartnerEntry.Canonical]?.AsArray().Any(value => value?.ToString() == canonical) == true);
            return (found?["properties"]?["url"]?[0]?.ToString() ?? found?["url"]?.ToString(), page?["paging"]?["after"]?.ToString());
        }
        catch (Exception wrong) when (wrong is JsonException or InvalidOperationException)
        {
            return (null, null);
        }
    }

    private static Uri Asking(Channel channel, string what, string more = "") => new(channel.Settings.Address + (channel.Settings.Address.Contains('?', StringComparison.Ordinal) ? "&q=" : "?q=") + what + more);

    private HttpRequestMessage Request(HttpMethod method, Uri to, Channel channel, HttpContent? content)
    {
        var request = new HttpRequestMessage(method, to) { Content = content };
        Answers.Authorize(request, secrets.Of(channel));
        return request;
    }
}
