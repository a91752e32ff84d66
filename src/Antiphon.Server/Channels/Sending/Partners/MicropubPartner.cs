using System.Text.Json;
using System.Text.Json.Nodes;
using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Protocols;
using Antiphon.Data.Channels;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Channels.Sending.Partners;

/// <summary>Speaks Micropub (W3C Recommendation, 23 May 2017).</summary>
internal sealed class MicropubPartner(GuardedClient client, ChannelSecrets secrets, TimeProvider clock)
    : IPartnerProtocol
{
    private const int PageSize = 100;

    private static readonly JsonSerializerOptions Readable = new()
    {
        WriteIndented = true,
        Encoder = System.Text.Encodings.Web.JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    /// <inheritdoc/>
    public PartnerProtocol Protocol => PartnerProtocol.Micropub;

    /// <inheritdoc/>
    public string Preview(SendOrder order) => JsonSerializer.Serialize(BodyOf(order), Readable);

    /// <inheritdoc/>
    public Task<Fetched> SendAsync(SendOrder order, CancellationToken cancellation) =>
        client.SendAnyAsync(
            new Uri(order.Channel.Settings.Address),
            to => Request(HttpMethod.Post, to, order.Channel, JsonContent.Create(BodyOf(order))),
            cancellation
        );

    /// <inheritdoc/>
    public SendOutcome Taken(SendOrder order, Fetched answer) =>
        SendOutcome.Taken(
            $"{answer.Status}: taken",
            Answers.MadeAt(answer) ?? (order.Delivery.Act == DeliveryAct.Publish ? null : order.Before?.ReceivedAddress)
        );

    /// <inheritdoc/>
    public Task<Fetched> AskAsync(Channel channel, CancellationToken cancellation) =>
        client.SendAnyAsync(Asking(channel, "config"), to => Request(HttpMethod.Get, to, channel, null), cancellation);

    /// <inheritdoc/>
    public bool IsSpokenBy(Fetched answer) =>
        answer.ContentType?.Contains("json", StringComparison.OrdinalIgnoreCase) == true;

    /// <inheritdoc/>
    public Task<PartnerLook> FindAsync(SendOrder order, CancellationToken cancellation) =>
        PartnerLook.ThroughAsync<string>(async after =>
        {
            var asked = Asking(
                order.Channel,
                "source",
                $"&limit={PageSize}" + (after is null ? string.Empty : $"&after={Uri.EscapeDataString(after)}")
            );
            var answer = await client.SendAnyAsync(
                asked,
                to => Request(HttpMethod.Get, to, order.Channel, null),
                cancellation
            );
            return answer.Problem is null
                ? Look(answer, order.Facts!.Link)
                : (PartnerLook.Without(answer, clock.GetUtcNow()), null);
        });

    private static JsonObject BodyOf(SendOrder order) =>
        order.Delivery.Act switch
        {
            DeliveryAct.Update => new JsonObject
            {
                ["action"] = "update",
                ["url"] = order.Before!.ReceivedAddress,
                ["replace"] = MicropubEntry.Of(order),
            },
            DeliveryAct.Withdraw => new JsonObject { ["action"] = "delete", ["url"] = order.Before!.ReceivedAddress },
            _ => new JsonObject { ["type"] = new JsonArray("h-entry"), ["properties"] = MicropubEntry.Of(order) },
        };

    // Posts are told apart by the address they come from. An answer that is not understood finds nothing.
    private static (PartnerLook? Found, string? Next) Look(Fetched answer, string canonical)
    {
        try
        {
            var page = JsonNode.Parse(answer.Bytes);
            var found = page
                ?["items"]?.AsArray()
                .FirstOrDefault(item =>
                    item?["properties"]?[MicropubEntry.Canonical]?.AsArray()
                        .Any(value => value?.ToString() == canonical) == true
                );
            return (
                found is null
                    ? null
                    : PartnerLook.Found(found["properties"]?["url"]?[0]?.ToString() ?? found["url"]?.ToString()),
                page?["paging"]?["after"]?.ToString()
            );
        }
        catch (Exception wrong) when (wrong is JsonException or InvalidOperationException)
        {
            return (null, null);
        }
    }

    private static Uri Asking(Channel channel, string what, string more = "") =>
        new(
            channel.Settings.Address
                + (channel.Settings.Address.Contains('?', StringComparison.Ordinal) ? "&q=" : "?q=")
                + what
                + more
        );

    private HttpRequestMessage Request(HttpMethod method, Uri to, Channel channel, HttpContent? content)
    {
        var request = new HttpRequestMessage(method, to) { Content = content };
        Answers.Authorize(request, secrets.Of(channel), channel.Settings.Account);
        return request;
    }
}
