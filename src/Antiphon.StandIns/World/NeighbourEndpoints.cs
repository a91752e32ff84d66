using System.Text;
using System.Text.RegularExpressions;
using Antiphon.StandIns.Services;

namespace Antiphon.StandIns.World;

/// <summary>
/// /tarn: a notebook on the web that writes about other people's posts, tells them, and is told. It can be made to
/// misbehave by what it is told to write.
/// </summary>
internal static partial class NeighbourEndpoints
{
    private const string Book = "tarn";

    /// <summary>Maps the notebook.</summary>
    public static void MapNeighbours(this RouteGroupBuilder world)
    {
        world.MapGet("/tarn/", Home);
        world.MapGet("/tarn/{number:int}", Show);
        world.MapGet("/tarn/endless", EndlessAsync);
        world.MapPost("/tarn/pages", WriteAsync).DisableAntiforgery();
        world.MapPost("/tarn/pages/{number:int}", Change).DisableAntiforgery();
        world.MapPost("/tarn/webmention", ToldAsync).FailsAs("tarn").DisableAntiforgery();
        world.MapPost("/tarn/pingback", PingedAsync).FailsAs("tarn").DisableAntiforgery();
        world.MapGet("/tarn/told", (Inbox inbox) => Results.Json(inbox.Of(Book).Select(note => note.Text)));
    }

    private static IResult Home(Neighbours pages, Inbox inbox)
    {
        var written = string.Concat(pages.All.Select(page => $"<li><a href=\"/tarn/{page.Number}\">{PlainPage.Encode(page.Kind)}: {PlainPage.Encode(page.Words)}</a>{(page.IsGone ? " (taken down)" : string.Empty)}</li>"));
        var told = string.Concat(inbox.Of(Book).Select(note => $"<li>{PlainPage.Encode(note.Text)}</li>"));
        const string Form = """
            <form method="post" action="/tarn/pages"><p><label>About <input name="target" type="url" required size="50"></label></p>
            <p><label>Kind <select name="kind"><option>answer</option><option>link</option><option>like</option><option>repost</option><option>plain</option><option>none</option></select></label>
            <label>Told by <select name="way"><option>webmention</option><option>pingback</option><option>trackback</option></select></label></p>
            <p><textarea name="words" rows="3"></textarea></p><button>Write and tell</button></form>
            """;
        return PlainPage.Html("Tarn Lane Notebook", $"<p>Notes of Oswin Pell, who walks at night.</p>{Form}<h2>Written</h2><ul>{written}</ul><h2>Told by others</h2><ul>{told}</ul>");
    }

    private static IResult Show(int number, Neighbours pages, StandInPorts ports)
    {
        if (pages.Find(number) is not { } page) return Results.NotFound();
        if (page.IsGone) return Results.StatusCode(StatusCodes.Status410Gone);
        var (target, words) = (PlainPage.Encode(page.Target), PlainPage.Encode(page.Words));
        var head = $"<link rel=\"webmention\" href=\"{ports.WorldAddress}tarn/webmention\"><link rel=\"pingback\" href=\"{ports.WorldAddress}tarn/pingback\">";
        var author = $"<a class=\"p-author h-card\" href=\"{ports.WorldAddress}tarn/\">{PlainPage.Encode(page.Author)}</a>";
        return PlainPage.Html("Tarn Lane Notebook", page.Kind switch
        {
            "none" => $"<p>{words}</p>",
            "plain" => $"<p>{words} <a href=\"{target}\">Read it there</a>.</p>",
            "link" => $"<article class=\"h-entry\"><h2 class=\"p-name\">What I read this week</h2><div class=\"e-content\"><p>{words} <a href=\"{target}\">The post</a>.</p></div>{author}</article>",
            var kind => $"<article class=\"h-entry\"><a class=\"u-{Property(kind)}\" href=\"{target}\">a post</a><div class=\"e-content\"><p>{words}</p></div>{author} <time class=\"dt-published\" datetime=\"2026-11-20T21:30:00Z\">20 November</time></article>",
        }, head);
    }

    private static string Property(string kind) => kind switch { "like" => "like-of", "repost" => "repost-of", _ => "in-reply-to" };

    private static async Task<IResult> WriteAsync(HttpRequest request, Neighbours pages, StandInPorts ports, IHttpClientFactory clients)
    {
        var form = await request.ReadFormAsync();
        var name = form["author"] is { Count: > 0 } author ? author.ToString() : "Oswin Pell";
        var page = pages.Add(number => new NeighbourPage(number, form["kind"].ToString(), form["target"].ToString(), form["words"].ToString(), name)).Page;
        var said = await TellAsync(page, form["way"].ToString(), ports, clients);
        return request.Headers.Accept.ToString().Contains("json", StringComparison.Ordinal) ? Results.Json(new { page.Number, said }) : Results.Redirect("/tarn/");
    }

    private static async Task<IResult> Change(int number, HttpRequest request, Neighbours pages, StandInPorts ports, IHttpClientFactory clients)
    {
        if (pages.Find(number) is not { } page) return Results.NotFound();
        var form = await request.ReadFormAsync();
        pages.Change(form["gone"].ToString() == "true" ? page with { IsGone = true } : page with { Words = form["words"].ToString(), Kind = form["kind"] is { Count: > 0 } kind ? kind.ToString() : page.Kind });
        return Results.Json(new { said = await TellAsync(page, "webmention", ports, clients) });
    }

    private static async Task<string> TellAsync(NeighbourPage page, string way, StandInPorts ports, IHttpClientFactory clients)
    {
        using var client = clients.CreateClient();
        var html = await client.GetStringAsync(page.Target);
        var source = $"{ports.WorldAddress}tarn/{page.Number}";
        if (Endpoint(html, way) is not { } endpoint) return "The page takes none.";
        using var content = way switch
        {
            "pingback" => (HttpContent)new StringContent($"<?xml version=\"1.0\"?><methodCall><methodName>pingback.ping</methodName><params><param><value><string>{source}</string></value></param><param><value><string>{PlainPage.Encode(page.Target)}</string></value></param></params></methodCall>", Encoding.UTF8, "text/xml"),
            "trackback" => new FormUrlEncodedContent(new Dictionary<string, string> { ["url"] = source, ["title"] = "Tarn Lane Notebook" }),
            _ => new FormUrlEncodedContent(new Dictionary<string, string> { ["source"] = source, ["target"] = page.Target }),
        };
        using var answer = await client.PostAsync(endpoint, content);
        return $"{(int)answer.StatusCode} {await answer.Content.ReadAsStringAsync()}";
    }

    private static string? Endpoint(string html, string way) => LinkPattern().Matches(html).FirstOrDefault(link => link.Groups[1].Value == way)?.Groups[2].Value;

    [GeneratedRegex("<link rel=\"([a-z]+)\" href=\"([^\"]+)\"")]
    private static partial Regex LinkPattern();

    private static async Task<IResult> ToldAsync(HttpRequest request, Inbox inbox)
    {
        var form = await request.ReadFormAsync();
        inbox.Take(Book, string.Empty, $"{form["source"]} -> {form["target"]}", "webmention");
        return Results.StatusCode(StatusCodes.Status202Accepted);
    }

    private static async Task<IResult> PingedAsync(HttpRequest request, Inbox inbox)
    {
        using var reader = new StreamReader(request.Body);
        inbox.Take(Book, string.Empty, await reader.ReadToEndAsync(), "pingback");
        return Results.Text("<?xml version=\"1.0\"?><methodResponse><params><param><value><string>Thank you.</string></value></param></params></methodResponse>", "text/xml");
    }

    // A page of more than anybody reads.
    private static async Task EndlessAsync(HttpContext http)
    {
        http.Response.ContentType = "text/html";
        var chunk = Encoding.ASCII.GetBytes(new string('x', 64_000));
        while (!http.RequestAborted.IsCancellationRequested) await http.Response.Body.WriteAsync(chunk, http.RequestAborted);
    }
}
