using System.Security.Cryptography;
using System.Text;

namespace Antiphon.StandIns.Services;

/// <summary>
/// /bell: rings for whatever it is told, where the message is signed (Standard Webhooks) with "bell-secret" and not
/// known yet.
/// </summary>
internal static class BellEndpoints
{
    private const string Secret = "bell-secret";
    private const string Name = "bell";
    private const int MostSecondsApart = 300;

    /// <summary>Maps it.</summary>
    public static void MapBell(this RouteGroupBuilder world)
    {
        world.MapGet("/bell/", (Inbox inbox) =>
            PlainPage.Html(
                "The bell",
                "<p>Rings once for each message.</p>"
                    + string.Concat(
                        inbox
                            .Of(Name)
                            .Select(received =>
                                $"<article><b>{PlainPage.Encode(received.Text)}</b> <small>{received.At:HH:mm:ss}{(received.Repeats > 0 ? $", came {received.Repeats + 1} times" : string.Empty)}</small><pre style=\"white-space:pre-wrap\">{PlainPage.Encode(received.Body)}</pre></article>"
                            )
                    )
            )
        );
        world.MapPost("/bell/", TakeAsync).DisableAntiforgery();
        world.MapGet("/bell/received", (Inbox inbox) => Results.Json(inbox.Of(Name)));
    }

    private static async Task<IResult> TakeAsync(HttpContext http, Inbox inbox, Faults faults)
    {
        using var reader = new StreamReader(http.Request.Body);
        var (body, headers) = (await reader.ReadToEndAsync(), http.Request.Headers);
        var (id, time) = (headers["webhook-id"].ToString(), headers["webhook-timestamp"].ToString());
        var wanted =
            "v1,"
            + Convert.ToBase64String(
                HMACSHA256.HashData(Encoding.UTF8.GetBytes(Secret), Encoding.UTF8.GetBytes($"{id}.{time}.{body}"))
            );
        if (!headers["webhook-signature"].ToString().Split(' ').Contains(wanted))
            return Results.Text("The signature does not fit.", statusCode: StatusCodes.Status401Unauthorized);
        if (
            !long.TryParse(time, out var sent)
            || Math.Abs(DateTimeOffset.UtcNow.ToUnixTimeSeconds() - sent) > MostSecondsApart
        )
            return Results.Text("This is a replay.", statusCode: StatusCodes.Status400BadRequest);
        var mode = faults.Now(Name);
        if (await Faults.BeforeAsync(mode, http) is { } instead)
            return instead;
        inbox.Take(Name, id, System.Text.Json.Nodes.JsonNode.Parse(body)?["event"]?.ToString() ?? string.Empty, body);
        return await Faults.AfterAsync(mode, http) ?? Results.NoContent();
    }
}
