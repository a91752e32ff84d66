using System.Globalization;
using Antiphon.StandIns.Services;

namespace Antiphon.StandIns.World;

/// <summary>/hub: subscribing, and publishing something new at the star party.</summary>
internal static class HubEndpoints
{
    private const int UsualLease = 864_000;

    /// <summary>Maps the hub.</summary>
    public static void MapHub(this RouteGroupBuilder world)
    {
        world.MapGet("/hub", (Hub hub) => PlainPage.Html("Hub", $"<p>Tells {hub.Callbacks.Count} subscribers of what is new at the Moor Star Party.</p><form method=\"post\" action=\"/hub/publish\"><button>Publish something new</button></form>"));
        world.MapGet("/hub/received", (Inbox inbox) => Results.Json(inbox.Of("hub")));
        world.MapPost("/hub", SubscribeAsync).FailsAs("hub").DisableAntiforgery();
        // A hub that was moved by somebody who did not look.
        world.MapPost("/hub/circle", () => Results.Redirect("/hub/circle", permanent: false, preserveMethod: true)).DisableAntiforgery();
        world.MapPost("/hub/publish", PublishAsync).DisableAntiforgery();
    }

    private static async Task<IResult> SubscribeAsync(HttpRequest request, Hub hub, Inbox inbox, IHttpClientFactory clients)
    {
        var form = await request.ReadFormAsync();
        if (form["hub.mode"] == "publish") return await PassOnAsync(form["hub.url"].ToString(), hub, inbox, clients);
        var (mode, topic, callback) = (form["hub.mode"].ToString(), form["hub.topic"].ToString(), form["hub.callback"].ToString());
        if (mode is not ("subscribe" or "unsubscribe") || topic.Length == 0 || !Uri.TryCreate(callback, UriKind.Absolute, out _)) return Results.BadRequest("hub.mode, hub.topic and hub.callback are needed.");
        var lease = int.TryParse(form["hub.lease_seconds"], NumberStyles.None, CultureInfo.InvariantCulture, out var seconds) ? seconds : UsualLease;
        hub.Ask(mode, topic, callback, form["hub.secret"] is { Count: > 0 } secret ? secret.ToString() : null, lease);
        return Results.Accepted();
    }

    // Whoever publishes names the feed; the hub fetches it and sends it to those who asked for it.
    private static async Task<IResult> PassOnAsync(string topic, Hub hub, Inbox inbox, IHttpClientFactory clients)
    {
        if (!Uri.TryCreate(topic, UriKind.Absolute, out var address)) return Results.BadRequest("hub.url is needed.");
        using var client = clients.CreateClient();
        inbox.Take("hub", string.Empty, topic, string.Empty);
        await hub.SendAsync(topic, await client.GetStringAsync(address));
        return Results.NoContent();
    }

    private static async Task<IResult> PublishAsync(Hub hub, StandInPorts ports, Beginning beginning)
    {
        hub.Add(ports, DateTimeOffset.UtcNow);
        await hub.SendAsync($"{ports.WorldAddress}county/star-party.xml", CountyEndpoints.StarParty(ports, beginning, hub));
        return Results.Redirect("/hub");
    }
}
