using System.Globalization;

namespace Antiphon.StandIns.World;

/// <summary>/hub: subscribing, and publishing something new at the star party.</summary>
internal static class HubEndpoints
{
    private const int UsualLease = 864_000;

    /// <summary>Maps the hub.</summary>
    public static void MapHub(this RouteGroupBuilder world)
    {
        world.MapGet("/hub", (Hub hub) => PlainPage.Html("Hub", $"<p>Tells {hub.Callbacks.Count} subscribers of what is new at the Moor Star Party.</p><form method=\"post\" action=\"/hub/publish\"><button>Publish something new</button></form>"));
        world.MapPost("/hub", SubscribeAsync).DisableAntiforgery();
        world.MapPost("/hub/publish", PublishAsync).DisableAntiforgery();
    }

    private static async Task<IResult> SubscribeAsync(HttpRequest request, Hub hub)
    {
        var form = await request.ReadFormAsync();
        var (mode, topic, callback) = (form["hub.mode"].ToString(), form["hub.topic"].ToString(), form["hub.callback"].ToString());
        if (mode is not ("subscribe" or "unsubscribe") || topic.Length == 0 || !Uri.TryCreate(callback, UriKind.Absolute, out _)) return Results.BadRequest("hub.mode, hub.topic and hub.callback are needed.");
        var lease = int.TryParse(form["hub.lease_seconds"], NumberStyles.None, CultureInfo.InvariantCulture, out var seconds) ? seconds : UsualLease;
        hub.Ask(mode, topic, callback, form["hub.secret"] is { Count: > 0 } secret ? secret.ToString() : null, lease);
        return Results.Accepted();
    }

    private static async Task<IResult> PublishAsync(Hub hub, StandInPorts ports, NoteBook notes)
    {
        hub.Add(ports, DateTimeOffset.UtcNow);
        await hub.SendAsync($"{ports.WorldAddress}county/star-party.xml", CountyEndpoints.StarParty(ports, notes, hub));
        return Results.Redirect("/hub");
    }
}
