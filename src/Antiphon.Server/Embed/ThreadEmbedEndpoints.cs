using System.Globalization;
using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Settings;
using Antiphon.Core.Comments.Threads;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Data.Sites;
using Antiphon.Server.Comments;
using Antiphon.Server.Comments.Markup;
using Antiphon.Server.Comments.Threads;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Limits;
using Antiphon.Server.Platform.Requests;

namespace Antiphon.Server.Embed;

/// <summary>/embed/threads/{siteKey}: fragment, JSON, whole page, and the form's target.</summary>
internal static class ThreadEmbedEndpoints
{
    /// <summary>Maps the forms a thread has.</summary>
    public static void MapThreadEmbeds(this RouteGroupBuilder embed)
    {
        embed.MapGet("/threads/{siteKey}.html", GetFragment).ForAnybody();
        embed.MapGet("/threads/{siteKey}.json", GetJson).ForAnybody();
        embed.MapGet("/threads/{siteKey}", GetPage).ForAnybody();
        embed
            .MapPost("/threads/{siteKey}", Write)
            .DisableAntiforgery()
            .RequireRateLimiting(RateLimits.Writing)
            .ForAnybody();
    }

    private static async Task<IResult> GetFragment(
        [AsParameters] ThreadPageQuery query,
        HttpContext http,
        ThreadRenders renders
    ) =>
        await renders.GetAsync(query.Asked, http.RequestAborted) is { } thread
            ? EmbedAnswer.For(http, thread.Html, "text/html; charset=utf-8", thread.AllowedAddresses)
            : Unknown(http);

    private static async Task<IResult> GetJson(
        [AsParameters] ThreadPageQuery query,
        HttpContext http,
        ThreadReader threads,
        ThreadPages pages
    )
    {
        if (await threads.SiteAsync(query.SiteKey, http.RequestAborted) is not { } site)
            return Unknown(http);
        var thread = await threads.FindAsync(site, query.Id, query.Url, http.RequestAborted);
        var settings = (await threads.RulesAsync(site, thread, http.RequestAborted)).Settings;
        var most = Math.Clamp(query.Most ?? settings.ShownFirst, 1, CommentSettings.MostShownFirst);
        var page = await pages.ReadAsync(
            thread,
            new ThreadSlice(query.Order?.Value ?? settings.Order, most, query.After, query.At),
            http.RequestAborted
        );
        var json = System.Text.Json.JsonSerializer.Serialize(
            new
            {
                id = query.Id,
                url = query.Url,
                count = page.Count,
                next = page.Next,
                comments = page.Comments,
            },
            System.Text.Json.JsonSerializerOptions.Web
        );
        return EmbedAnswer.For(http, CachedFragment.Of(json), "application/json; charset=utf-8", site.AllowedAddresses);
    }

    private static async Task<IResult> GetPage(
        [AsParameters] ThreadPageQuery query,
        HttpContext http,
        ThreadReader threads,
        ThreadRenders renders
    )
    {
        if (await threads.SiteAsync(query.SiteKey, http.RequestAborted) is not { } site)
            return Unknown(http);
        var form = renders.FormOf(site, WithPage(query.Asked, http.Request)) with { Answers = query.Answers };
        var html = await renders.RenderAsync(site, form, http.RequestAborted);
        var thanks = query.Sent switch
        {
            "public" => ThreadTexts.For(site.Language).Public,
            "report" => ThreadTexts.For(site.Language).Reported,
            "confirm" => ReaderTexts.For(site.Language).Confirming,
            null => null,
            _ => EmbedTexts.For(site.Language).Waits,
        };
        return Page(site, form, thanks is null ? html : $"<p class=\"antiphon-thanks\">{thanks}</p>{html}");
    }

    // The snippet that serves every page of a template does not know which one it stands on; without script the link
    // that was followed tells it.
    private static ThreadAsked WithPage(ThreadAsked asked, HttpRequest request) =>
        string.IsNullOrWhiteSpace(asked.Id)
        && string.IsNullOrWhiteSpace(asked.Url)
        && LinkResolver.IsWeb(request.Headers.Referer.ToString())
            ? asked with
            {
                Url = request.Headers.Referer.ToString(),
            }
            : asked;

    private static async Task<IResult> Write(
        string siteKey,
        HttpContext http,
        ThreadReader threads,
        CommentWriting writing,
        CommenterKeys readers,
        ThreadRenders renders
    )
    {
        var entered = await EnteredForm.OfAsync(siteKey, http, threads);
        if (entered is not { Site: { } site, Fields: { } fields })
            return entered.Refusal!;
        var submission = SubmissionOf(fields) with
        {
            Picture = await CommentPictures.OfAsync(fields, http.RequestAborted),
            PlaceKey = readers.PlaceOf(http),
            NetworkKey = readers.NetworkOf(http),
            OwnerKey = readers.OwnerOf(fields["device"]),
        };
        var written = await writing.WriteAsync(site, submission, http.RequestAborted);
        if (written.Problems.Count > 0)
            return entered.WantsJson
                ? Problems(written.Problems)
                : await FormAgainAsync(site, submission, written.Problems, renders, http.RequestAborted);
        // What was put aside is told as waiting: who sends spam learns nothing from it.
        var isPublic = written.Standing == CommentStanding.Public;
        var message =
            isPublic ? ThreadTexts.For(site.Language).Public
            : written.MustConfirm ? ReaderTexts.For(site.Language).Confirming
            : EmbedTexts.For(site.Language).Waits;
        if (entered.WantsJson)
            return TypedResults.Json(
                new
                {
                    message,
                    isPublic,
                    key = written.Key,
                },
                statusCode: isPublic ? StatusCodes.Status201Created : StatusCodes.Status202Accepted
            );
        var page = ThreadSnippet.PagePath(siteKey, submission.Identifier, submission.Address, submission.Title);
        return TypedResults.LocalRedirect(
            page
                + (
                    isPublic ? "&sent=public"
                    : written.MustConfirm ? "&sent=confirm"
                    : "&sent=true"
                )
        );
    }

    private static CommentSubmission SubmissionOf(IFormCollection fields) =>
        new(
            fields["id"].ToString(),
            fields["url"].ToString(),
            fields["title"].ToString(),
            fields["name"].ToString(),
            fields["mail"].ToString(),
            fields["text"].ToString(),
            fields["website"].ToString(),
            fields["key"].ToString()
        )
        {
            SecondsToWrite = int.TryParse(
                fields["seconds"],
                NumberStyles.None,
                CultureInfo.InvariantCulture,
                out var seconds
            )
                ? seconds
                : null,
            Answers = fields["answers"],
            Follow = fields["follow"].ToString() is "answers" or "all" ? fields["follow"].ToString() : string.Empty,
            Rating = fields["rating"].ToString(),
            Work = fields["work"].ToString(),
        };

    private static IResult Problems(IReadOnlyDictionary<string, string> problems) =>
        TypedResults.ValidationProblem(
            problems.ToDictionary(pair => pair.Key, pair => new[] { pair.Value }),
            title: problems.Values.First()
        );

    private static async Task<IResult> FormAgainAsync(
        Site site,
        CommentSubmission submission,
        IReadOnlyDictionary<string, string> problems,
        ThreadRenders renders,
        CancellationToken cancellation
    )
    {
        var form = renders.FormOf(
            site,
            new ThreadAsked(site.PublicKey, submission.Identifier, submission.Address, submission.Title)
        ) with
        {
            Name = submission.Name,
            Mail = submission.Mail,
            Text = submission.Text,
            Answers = submission.Answers,
            Follow = submission.Follow,
            Rating = int.TryParse(submission.Rating, NumberStyles.None, CultureInfo.InvariantCulture, out var rating)
                ? rating
                : null,
            Problems = problems,
        };
        return Page(
            site,
            form,
            await renders.RenderAsync(site, form, cancellation),
            StatusCodes.Status422UnprocessableEntity
        );
    }

    private static IResult Page(Site site, ThreadForm form, string html, int status = StatusCodes.Status200OK)
    {
        var back = LinkResolver.IsWeb(form.Address)
            ? $"<p class=\"kicker\"><a href=\"{Encoded.Html(form.Address)}\">← {EmbedTexts.For(site.Language).BackToPage}</a></p>"
            : string.Empty;
        var title = string.IsNullOrWhiteSpace(form.Title) ? site.Name : form.Title;
        return PublicPage.Html(
            title,
            html,
            status,
            language: site.Language,
            above: back,
            head: "<meta name=\"robots\" content=\"noindex\">"
        );
    }

    /// <summary>The refusal for a key nobody has; any page may read it.</summary>
    public static IResult Unknown(HttpContext http)
    {
        http.Response.Headers.AccessControlAllowOrigin = "*";
        return TypedResults.Problem(
            "Copy the snippet again from the site's settings.",
            title: "No site has this key.",
            statusCode: StatusCodes.Status404NotFound,
            type: "unknown-site"
        );
    }
}

/// <summary>What a thread is asked for with.</summary>
internal sealed record ThreadPageQuery
{
    /// <summary>Public key of the site.</summary>
    public required string SiteKey { get; init; }

    /// <summary>Identifier of the thread.</summary>
    public string? Id { get; init; }

    /// <summary>Canonical address of the page.</summary>
    public string? Url { get; init; }

    /// <summary>Title of the page.</summary>
    public string? Title { get; init; }

    /// <summary>What was just sent: "true" for what waits, "public", "confirm" or "report".</summary>
    public string? Sent { get; init; }

    /// <summary>Key of the comment to be answered.</summary>
    public string? Answers { get; init; }

    /// <summary>Order wished.</summary>
    public Spelled<CommentOrder>? Order { get; init; }

    /// <summary>Key of the comment at the top level after which the part begins.</summary>
    public string? After { get; init; }

    /// <summary>Key of a comment that must be shown.</summary>
    public string? At { get; init; }

    /// <summary>Most comments at the top level, for programs; as many as readers see first when left out.</summary>
    public int? Most { get; init; }

    /// <summary>What everybody who asks so sees.</summary>
    public ThreadAsked Asked => new(SiteKey, Id ?? string.Empty, Url ?? string.Empty, Title, Order?.Value, After, At);
}
