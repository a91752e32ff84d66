namespace Antiphon.StandIns.Services;

/// <summary>
/// /lantern: a network of short posts. It counts what readers see as characters, links at twenty-three, and takes 500
/// of them with a token.
/// </summary>
internal static class LanternEndpoints
{
    private const string Token = "lantern-token";
    private const string Name = "lantern";
    private static readonly (string Path, string Name)[] Acts = [("likes", "Like"), ("passed-on", "Pass on")];

    /// <summary>Maps it.</summary>
    public static void MapLantern(this RouteGroupBuilder world)
    {
        world.MapGet("/lantern/", Home);
        world.MapGet("/lantern/posts/{number:int}", Show);
        world
            .MapPost("/lantern/posts/{number:int}/{what:regex(^(answers|likes|passed-on)$)}", ReactAsync)
            .DisableAntiforgery();
        world.MapGet("/lantern/new", (string? text) =>
            PlainPage.Html(
                "A new note",
                $"<p>Whoever has a lamp here would send this:</p><textarea rows=\"6\" cols=\"60\">{PlainPage.Encode(text)}</textarea>"
            )
        );
        world.MapDelete("/lantern/posts/{number:int}", Remove).DisableAntiforgery();
        world.MapGet("/lantern/api/posts", (HttpRequest request) =>
            IsKnown(request) ? Results.Json(new { account = "@quillmoor" }) : Results.Unauthorized()
        );
        world.MapPost("/lantern/api/posts", TakeAsync).DisableAntiforgery();
        world.MapGet("/lantern/received", (Inbox inbox) => Results.Json(inbox.Of(Name)));
    }

    private static IResult Home(Inbox inbox) =>
        PlainPage.Html(
            "Lantern",
            "<p>Short words in the dark</p>"
                + string.Concat(inbox.Of(Name).Where(received => !received.IsGone).Select(Article))
        );

    private static IResult Show(int number, HttpRequest request, Inbox inbox)
    {
        if (inbox.Find(number) is not { Service: Name } one)
            return Results.NotFound();
        if (one.IsGone)
            return Results.StatusCode(StatusCodes.Status410Gone);
        if (request.Headers.Accept == "application/json")
            return IsKnown(request)
                ? Results.Json(
                    new
                    {
                        answers = one.Answers.Count,
                        likes = one.Likes,
                        passedOn = one.PassedOn,
                    }
                )
                : Results.Unauthorized();
        var acts = string.Concat(
            Acts.Select(act =>
                $"<form method=\"post\" style=\"display:inline\" action=\"/lantern/posts/{number}/{act.Path}\"><button>{act.Name}</button></form> "
            )
        );
        var answer =
            $"<form method=\"post\" action=\"/lantern/posts/{number}/answers\"><p><label>Answer <input name=\"text\" required></label> <button>Send</button></p></form>";
        return PlainPage.Html(
            "Lantern",
            Article(one)
                + acts
                + answer
                + string.Concat(one.Answers.Select(text => $"<article>{PlainPage.Encode(text)}</article>"))
        );
    }

    // Readers of the network answer, like and pass on.
    private static async Task<IResult> ReactAsync(int number, string what, HttpRequest request, Inbox inbox)
    {
        if (inbox.Find(number) is not { Service: Name, IsGone: false } one)
            return Results.NotFound();
        var text = request.HasFormContentType ? (await request.ReadFormAsync())["text"].ToString() : string.Empty;
        inbox.Change(
            what switch
            {
                "likes" => one with { Likes = one.Likes + 1 },
                "passed-on" => one with { PassedOn = one.PassedOn + 1 },
                _ => one with { Answers = [.. one.Answers, text] },
            }
        );
        return Results.Redirect($"/lantern/posts/{number}");
    }

    private static string Article(Received one) =>
        $"<article><b>@quillmoor</b><p style=\"white-space:pre-line\">{PlainPage.Encode(one.Text)}</p>{(one.Picture.Length == 0 ? string.Empty : $"<img src=\"{PlainPage.Encode(one.Picture)}\" alt=\"{PlainPage.Encode(one.Alt)}\">")}<small>{one.At:yyyy-MM-dd HH:mm}, {one.Answers.Count} answers, {one.Likes} likes, passed on {one.PassedOn} times</small></article>";

    private static async Task<IResult> TakeAsync(LanternPost post, HttpContext http, Inbox inbox, Faults faults)
    {
        if (!IsKnown(http.Request))
            return Results.Unauthorized();
        var mode = faults.Now(Name);
        if (await Faults.BeforeAsync(mode, http) is { } instead)
            return instead;
        if (string.IsNullOrWhiteSpace(post.Text) || LanternCount.Of(post.Text) > LanternCount.Most)
            return Results.Text(
                $"A post has 1 to {LanternCount.Most} characters.",
                statusCode: StatusCodes.Status422UnprocessableEntity
            );
        var (page, _) = inbox.Take(
            Name,
            http.Request.Headers["Idempotency-Key"].ToString(),
            post.Text,
            post.Text,
            post.Picture ?? string.Empty,
            post.Alt ?? string.Empty
        );
        return await Faults.AfterAsync(mode, http) ?? Results.Created($"/lantern/posts/{page.Number}", null);
    }

    private static IResult Remove(int number, HttpRequest request, Inbox inbox)
    {
        if (!IsKnown(request))
            return Results.Unauthorized();
        if (inbox.Find(number) is not { Service: Name } one)
            return Results.NotFound();
        inbox.Change(one with { IsGone = true });
        return Results.NoContent();
    }

    private static bool IsKnown(HttpRequest request) => request.Headers.Authorization == $"Bearer {Token}";

    private sealed record LanternPost(string Text, string? Picture, string? Alt);
}
