using Antiphon.StandIns.Pictures;

namespace Antiphon.StandIns.Website;

/// <summary>Quillmoor's website: old, hand-made, with a plain page editor.</summary>
internal static class WebsiteEndpoints
{
    /// <summary>Maps pages, style sheet, pictures and the editor.</summary>
    public static RouteGroupBuilder MapWebsite(this WebApplication app)
    {
        var site = app.MapGroup("");
        site.MapGet("/", (WebsitePages pages) => Results.Content(pages.Read("home"), "text/html; charset=utf-8"));
        site.MapGet(
            "/{page:regex(^(visit|night-log|programmes|membership|shop)$)}",
            (string page, WebsitePages pages) => Results.Content(pages.Read(page), "text/html; charset=utf-8")
        );
        site.MapGet("/site.css", () => Results.Content(WebsiteStyle.Sheet, "text/css"));
        site.MapGet("/pictures/{kind}-{seed:int}.svg", (string kind, int seed) =>
            Results.Content(SkyPicture.Draw(kind, seed), "image/svg+xml")
        );
        site.MapGet("/desk", Desk);
        site.MapGet("/desk/{page}", Edit);
        site.MapPost("/desk/{page}", Save).DisableAntiforgery();
        return site;
    }

    private static IResult Desk()
    {
        var rows = WebsitePages.Names.Select(name =>
            $"<tr><td>{name}</td><td><a href=\"/desk/{name}\">Edit</a></td><td><a href=\"{PathOf(name)}\">View</a></td></tr>"
        );
        return PlainPage.Html("Pages of quillmoor.example", $"<table>{string.Concat(rows)}</table>");
    }

    private static IResult Edit(string page, bool? saved, WebsitePages pages)
    {
        if (pages.Read(page) is not { } html)
            return Results.NotFound();
        var note = saved == true ? "<p><strong>Saved and published.</strong></p>" : string.Empty;
        return PlainPage.Html(
            $"Edit {page}",
            $"{note}<p><a href=\"/desk\">All pages</a> · <a href=\"{PathOf(page)}\">View the page</a></p><form method=\"post\"><p><label for=\"html\">HTML of the page</label></p><textarea id=\"html\" name=\"html\" rows=\"34\" spellcheck=\"false\">{PlainPage.Encode(html)}</textarea><p><button>Save and publish</button></p></form>"
        );
    }

    private static async Task<IResult> Save(string page, HttpRequest request, WebsitePages pages)
    {
        if (pages.Read(page) is null)
            return Results.NotFound();
        var form = await request.ReadFormAsync();
        pages.Save(page, form["html"].ToString());
        return Results.Redirect($"/desk/{page}?saved=true");
    }

    private static string PathOf(string name) => name == "home" ? "/" : "/" + name;
}
