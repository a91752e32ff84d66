using System.Text;
using Antiphon.Core.Mentions;
using Antiphon.Core.Posts;
using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;
using Antiphon.Server.Comments.Threads;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Caching;
using Antiphon.Server.Platform.Limits;
using Antiphon.Server.Platform.Requests;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Mentions;

/// <summary>/mentions/{siteKey}: where other sites tell that they link to a post, by Webmention, Pingback or Trackback.</summary>
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
    ) =>
        await threads.SiteAsync(siteKey, http.RequestAborted) is { } site
            ? PublicPage.Html(
                "Tell us that you link here",
                $"<p>Sites that speak Webmention tell {Encoded.Html(site.Name)} by themselves when they link to a post. You can do it by hand, too: give the address of your page and of the post.</p>"
                    + $"<form method=\"post\"><p><label>Your page<br><input name=\"source\" type=\"url\" required size=\"40\"></label></p><p><label>The post<br><input name=\"target\" type=\"url\" required size=\"40\" value=\"{Encoded.Html(target)}\"></label></p><button>Tell</button></form>",
                language: "en"
            )
            : PublicPage.Missing();

    private static async Task<IResult> ShowState(string siteKey, string key, AntiphonContext database, HttpContext http)
    {
        var found = await database
            .Mentions.AsNoTracking()
            .FirstOrDefaultAsync(
                mention => mention.Key == key && mention.Site.PublicKey == siteKey,
                http.RequestAborted
            );
        if (found is null)
            return PublicPage.Missing();
        return found.State switch
        {
            MentionState.Found => PublicPage.Message(
                "Your link was found",
                "The team looks at it before it is shown with the post."
            ),
            MentionState.Unread when found.Problem is null => PublicPage.Message(
                "Your page has not been read yet",
                "This takes a moment. Load this page again to see what was found."
            ),
            MentionState.Unread => PublicPage.Message(
                "Your page could not be read yet",
                $"{found.Problem} It is tried again."
            ),
            _ => PublicPage.Message("Your link was not taken", found.Problem ?? "The page has no link to the post."),
        };
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
