using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;

namespace Antiphon.Server.Tests.Channels;

/// <summary>Channels of a site, set up as an owner does.</summary>
internal sealed class ChannelTalk(AntiphonHost host, OutsideWorld world)
{
    /// <summary>Adds a channel to a service; "change" alters its settings.</summary>
    public async Task<long> AddAsync(
        string kind,
        string service,
        string? secret,
        object? change = null,
        int older = 0
    ) =>
        (
            await host.Owner.PostJsonAsync($"{host.Api}channels/set-up", Request(kind, service, secret, change, older))
        ).Number("id");

    /// <summary>Lantern with its token.</summary>
    public Task<long> LanternAsync(object? change = null, int older = 0) =>
        AddAsync("social", "lantern/api/posts", "lantern-token", change, older);

    /// <summary>What such a request says.</summary>
    public Dictionary<string, object?> Request(
        string kind,
        string service,
        string? secret,
        object? change = null,
        int older = 0
    )
    {
        var settings = new Dictionary<string, object?>
        {
            ["address"] = kind == "pings" ? "" : new Uri(world.World, service).AbsoluteUri,
            ["choice"] = new
            {
                blogs = Array.Empty<long>(),
                categories = Array.Empty<string>(),
                tags = Array.Empty<string>(),
                authors = Array.Empty<string>(),
                featuredOnly = false,
            },
            ["when"] = "atOnce",
            ["timing"] = new { delayMinutes = 0, spacingMinutes = 0 },
            ["template"] = "{title} {link}",
        };
        foreach (var property in change?.GetType().GetProperties() ?? [])
            settings[property.Name] = property.GetValue(change);
        return new Dictionary<string, object?>
        {
            ["kind"] = kind,
            ["name"] = $"{kind} of the test",
            ["settings"] = settings,
            ["secret"] = secret,
            ["older"] = older,
        };
    }

    /// <summary>The delivery of a post by a channel once it stands somewhere.</summary>
    public Task<Json> DeliveryAsync(long channel, string title, string state, string act = "publish") =>
        Eventually.IsAsync(
            $"{act} of {title} {state}",
            async () =>
                (await TimeLineAsync()).FirstOrDefault(one =>
                    one.Number("channelId") == channel
                    && one.Text("title") == title
                    && one.Text("act") == act
                    && one.Text("state") == state
                )!,
            found => found is not null
        );

    /// <summary>Everything on the time line.</summary>
    public async Task<IReadOnlyList<Json>> TimeLineAsync() =>
        (
            await host.Owner.GetJsonAsync(
                $"{host.Api}channels/deliveries?from=2020-01-01T00:00:00Z&until=2030-01-01T00:00:00Z"
            )
        ).Items("items");

    /// <summary>A delivery with its attempts.</summary>
    public Task<Json> OpenAsync(Json delivery) =>
        host.Owner.GetJsonAsync($"{host.Api}channels/deliveries/{delivery.Number("id")}");

    /// <summary>What a service took whose text starts so.</summary>
    public async Task<IReadOnlyList<TakenThing>> TakenAsync(string service, string start) =>
        [.. (await world.TakenAsync(service)).Where(one => one.Text.StartsWith(start, StringComparison.Ordinal))];

    /// <summary>A channel as the list tells of it.</summary>
    public async Task<Json> ChannelAsync(long id) =>
        (await host.Owner.GetJsonAsync($"{host.Api}channels/set-up")).Items().Single(item => item.Number("id") == id);

    /// <summary>Changes settings of a channel.</summary>
    public async Task ChangeAsync(long id, string kind, string service, object change) =>
        await host.Owner.PutJsonAsync($"{host.Api}channels/set-up/{id}", Request(kind, service, null, change));

    /// <summary>Saves a post with another status and text.</summary>
    public Task<Json> SaveAsync(Json post, string status, string body) =>
        host.Owner.PutJsonAsync(
            $"{host.Api}posts/{post.Number("id")}",
            new
            {
                blogId = host.Blog,
                title = post.Text("title"),
                bodyHtml = body,
                status,
                revision = post.Number("revision"),
            }
        );

    /// <summary>A title nothing else has.</summary>
    public static string Unique(string title) => $"{title} {Guid.NewGuid():N}"[..40];
}
