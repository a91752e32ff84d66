using System.Globalization;
using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Order;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Text;
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
        embed.MapPost("/threads/{siteKey}/voice", Hear).DisableAntiforgery().RequireRateLimiting(RateLimits.Voices);
    }

    private static async Task<IResult> GetFragment(string siteKey, string? id, string? url, string? title, Spelled<CommentOrder>? order, HttpContext http, ThreadReader threads, IOptions<AntiphonOptions> options)
    {
        if (await threads.SiteAsync(siteKey, http.RequestAborted) is not { } site) return Unknown(http);
        var html = await RenderAsync(site, Form(options.Value, site, id, url, title) with { Order = order?.Value }, threads, http.RequestAborted);
        return EmbedAnswer.For(http, CachedFragment.Of(html), "text/html; charset=utf-8", site.AllowedAddresses);
    }

    private static async Task<IResult> GetJson(string siteKey, string? id, string? url, Spelled<CommentOrder>? order, HttpContext http, ThreadReader threads)
    {
        if (await threads.SiteAsync(siteKey, http.RequestAborted) is not { } site) return Unknown(http);
        var thread = await threads.FindAsync(site, id, url, http.RequestAborted);
        var comments = await threads.CommentsAsync(thread, order?.Value ?? (await threads.RulesAsync(site, thread, http.RequestAborted)).Settings.Order, http.RequestAborted);
        var json = System.Text.Json.JsonSerializer.Serialize(new { id, url, count = comments.Count, comments }, System.Text.Json.JsonSerializerOptions.Web);
        return EmbedAnswer.For(http, CachedFragment.Of(json), "application/json; charset=utf-8", site.AllowedAddresses);
    }

    private static async Task<IResult> GetPage([AsParameters] ThreadPageQuery query, HttpContext http, ThreadReader threads, IOptions<AntiphonOptions> options)
    {
        if (await threads.SiteAsync(query.SiteKey, http.RequestAborted) is not { } site) return Unknown(http);
        var form = Form(options.Value, site, query.Id, query.Url, query.Title) with { Order = query.Order?.Value, Answers = query.Answers };
        var html = await RenderAsync(site, form, threads, http.RequestAborted);
        var thanks = query.Sent switch
        {
            "public" => ThreadTexts.For(site.Language).Public,
            "report" => ThreadTexts.For(site.Language).Reported,
            null => null,
            _ => EmbedTexts.For(site.Language).Waits,
        };
        return Page(site, form, thanks is null ? html : $"<p class=\"antiphon-thanks\">{thanks}</p>{html}");
    }

    private static async Task<IResult> Write(
        string siteKey, HttpContext http, ThreadReader threads, CommentWriting writing, ReaderKeys readers, IOptions<AntiphonOptions> options)
    {
        if (await threads.SiteAsync(siteKey, http.RequestAborted) is not { } site) return Unknown(http);
        if (EmbedAnswer.Refusal(http, site.AllowedAddresses) is { } refusal) return refusal;
        if (!http.Request.HasFormContentType) return TypedResults.Problem("Send the form's fields.", title: "This is no form.", statusCode: StatusCodes.Status415UnsupportedMediaType);
        var fields = await http.Request.ReadFormAsync(http.RequestAborted);
        var submission = new CommentSubmission(
            fields["id"].ToString(), fields["url"].ToString(), fields["title"].ToString(), fields["name"].ToString(), fields["mail"].ToString(), fields["text"].ToString(),
            fields["website"].ToString(), fields["key"].ToString())
        {
            PlaceKey = readers.PlaceOf(http),
            SecondsToWrite = int.TryParse(fields["seconds"], NumberStyles.None, CultureInfo.InvariantCulture, out var seconds) ? seconds : null,
            Answers = fields["answers"],
        };
        var written = await writing.WriteAsync(site, submission, http.RequestAborted);
        var problems = written.Problems;
        var wantsJson = http.Request.Headers.Accept.ToString().Contains("application/json", StringComparison.Ordinal);
        if (problems.Count > 0) return wantsJson ? Problems(problems) : await FormAgainAsync(site, submission, problems, threads, options.Value, http.RequestAborted);
        // What was put aside is told as waiting: who sends spam learns nothing from it.
        var isPublic = written.Standing == CommentStanding.Public;
        if (wantsJson) return TypedResults.Json(new { message = isPublic ? ThreadTexts.For(site.Language).Public : EmbedTexts.For(site.Language).Waits, isPublic }, statusCode: isPublic ? StatusCodes.Status201Created : StatusCodes.Status202Accepted);
        var page = ThreadSnippet.PagePath(siteKey, submission.Identifier, submission.Address, submission.Title);
        return TypedResults.LocalRedirect(page + (isPublic ? "&sent=public" : "&sent=true"));
    }

    private static async Task<IResult> Hear(string siteKey, HttpContext http, ThreadReader threads, ReaderVoices voices, ReaderKeys readers)
    {
        if (await threads.SiteAsync(siteKey, http.RequestAborted) is not { } site) return Unknown(http);
        if (EmbedAnswer.Refusal(http, site.AllowedAddresses) is { } refusal) return refusal;
        if (!http.Request.HasFormContentType) return TypedResults.Problem("Send the form's fields.", title: "This is no form.", statusCode: StatusCodes.Status415UnsupportedMediaType);
        var fields = await http.Request.ReadFormAsync(http.RequestAborted);
        var from = new ReaderFrom(readers.ReaderOf(http, fields["device"]), readers.PlaceOf(http));
        var wantsJson = http.Request.Headers.Accept.ToString().Contains("application/json", StringComparison.Ordinal);
        var page = ThreadSnippet.PagePath(siteKey, fields["id"].ToString(), fields["url"].ToString(), fields["title"].ToString());
        var comment = fields["comment"].ToString();
        if (Enum.TryParse<ReportReason>(fields["report"], ignoreCase: true, out var reason))
        {
            if (!await voices.ReportAsync(site, comment, reason, Said.OrNull(Shortened.ToLength(fields["words"].ToString(), 500)), from, http.RequestAborted)) return TypedResults.NotFound();
            return wantsJson ? TypedResults.Json(new { message = ThreadTexts.For(site.Language).Reported }) : TypedResults.LocalRedirect(page + "&sent=report");
        }

        bool? isUp = fields["vote"].ToString() switch { "up" => true, "down" => false, _ => null };
        if (await voices.VoteAsync(site, comment, isUp, from, http.RequestAborted) is not { } votes) return TypedResults.NotFound();
        return wantsJson ? TypedResults.Json(votes) : TypedResults.LocalRedirect($"{page}#comment-{Uri.EscapeDataString(comment)}");
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
            Answers = submission.Answers,
            Problems = problems,
        };
        return Page(site, form, await RenderAsync(site, form, threads, cancellation), StatusCodes.Status422UnprocessableEntity);
    }

    private static async Task<string> RenderAsync(Site site, ThreadForm form, ThreadReader threads, CancellationToken cancellation)
    {
        var thread = await threads.FindAsync(site, form.Identifier, form.Address, cancellation);
        var rules = await threads.RulesAsync(site, thread, cancellation);
        var order = form.Order ?? rules.Settings.Order;
        return ThreadFragment.Render(site, await threads.CommentsAsync(thread, order, cancellation), form with { IsOpen = rules.IsOpen, Order = order, Settings = rules.Settings });
    }

    private static ThreadForm Form(AntiphonOptions options, Site site, string? id, string? url, string? title) =>
        new(options.AddressOf($"embed/threads/{site.PublicKey}"), id ?? string.Empty, url ?? string.Empty, title);

    private static IResult Page(Site site, ThreadForm form, string html, int status = StatusCodes.Status200OK)
    {
        var back = LinkResolver.IsWeb(form.Address) ? $"<p class=\"kicker\"><a href=\"{Encoded.Html(form.Address)}\">← {EmbedTexts.For(site.Language).BackToPage}</a></p>" : string.Empty;
        var title = string.IsNullOrWhiteSpace(form.Title) ? site.Name : form.Title;
        return PublicPage.Html(title, html, status, language: site.Language, above: back, head: "<meta name=\"robots\" content=\"noindex\">");
    }

    /// <summary>The refusal for a key nobody has; any page may read it.</summary>
    public static IResult Unknown(HttpContext http)
    {
        http.Response.Headers.AccessControlAllowOrigin = "*";
        return TypedResults.Problem("Copy the snippet again from the site's settings.", title: "No site has this key.", statusCode: StatusCodes.Status404NotFound, type: "unknown-site");
    }
}

/// <summary>What a thread's page is asked with.</summary>
/// <param name="SiteKey">Public key of the site.</param>
/// <param name="Id">Identifier of the thread.</param>
/// <param name="Url">Canonical address of the page.</param>
/// <param name="Title">Title of the page.</param>
/// <param name="Sent">What was just sent: "true" for what waits, "public", or "report".</param>
/// <param name="Answers">Key of the comment to be answered.</param>
/// <param name="Order">Order wished.</param>
internal sealed record ThreadPageQuery(string SiteKey, string? Id, string? Url, string? Title, string? Sent, string? Answers, Spelled<CommentOrder>? Order);
