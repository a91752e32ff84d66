using Antiphon.Core.Feeds.Reading;
using Antiphon.Data.Entities;
using Antiphon.Server.Comments;
using Antiphon.Server.Hosting;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Embed;

/// <summary>/embed/threads/{siteKey}: fragment, JSON, whole page, and the form's target.</summary>
internal static class ThreadEmbedEndpoints
{
    /// <summary>Maps the forms a thread has.</summary>
    public static void MapThreadEmbeds(this RouteGroupBuilder embed)
    {
        embed.MapGet("/threads/{siteKey}.html", GetFragment);
        embed.MapGet("/threads/{siteKey}.json", GetJson);
        embed.MapGet("/threads/{siteKey}", GetPage);
        embed.MapPost("/threads/{siteKey}", Write).DisableAntiforgery().RequireRateLimiting(RateLimits.Writing);
    }

    private static async Task<IResult> GetFragment(string siteKey, string? id, string? url, string? title, HttpContext http, ThreadReader threads, IOptions<AntiphonOptions> options)
    {
        if (await threads.SiteAsync(siteKey, http.RequestAborted) is not { } site) return Unknown(http);
        var html = await RenderAsync(site, Form(options.Value, site, id, url, title), threads, http.RequestAborted);
        return EmbedAnswer.For(http, CachedFragment.Of(html), "text/html; charset=utf-8", site.AllowedAddresses);
    }

    private static async Task<IResult> GetJson(string siteKey, string? id, string? url, HttpContext http, ThreadReader threads)
    {
        if (await threads.SiteAsync(siteKey, http.RequestAborted) is not { } site) return Unknown(http);
        var comments = await threads.CommentsAsync(await threads.FindAsync(site, id, url, http.RequestAborted), http.RequestAborted);
        var json = System.Text.Json.JsonSerializer.Serialize(new { id, url, count = comments.Count, comments }, System.Text.Json.JsonSerializerOptions.Web);
        return EmbedAnswer.For(http, CachedFragment.Of(json), "application/json; charset=utf-8", site.AllowedAddresses);
    }

    private static async Task<IResult> GetPage(string siteKey, string? id, string? url, string? title, bool? sent, HttpContext http, ThreadReader threads, IOptions<AntiphonOptions> options)
    {
        if (await threads.SiteAsync(siteKey, http.RequestAborted) is not { } site) return Unknown(http);
        var form = Form(options.Value, site, id, url, title);
        var html = await RenderAsync(site, form, threads, http.RequestAborted);
        return Page(site, form, sent == true ? $"<p class=\"antiphon-thanks\">{EmbedTexts.For(site.Language).Waits}</p>" + html : html);
    }

    private static async Task<IResult> Write(
        string siteKey, HttpContext http, ThreadReader threads, CommentWriting writing, IOptions<AntiphonOptions> options)
    {
        if (await threads.SiteAsync(siteKey, http.RequestAborted) is not { } site) return Unknown(http);
        if (EmbedAnswer.Refusal(http, site.AllowedAddresses) is { } refusal) return refusal;
        if (!http.Request.HasFormContentType) return TypedResults.Problem("Send the form's fields.", title: "This is no form.", statusCode: StatusCodes.Status415UnsupportedMediaType);
        var fields = await http.Request.ReadFormAsync(http.RequestAborted);
        var submission = new CommentSubmission(
            fields["id"].ToString(), fields["url"].ToString(), fields["title"].ToString(), fields["name"].ToString(), fields["mail"].ToString(), fields["text"].ToString(),
            fields["website"].ToString(), fields["key"].ToString());
        var problems = await writing.WriteAsync(site, submission, http.RequestAborted);
        var wantsJson = http.Request.Headers.Accept.ToString().Contains("application/json", StringComparison.Ordinal);
        if (problems.Count > 0) return wantsJson ? Problems(problems) : await FormAgainAsync(site, submission, problems, threads, options.Value, http.RequestAborted);
        var texts = EmbedTexts.For(site.Language);
        if (wantsJson) return TypedResults.Json(new { message = texts.Waits }, statusCode: StatusCodes.Status202Accepted);
        var page = ThreadSnippet.PagePath(siteKey, submission.Identifier, submission.Address, submission.Title);
        return TypedResults.LocalRedirect(page + "&sent=true");
    }

    private static IResult Problems(IReadOnlyDictionary<string, string> problems) =>
        TypedResults.ValidationProblem(problems.ToDictionary(one => one.Key, one => new[] { one.Value }), title: problems.Values.First());

    private static async Task<IResult> FormAgainAsync(
        Site site, CommentSubmission submission, IReadOnlyDictionary<string, string> problems, ThreadReader threads, AntiphonOptions options, CancellationToken cancellation)
    {
        var form = Form(options, site, submission.Identifier, submission.Address, submission.Title) with
        {
            Name = submission.Name,
            Mail = submission.Mail,
            Text = submission.Text,
            Problems = problems,
        };
        return Page(site, form, await RenderAsync(site, form, threads, cancellation), StatusCodes.Status422UnprocessableEntity);
    }

    private static async Task<string> RenderAsync(Site site, ThreadForm form, ThreadReader threads, CancellationToken cancellation)
    {
        var thread = await threads.FindAsync(site, form.Identifier, form.Address, cancellation);
        return ThreadFragment.Render(site, await threads.CommentsAsync(thread, cancellation), form with { IsOpen = await threads.IsOpenAsync(thread, cancellation) });
    }

    private static ThreadForm Form(AntiphonOptions options, Site site, string? id, string? url, string? title) =>
        new(options.AddressOf($"embed/threads/{site.PublicKey}"), id ?? string.Empty, url ?? string.Empty, title);

    private static IResult Page(Site site, ThreadForm form, string html, int status = StatusCodes.Status200OK)
    {
        var back = LinkResolver.IsWeb(form.Address) ? $"<p class=\"kicker\"><a href=\"{Encoded.Html(form.Address)}\">← {EmbedTexts.For(site.Language).BackToPage}</a></p>" : string.Empty;
        var title = string.IsNullOrWhiteSpace(form.Title) ? site.Name : form.Title;
        return PublicPage.Html(title, html, status, language: site.Language, above: back, head: "<meta name=\"robots\" content=\"noindex\">");
    }

    private static IResult Unknown(HttpContext http)
    {
        http.Response.Headers.AccessControlAllowOrigin = "*";
        return TypedResults.Problem("Copy the snippet again from the site's settings.", title: "No site has this key.", statusCode: StatusCodes.Status404NotFound, type: "unknown-site");
    }
}
