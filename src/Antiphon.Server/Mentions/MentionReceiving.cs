using System.Text;
using Antiphon.Core.Mentions;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;
using Antiphon.Server.Comments.Threads;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Limits;
using Antiphon.Server.Platform.Requests;
using Antiphon.Server.Posts.Reading;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Mentions;

/// <summary>
/// /mentions/{siteKey}: where other sites tell that they link to a post, by Webmention, Pingback or Trackback.
/// </summary>
internal static class MentionReceiving
{
    /// <summary>Maps the targets.</summary>
    public static void MapMentionReceiving(this WebApplication app)
    {
        var mentions = app.MapGroup("/mentions/{siteKey}").ExcludeFromDescription().DisableAntiforgery();
        mentions.MapGet("", Explain).ForAnybody();
        mentions.MapGet("/{key}", ShowState).ForAnybody();
        mentions.MapPost("", TakeWebmention).RequireRateLimiting(RateLimits.Writing).ForAnybody();
        mentions.MapPost("/pingback", TakePingback).RequireRateLimiting(RateLimits.Writing).ForAnybody();
        mentions.MapPost("/trackback/{postKey}", TakeTrackback).RequireRateLimiting(RateLimits.Writing).ForAnybody();
    }

    // A person who follows the address of the endpoint can tell a link by hand.
    private static async Task<IResult> Explain(
        string siteKey,
        string? target,
        ThreadReader threads,
        HttpContext http
    ) => await threads.SiteAsync(siteKey, http.RequestAborted) is { } site ? Form(site, target) : PublicPage.Missing();

    private static async Task<IResult> ShowState(string siteKey, string key, AntiphonContext database, HttpContext http)
    {
        var found = await database
            .Mentions.AsNoTracking()
            .Include(mention => mention.Site)
            .FirstOrDefaultAsync(
                mention => mention.Key == key && mention.Site.PublicKey == siteKey,
                http.RequestAborted
            );
        if (found is null)
            return PublicPage.Missing();
        var texts = PageTexts.For(found.Site.Language);
        var (title, text, detail) = found.State switch
        {
            MentionState.Found => (texts.MentionFound, texts.MentionFoundText, null),
            MentionState.Unread when found.Problem is null => (texts.MentionUnread, texts.MentionUnreadText, null),
            MentionState.Unread => (texts.MentionRetried, texts.MentionRetriedText, found.Problem),
            _ => (texts.MentionRefused, found.Problem is null ? texts.MentionRefusedText : null, found.Problem),
        };
        // What went wrong is said in English, as programs are told.
        var body = new[] { Paragraph(text, "<p>"), Paragraph(detail, "<p lang=\"en\" dir=\"ltr\">") };
        return PublicPage.Html(title, string.Concat(body), language: found.Site.Language);
    }

    private static string Paragraph(string? text, string start) =>
        text is null ? string.Empty : $"{start}{Encoded.Html(text)}</p>";

    private static ContentHttpResult Form(Site site, string? target)
    {
        var texts = PageTexts.For(site.Language);
        return PublicPage.Html(
            texts.Mention,
            $"<p>{Encoded.Html(texts.MentionText.With("site", site.Name))}</p>"
                + $"<form method=\"post\"><p><label>{texts.MentionSource}<br><input name=\"source\" type=\"url\" required size=\"40\"></label></p>"
                + $"<p><label>{texts.MentionTarget}<br><input name=\"target\" type=\"url\" required size=\"40\" value=\"{Encoded.Html(target)}\"></label></p>"
                + $"<button>{texts.MentionSend}</button></form>",
            language: site.Language
        );
    }

    private static async Task<IResult> TakeWebmention(
        string siteKey,
        HttpContext http,
        ThreadReader threads,
        MentionTaking taking
    )
    {
        if (await threads.SiteAsync(siteKey, http.RequestAborted) is not { } site)
            return TypedResults.NotFound();
        if (!http.Request.HasFormContentType)
            return TypedResults.Text(
                "Send the fields source and target as a form.",
                statusCode: StatusCodes.Status415UnsupportedMediaType
            );
        var form = await http.FormAsync();
        var taken = await taking.TakeAsync(
            site,
            MentionWay.Webmention,
            form["source"].ToString(),
            form["target"].ToString(),
            http.RequestAborted
        );
        if (taken.Key is null)
            return Refuse(http, taken);
        // The state has an address of its own, as it is decided later (Webmention, 3.2).
        var state = $"/mentions/{Uri.EscapeDataString(siteKey)}/{taken.Key}";
        return http.Request.Headers.Accept.ToString().Contains("text/html", StringComparison.Ordinal)
            ? TypedResults.LocalRedirect(state)
            : TypedResults.Created(new Uri(state, UriKind.Relative));
    }

    private static IResult Refuse(HttpContext http, TakenMention taken)
    {
        if (taken.IsBusy)
            http.Response.Headers.RetryAfter = "3600";
        return TypedResults.Text(
            taken.Problem,
            statusCode: taken.IsBusy ? StatusCodes.Status429TooManyRequests : StatusCodes.Status400BadRequest
        );
    }

    private static async Task<IResult> TakePingback(
        string siteKey,
        HttpContext http,
        ThreadReader threads,
        MentionTaking taking
    )
    {
        if (await threads.SiteAsync(siteKey, http.RequestAborted) is not { } site)
            return TypedResults.NotFound();
        var body = await BoundedBody.ReadAsync(http.Request.Body, PingbackCall.MostCharacters, http.RequestAborted);
        if (body is null || PingbackCall.Read(Encoding.UTF8.GetString(body)) is not { } call)
            return Xml(
                PingbackCall.Refused(PingbackFault.Other, "This is no call of pingback.ping with two addresses.")
            );
        var taken = await taking.TakeAsync(site, MentionWay.Pingback, call.Source, call.Target, http.RequestAborted);
        return Xml(
            taken.Key is null
                ? PingbackCall.Refused(taken.Fault!.Value, taken.Problem!)
                : PingbackCall.Taken("Thank you. The page is read, and the team looks at it.")
        );
    }

    // A trackback names its own page only; the post is named by where it is sent.
    private static async Task<IResult> TakeTrackback(
        string siteKey,
        string postKey,
        HttpContext http,
        ThreadReader threads,
        AntiphonContext database,
        PostAddresses addresses,
        MentionTaking taking
    )
    {
        var post = await database
            .Posts.AsNoTracking()
            .Include(row => row.Blog)
            .PublicAt(http.RequestServices.GetRequiredService<TimeProvider>().GetUtcNow())
            .FirstOrDefaultAsync(row => row.Key == postKey, http.RequestAborted);
        if (
            post is null
            || await threads.SiteAsync(siteKey, http.RequestAborted) is not { } site
            || post.SiteId != site.Id
        )
            return TypedResults.NotFound();
        if (!http.Request.HasFormContentType)
            return Xml(TrackbackAnswer("Send the field url as a form."));
        var form = await http.FormAsync();
        var taken = await taking.TakeAsync(
            site,
            MentionWay.Trackback,
            form["url"].ToString(),
            addresses.Of(post),
            http.RequestAborted
        );
        return Xml(TrackbackAnswer(taken.Problem?.Replace("source:", "url:", StringComparison.Ordinal)));
    }

    private static string TrackbackAnswer(string? problem) =>
        problem is null
            ? "<?xml version=\"1.0\" encoding=\"utf-8\"?><response><error>0</error></response>"
            : $"<?xml version=\"1.0\" encoding=\"utf-8\"?><response><error>1</error><message>{Encoded.Html(problem)}</message></response>";

    private static IResult Xml(string text) => TypedResults.Text(text, "text/xml; charset=utf-8");
}
