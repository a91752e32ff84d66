using System.Text;
using System.Text.Json;
using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Moderation;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Data.Comments.Commenters;
using Antiphon.Data.Sites;
using Antiphon.Server.Comments.Moderation;
using Antiphon.Server.Comments.Threads;
using Antiphon.Server.Outgoing.Mail;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Limits;
using Antiphon.Server.Platform.Requests;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Commenters;

/// <summary>
/// /embed/mine/{siteKey} and /mine/{key}: a reader asks by mail for what they wrote, confirms the address by following
/// the link, and reads it, takes it with them or removes it. Also /follow/{key}, which ends mails about a thread.
/// </summary>
internal static class MinePages
{
    private static readonly string Style =
        $"<style>{StyleSheet.Read("Comments/Commenters/mine.css")}</style>"
        + "<meta name=\"robots\" content=\"noindex\"><meta name=\"referrer\" content=\"no-referrer\">";

    private static readonly Doer Reader = new(null, string.Empty, DeedWay.Mail);

    /// <summary>Maps them.</summary>
    public static void MapMinePages(this WebApplication app)
    {
        var pages = app.MapGroup(string.Empty).ExcludeFromDescription().DisableAntiforgery();
        pages.MapGet("/embed/mine/{siteKey}", Ask).ForAnybody();
        pages.MapPost("/embed/mine/{siteKey}", Send).RequireRateLimiting(RateLimits.SignIn).ForAnybody();
        pages.MapGet("/mine/{key}", Show).RequireRateLimiting(RateLimits.SignIn).ForAnybody();
        pages.MapGet("/mine/{key}/comments.json", Export).RequireRateLimiting(RateLimits.SignIn).ForAnybody();
        pages.MapPost("/mine/{key}", Act).RequireRateLimiting(RateLimits.SignIn).ForAnybody();
        pages.MapGet("/follow/{key}", AskStop).ForAnybody();
        pages.MapPost("/follow/{key}", Stop).ForAnybody();
    }

    private static async Task<IResult> Ask(string siteKey, ThreadReader threads, CancellationToken cancellation) =>
        await threads.SiteAsync(siteKey, cancellation) is { } site ? AskPage(site) : PublicPage.Missing();

    private static IResult AskPage(Site site, string? problem = null)
    {
        var texts = MineTexts.For(site.Language);
        var told = problem is null ? string.Empty : $"<p role=\"alert\"><strong>{Encoded.Html(problem)}</strong></p>";
        return PublicPage.Html(
            texts.Title,
            $"<p>{Encoded.Html(texts.Explained)}</p>{told}<form method=\"post\"><label>{EmbedTexts.For(site.Language).Mail}<input type=\"email\" name=\"mail\" required autocomplete=\"email\"></label><p class=\"trap\" aria-hidden=\"true\"><input name=\"website\" tabindex=\"-1\" autocomplete=\"off\"></p><button>{Encoded.Html(texts.SendLink)}</button></form>",
            problem is null ? StatusCodes.Status200OK : StatusCodes.Status422UnprocessableEntity,
            Style,
            site.Language
        );
    }

    // The answer is the same whether the address has written or not, so that nobody learns who did.
    private static async Task<IResult> Send(
        string siteKey,
        HttpContext http,
        ThreadReader threads,
        CommenterConfirmation confirming,
        AntiphonContext database
    )
    {
        if (await threads.SiteAsync(siteKey, http.RequestAborted) is not { } site)
            return PublicPage.Missing();
        if (!http.Request.HasFormContentType)
            return TypedResults.StatusCode(StatusCodes.Status415UnsupportedMediaType);
        var fields = await http.FormAsync();
        var mail = fields["mail"].ToString().Trim().ToLowerInvariant();
        if (!MailAddresses.IsOne(mail))
            return AskPage(site, EmbedTexts.For(site.Language).MailWrong);
        var isKnown =
            await database.Comments.AnyAsync(
                comment => comment.SiteId == site.Id && comment.Mail == mail,
                http.RequestAborted
            )
            || await database.ThreadFollows.AnyAsync(
                follow => follow.SiteId == site.Id && follow.Mail == mail,
                http.RequestAborted
            );
        if (isKnown && fields["website"].ToString().Length == 0)
        {
            await confirming.SendMineAsync(site, mail, http.RequestAborted);
            await database.SaveChangesAsync(http.RequestAborted);
        }

        var texts = MineTexts.For(site.Language);
        return PublicPage.Html(
            texts.SentTitle,
            $"<p>{Encoded.Html(texts.Sent)}</p>",
            head: Style,
            language: site.Language
        );
    }

    private static async Task<IResult> Show(
        string key,
        CommenterConfirmation confirming,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        if (await confirming.FindAsync(key, cancellation) is not { } found)
            return Unknown();
        return await PageAsync(found.Link, found.Site, key, database, null, cancellation);
    }

    private static async Task<IResult> PageAsync(
        CommenterLink link,
        Site site,
        string key,
        AntiphonContext database,
        string? told,
        CancellationToken cancellation
    )
    {
        var texts = MineTexts.For(site.Language);
        var rows = await database
            .Comments.AsNoTracking()
            .Include(comment => comment.Thread)
            .Where(comment => comment.SiteId == site.Id && comment.Mail == link.Mail)
            .OrderByDescending(comment => comment.Id)
            .Take(500)
            .ToListAsync(cancellation);
        var isConfirmed = await database.ConfirmedCommenters.AnyAsync(
            reader => reader.SiteId == site.Id && reader.Mail == link.Mail,
            cancellation
        );
        var html = new StringBuilder();
        if (told is not null)
            html.Append("<p role=\"status\"><strong>").Append(Encoded.Html(told)).Append("</strong></p>");
        html.Append("<p class=\"soft\">")
            .Append(Encoded.Html(link.Mail))
            .Append(" · ")
            .Append(Encoded.Html(site.Name))
            .Append("</p>");
        // Opening the link confirms nothing by itself, since mail scanners open every link.
        html.Append("<form class=\"row\" method=\"post\">");
        if (!isConfirmed)
            html.Append("<button name=\"act\" value=\"confirm\">")
                .Append(Encoded.Html(texts.Confirm))
                .Append("</button>");
        if (rows.Count > 0)
            AppendErasing(html, texts.EraseAll, string.Empty, texts.EraseSure);
        html.Append("<button class=\"other\" name=\"act\" value=\"stop\">")
            .Append(Encoded.Html(texts.StopAll))
            .Append("</button></form>");
        if (rows.Count > 0)
            html.Append("<p class=\"soft\"><a href=\"/mine/")
                .Append(Encoded.Html(key))
                .Append("/comments.json\" download>")
                .Append(Encoded.Html(texts.Take))
                .Append("</a></p>");
        foreach (var row in rows)
            AppendEntry(html, row, site, texts);
        return PublicPage.Html(texts.Title, html.ToString(), head: Style, language: site.Language);
    }

    private static void AppendEntry(StringBuilder html, Comment row, Site site, MineTexts texts)
    {
        html.Append("<article class=\"entry\"><p class=\"soft\">")
            .Append(Encoded.Html(row.Thread.Title))
            .Append(" · ")
            .Append(Encoded.Html(SiteCulture.LongDate(row.CreatedAt, site.Language, site.TimeZone)))
            .Append(row.Standing == CommentStanding.Public ? string.Empty : $" · {Encoded.Html(texts.NotPublic)}")
            .Append("</p>")
            .Append(row.Html)
            .Append("<form method=\"post\"><input type=\"hidden\" name=\"comment\" value=\"")
            .Append(row.Key)
            .Append("\">");
        AppendErasing(html, texts.Erase, ReaderTexts.For(site.Language).WithdrawSure, texts.Erase);
        html.Append("</form></article>");
    }

    // What cannot be taken back is asked twice, without script as with it.
    private static void AppendErasing(StringBuilder html, string opener, string question, string button)
    {
        html.Append("<details class=\"sure\"><summary>").Append(Encoded.Html(opener)).Append("</summary>");
        if (question.Length > 0)
            html.Append("<p>").Append(Encoded.Html(question)).Append("</p>");
        html.Append("<button name=\"act\" value=\"erase\">").Append(Encoded.Html(button)).Append("</button></details>");
    }

    private static async Task<IResult> Export(
        string key,
        CommenterConfirmation confirming,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        if (await confirming.FindAsync(key, cancellation) is not { } found)
            return Unknown();
        var rows = await database
            .Comments.AsNoTracking()
            .Where(comment => comment.SiteId == found.Site.Id && comment.Mail == found.Link.Mail)
            .OrderBy(comment => comment.Id)
            .Select(comment => new
            {
                id = comment.Key,
                comment.Author,
                mail = comment.Mail,
                comment.Text,
                standing = comment.Standing.ToString().ToLowerInvariant(),
                published = comment.CreatedAt,
                page = comment.Thread.Title,
                address = comment.Thread.Address,
                comment.Rating,
            })
            .ToListAsync(cancellation);
        return TypedResults.Json(rows, JsonSerializerOptions.Web);
    }

    private static async Task<IResult> Act(
        string key,
        HttpContext http,
        CommenterConfirmation confirming,
        CommentErasing erasing,
        AntiphonContext database
    )
    {
        if (await confirming.FindAsync(key, http.RequestAborted) is not { } found)
            return Unknown();
        var fields = await http.FormAsync();
        var texts = MineTexts.For(found.Site.Language);
        var (link, site) = found;
        switch (fields["act"].ToString())
        {
            case "confirm":
                await confirming.ConfirmAsync(link, site, http.RequestAborted);
                return await PageAsync(link, site, key, database, texts.Confirmed, http.RequestAborted);
            case "erase":
                var comment = fields["comment"].ToString();
                var rows = await database
                    .Comments.Where(row =>
                        row.SiteId == site.Id
                        && row.Mail == link.Mail
                        && (comment == string.Empty || row.Key == comment)
                    )
                    .ToListAsync(http.RequestAborted);
                await erasing.EraseAsync(rows, Reader, http.RequestAborted);
                return await PageAsync(
                    link,
                    site,
                    key,
                    database,
                    texts.Erased.With("count", rows.Count),
                    http.RequestAborted
                );
            case "stop":
                await database
                    .ThreadFollows.Where(follow => follow.SiteId == site.Id && follow.Mail == link.Mail)
                    .ExecuteDeleteAsync(http.RequestAborted);
                return await PageAsync(link, site, key, database, texts.Stopped, http.RequestAborted);
            default:
                return await PageAsync(link, site, key, database, null, http.RequestAborted);
        }
    }

    private static async Task<IResult> AskStop(string key, AntiphonContext database, CancellationToken cancellation)
    {
        if (
            await database
                .ThreadFollows.AsNoTracking()
                .Include(threadFollow => threadFollow.Site)
                .Include(threadFollow => threadFollow.Thread)
                .FirstOrDefaultAsync(threadFollow => threadFollow.Key == key, cancellation)
            is not { } follow
        )
            return Ended("en");
        var texts = MineTexts.For(follow.Site.Language);
        return PublicPage.Html(
            texts.StopTitle,
            $"<p>{Encoded.Html(follow.Thread.Title)}</p><form method=\"post\"><button>{Encoded.Html(texts.Stop)}</button></form>",
            head: Style,
            language: follow.Site.Language
        );
    }

    private static async Task<IResult> Stop(string key, AntiphonContext database, CancellationToken cancellation)
    {
        var language = await database
            .ThreadFollows.Where(follow => follow.Key == key)
            .Select(follow => follow.Site.Language)
            .FirstOrDefaultAsync(cancellation);
        await database.ThreadFollows.Where(follow => follow.Key == key).ExecuteDeleteAsync(cancellation);
        return Ended(language ?? "en");
    }

    private static IResult Ended(string language)
    {
        var texts = MineTexts.For(language);
        return PublicPage.Html(texts.Stopped, string.Empty, head: Style, language: language);
    }

    private static IResult Unknown() =>
        new MessagePage(StatusCodes.Status404NotFound, language =>
            (MineTexts.For(language).UnknownTitle, MineTexts.For(language).Unknown)
        );
}
