namespace Antiphon.StandIns.World;

/// <summary>Lantern, a social service of short posts, and the Fellside Parish Paper, a partner site that takes Micropub.</summary>
internal static class ServiceEndpoints
{
    private const int LongestNote = 500;

    /// <summary>Maps both.</summary>
    public static void MapServices(this RouteGroupBuilder world)
    {
        world.MapGet("/lantern/", (NoteBook notes) => Page("Lantern", "Short words in the dark", notes.Of("lantern")));
        world.MapPost("/lantern/api/posts", PostToLantern);
        world.MapGet("/parish/", (NoteBook notes) => Page("Fellside Parish Paper", "News from between the two bridges", notes.Of("parish")));
        world.MapPost("/parish/micropub", PostToParishAsync).DisableAntiforgery();
    }

    private static IResult Page(string title, string description, IReadOnlyList<Note> notes)
    {
        var entries = notes.Select(note => $"<article>{PlainPage.Encode(note.Text)}<br><small>{note.ReceivedAt:yyyy-MM-dd HH:mm}</small></article>");
        return PlainPage.Html(title, $"<p>{description}</p>{(notes.Count == 0 ? "<p>Nothing yet.</p>" : string.Concat(entries))}");
    }

    private static IResult PostToLantern(LanternPost post, HttpRequest request, NoteBook notes)
    {
        if (request.Headers.Authorization != "Bearer lantern-token") return Results.Unauthorized();
        if (string.IsNullOrWhiteSpace(post.Text) || post.Text.Length > LongestNote) return Results.BadRequest(new { error = $"A post has 1 to {LongestNote} characters." });
        notes.Add("lantern", post.Text);
        return Results.Created("/lantern/", null);
    }

    // Micropub (W3C) §3.3: a form-encoded h=entry, answered with the new address.
    private static async Task<IResult> PostToParishAsync(HttpRequest request, NoteBook notes)
    {
        if (request.Headers.Authorization != "Bearer parish-token") return Results.Unauthorized();
        var form = await request.ReadFormAsync();
        if (form["h"] != "entry") return Results.BadRequest(new { error = "invalid_request" });
        notes.Add("parish", $"{form["name"]} {form["content"]}".Trim());
        return Results.Created("/parish/", null);
    }

    private sealed record LanternPost(string Text);
}
