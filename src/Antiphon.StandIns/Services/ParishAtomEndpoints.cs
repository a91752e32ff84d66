using System.Text;
using System.Text.Json.Nodes;
using System.Xml.Linq;

namespace Antiphon.StandIns.Services;

/// <summary>
/// /parish/atom: the same paper for older programs, which bring posts by the Atom Publishing Protocol (RFC 5023), with
/// the name "parish" and its token as password.
/// </summary>
internal static class ParishAtomEndpoints
{
    private const int PageSize = 20;
    private static readonly XNamespace Atom = "http://www.w3.org/2005/Atom";
    private static readonly XNamespace App = "http://www.w3.org/2007/app";

    /// <summary>Maps it.</summary>
    public static void MapParishAtom(this RouteGroupBuilder world)
    {
        world.MapGet("/parish/atom/service", (HttpRequest request) =>
            Xml(
                new XElement(
                    App + "service",
                    new XElement(
                        App + "workspace",
                        new XElement(Atom + "title", "Fellside Parish Paper"),
                        new XElement(
                            App + "collection",
                            new XAttribute("href", $"{Root(request)}/parish/atom/posts"),
                            new XElement(Atom + "title", "Posts")
                        )
                    )
                ),
                "application/atomsvc+xml"
            )
        );
        world.MapGet("/parish/atom/posts", List);
        world.MapPost("/parish/atom/posts", TakeAsync).DisableAntiforgery();
        world.MapGet("/parish/atom/posts/{number:int}", (int number, HttpRequest request, Inbox inbox) => !IsKnown(
                request
            )
                ? Results.Unauthorized()
            : Find(number, inbox) is { } one ? Entry(request, one)
            : Results.NotFound());
        world.MapPut("/parish/atom/posts/{number:int}", PutAsync).DisableAntiforgery();
        world.MapDelete("/parish/atom/posts/{number:int}", Remove).DisableAntiforgery();
    }

    private static IResult List(int? before, HttpRequest request, Inbox inbox)
    {
        if (!IsKnown(request))
            return Results.Unauthorized();
        var found = inbox
            .Of(ParishEndpoints.Name)
            .Where(received => !received.IsGone && (before is null || received.Number < before))
            .Take(PageSize + 1)
            .ToList();
        var feed = new XElement(
            Atom + "feed",
            new XElement(Atom + "title", "Fellside Parish Paper"),
            new XElement(Atom + "id", $"{Root(request)}/parish/atom/posts"),
            new XElement(Atom + "updated", DateTimeOffset.UtcNow),
            found.Take(PageSize).Select(received => Written(request, received))
        );
        if (found.Count > PageSize)
            feed.AddFirst(Link("next", $"{Root(request)}/parish/atom/posts?before={found[PageSize - 1].Number}"));
        return Xml(feed, "application/atom+xml;type=feed");
    }

    private static async Task<IResult> TakeAsync(HttpContext http, Inbox inbox, Faults faults)
    {
        if (!IsKnown(http.Request))
            return Results.Unauthorized();
        var mode = faults.Now(ParishEndpoints.Name);
        if (await Faults.BeforeAsync(mode, http) is { } instead)
            return instead;
        if (await ReadAsync(http.Request) is not { } entry)
            return Results.Text("An entry is wanted.", statusCode: StatusCodes.Status400BadRequest);
        // Nothing here tells repeats apart: who sends twice is printed twice.
        var (page, _) = inbox.Take(ParishEndpoints.Name, string.Empty, TitleOf(entry), BodyOf(entry));
        if (await Faults.AfterAsync(mode, http) is { } late)
            return late;
        http.Response.Headers.Location = EditOf(http.Request, page);
        return Entry(http.Request, page, StatusCodes.Status201Created);
    }

    private static async Task<IResult> PutAsync(int number, HttpContext http, Inbox inbox, Faults faults)
    {
        if (!IsKnown(http.Request))
            return Results.Unauthorized();
        var mode = faults.Now(ParishEndpoints.Name);
        if (await Faults.BeforeAsync(mode, http) is { } instead)
            return instead;
        if (Find(number, inbox) is not { } one)
            return Results.NotFound();
        if (await ReadAsync(http.Request) is not { } entry)
            return Results.Text("An entry is wanted.", statusCode: StatusCodes.Status400BadRequest);
        inbox.Change(one with { Text = TitleOf(entry), Body = BodyOf(entry) });
        return await Faults.AfterAsync(mode, http) ?? Results.NoContent();
    }

    private static IResult Remove(int number, HttpRequest request, Inbox inbox)
    {
        if (!IsKnown(request))
            return Results.Unauthorized();
        if (Find(number, inbox) is not { } one)
            return Results.NotFound();
        inbox.Change(one with { IsGone = true });
        return Results.NoContent();
    }

    private static Received? Find(int number, Inbox inbox) =>
        inbox.Find(number) is { Service: ParishEndpoints.Name, IsGone: false } one ? one : null;

    private static async Task<XElement?> ReadAsync(HttpRequest request)
    {
        try
        {
            var root = (
                await XDocument.LoadAsync(request.Body, LoadOptions.None, request.HttpContext.RequestAborted)
            ).Root;
            return
                root?.Name == Atom + "entry"
                && root.Element(Atom + "id") is not null
                && root.Element(Atom + "updated") is not null
                ? root
                : null;
        }
        catch (System.Xml.XmlException)
        {
            return null;
        }
    }

    private static string TitleOf(XElement entry) =>
        entry.Element(Atom + "title")?.Value is { Length: > 0 } title ? title : "Untitled";

    // The paper keeps one form of everything, whichever way it came.
    private static string BodyOf(XElement entry)
    {
        var properties = new JsonObject
        {
            ["name"] = new JsonArray(TitleOf(entry)),
            ["content"] = new JsonArray(new JsonObject { ["html"] = entry.Element(Atom + "content")?.Value }),
            ["id"] = new JsonArray(entry.Element(Atom + "id")!.Value),
        };
        if (
            entry
                .Elements(Atom + "link")
                .FirstOrDefault(link => (string?)link.Attribute("rel") == "canonical")
                ?.Attribute("href")
                ?.Value is
            { } canonical
        )
            properties["canonical"] = new JsonArray(canonical);
        if (entry.Element(Atom + "author")?.Element(Atom + "name")?.Value is { } author)
            properties["author"] = new JsonArray(author);
        return properties.ToJsonString();
    }

    private static XElement Written(HttpRequest request, Received one)
    {
        var properties = JsonNode.Parse(one.Body)!;
        var page = $"{Root(request)}/parish/posts/{one.Number}";
        var entry = new XElement(
            Atom + "entry",
            new XElement(Atom + "id", page),
            new XElement(Atom + "title", one.Text),
            new XElement(Atom + "updated", one.At),
            Link("alternate", page),
            Link("edit", EditOf(request, one))
        );
        if (properties["canonical"]?[0]?.ToString() is { } canonical)
            entry.Add(Link("canonical", canonical));
        return entry;
    }

    private static IResult Entry(HttpRequest request, Received one, int status = StatusCodes.Status200OK) =>
        Xml(Written(request, one), "application/atom+xml;type=entry", status);

    private static XElement Link(string relation, string address) =>
        new(Atom + "link", new XAttribute("rel", relation), new XAttribute("href", address));

    private static string EditOf(HttpRequest request, Received one) =>
        $"{Root(request)}/parish/atom/posts/{one.Number}";

    private static string Root(HttpRequest request) => $"{request.Scheme}://{request.Host}";

    private static IResult Xml(XElement root, string type, int status = StatusCodes.Status200OK) =>
        Results.Text(root.ToString(), type, Encoding.UTF8, status);

    private static bool IsKnown(HttpRequest request) =>
        request.Headers.Authorization
        == "Basic " + Convert.ToBase64String(Encoding.UTF8.GetBytes($"{ParishEndpoints.Name}:{ParishEndpoints.Token}"));
}
