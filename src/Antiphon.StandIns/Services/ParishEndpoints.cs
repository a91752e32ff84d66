using System.Text.Json.Nodes;

namespace Antiphon.StandIns.Services;

/// <summary>
/// /parish: the Fellside Parish Paper, a partner site that takes posts by Micropub (W3C) and shows them with their
/// canonical address.
/// </summary>
internal static class ParishEndpoints
{
    /// <summary>What partners name themselves with.</summary>
    public const string Token = "parish-token";

    /// <summary>Name of the service.</summary>
    public const string Name = "parish";

    private const string Offers =
        "<link rel=\"micropub\" href=\"/parish/micropub\"><link rel=\"service\" type=\"application/atomsvc+xml\" href=\"/parish/atom/service\">";
    private const int UsualPage = 20;
    private const int MostInPage = 100;

    /// <summary>Maps it.</summary>
    public static void MapParish(this RouteGroupBuilder world)
    {
        world.MapGet("/parish/", (Inbox inbox) =>
            PlainPage.Html(
                "Fellside Parish Paper",
                "<p>News from between the two bridges</p>"
                    + string.Concat(
                        inbox
                            .Of(Name)
                            .Where(received => !received.IsGone)
                            .Select(received =>
                                $"<article><h2><a href=\"/parish/posts/{received.Number}\">{PlainPage.Encode(received.Text)}</a></h2></article>"
                            )
                    ),
                Offers
            )
        );
        world.MapGet("/parish/posts/{number:int}", Show);
        world.MapGet("/parish/micropub", Ask);
        world.MapPost("/parish/micropub", TakeAsync).DisableAntiforgery();
        world.MapGet("/parish/received", (Inbox inbox) => Results.Json(inbox.Of(Name)));
    }

    private static IResult Show(int number, Inbox inbox)
    {
        if (inbox.Find(number) is not { Service: Name } one)
            return Results.NotFound();
        if (one.IsGone)
            return Results.StatusCode(StatusCodes.Status410Gone);
        var properties = JsonNode.Parse(one.Body)!;
        var canonical = properties["canonical"]?[0]?.ToString();
        // What a partner sends is trusted here, as partners are known to each other.
        return PlainPage.Html(
            one.Text,
            $"<p><a href=\"/parish/\">Fellside Parish Paper</a> · <small>{PlainPage.Encode(properties["author"]?[0]?.ToString())}</small></p>{properties["content"]?[0]?["html"]}",
            canonical is null ? string.Empty : $"<link rel=\"canonical\" href=\"{PlainPage.Encode(canonical)}\">"
        );
    }

    private static IResult Ask(string? q, int? limit, int? after, HttpRequest request, Inbox inbox)
    {
        if (!IsKnown(request))
            return Results.Unauthorized();
        if (q == "config")
            return Results.Json(new { });
        if (q != "source")
            return Results.BadRequest(new { error = "invalid_request" });
        var found = inbox
            .Of(Name)
            .Where(received => !received.IsGone && (after is null || received.Number < after))
            .Take(Math.Clamp(limit ?? UsualPage, 1, MostInPage) + 1)
            .ToList();
        var isMore = found.Count > Math.Clamp(limit ?? UsualPage, 1, MostInPage);
        if (isMore)
            found.RemoveAt(found.Count - 1);
        var items = found.Select(received =>
        {
            var properties = JsonNode.Parse(received.Body)!.AsObject();
            properties["url"] = new JsonArray(AddressOf(request, received));
            return new JsonObject { ["type"] = new JsonArray("h-entry"), ["properties"] = properties };
        });
        var page = new JsonObject { ["items"] = new JsonArray([.. items]) };
        if (isMore)
            page["paging"] = new JsonObject { ["after"] = found[^1].Number };
        return Results.Json(page);
    }

    private static async Task<IResult> TakeAsync(HttpContext http, Inbox inbox, Faults faults)
    {
        if (!IsKnown(http.Request))
            return Results.Unauthorized();
        var mode = faults.Now(Name);
        if (await Faults.BeforeAsync(mode, http) is { } instead)
            return instead;
        var body = (await JsonNode.ParseAsync(http.Request.Body))!;
        var answer = body["action"]?.ToString() is { } action
            ? Change(action, body, inbox)
            : Create(body, http.Request, inbox);
        return await Faults.AfterAsync(mode, http) ?? answer;
    }

    private static IResult Create(JsonNode body, HttpRequest request, Inbox inbox)
    {
        if (body["type"]?[0]?.ToString() != "h-entry" || body["properties"] is not { } properties)
            return Results.BadRequest(new { error = "invalid_request" });
        // Nothing here tells repeats apart: who sends twice is printed twice.
        var (page, _) = inbox.Take(
            Name,
            string.Empty,
            properties["name"]?[0]?.ToString() ?? "Untitled",
            properties.ToJsonString()
        );
        return Results.Created(AddressOf(request, page), null);
    }

    private static IResult Change(string action, JsonNode body, Inbox inbox)
    {
        if (
            !int.TryParse(body["url"]?.ToString().Split('/')[^1], out var number)
            || inbox.Find(number) is not { Service: Name } one
        )
            return Results.NotFound();
        if (action == "delete")
        {
            inbox.Change(one with { IsGone = true });
            return Results.NoContent();
        }

        var properties = JsonNode.Parse(one.Body)!.AsObject();
        foreach (var (name, value) in body["replace"]?.AsObject() ?? [])
            properties[name] = value?.DeepClone();
        inbox.Change(
            one with
            {
                Body = properties.ToJsonString(),
                Text = properties["name"]?[0]?.ToString() ?? one.Text,
            }
        );
        return Results.NoContent();
    }

    private static string AddressOf(HttpRequest request, Received one) =>
        $"{request.Scheme}://{request.Host}/parish/posts/{one.Number}";

    private static bool IsKnown(HttpRequest request) => request.Headers.Authorization == $"Bearer {Token}";
}
