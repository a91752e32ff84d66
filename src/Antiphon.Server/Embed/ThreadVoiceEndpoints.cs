using Antiphon.Core.Comments;
using Antiphon.Core.Text;
using Antiphon.Data.Sites;
using Antiphon.Server.Comments;
using Antiphon.Server.Comments.Commenters;
using Antiphon.Server.Comments.Threads;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Limits;
using Antiphon.Server.Platform.Requests;

namespace Antiphon.Server.Embed;

/// <summary>
/// /embed/threads/{siteKey}/voice, /own and /preview: votes, reactions and reports; a writer's own comment; a comment
/// as it will look.
/// </summary>
internal static class ThreadVoiceEndpoints
{
    private const int LongestReport = 500;

    /// <summary>Maps them.</summary>
    public static void MapThreadVoices(this RouteGroupBuilder embed)
    {
        var threads = embed.MapGroup("/threads/{siteKey}").DisableAntiforgery().RequireRateLimiting(RateLimits.Voices);
        threads.MapPost("/voice", Hear).ForAnybody();
        threads.MapPost("/own", ChangeOwn).ForAnybody();
        threads.MapPost("/preview", Preview).ForAnybody();
    }

    private static async Task<IResult> Hear(
        string siteKey,
        HttpContext http,
        ThreadReader threads,
        ThreadOpening opening,
        CommentVoting voices,
        CommenterKeys readers
    )
    {
        var entered = await EnteredForm.OfAsync(siteKey, http, threads);
        if (entered is not { Site: { } site, Fields: { } fields })
            return entered.Refusal!;
        var from = new ReaderFrom(readers.ReaderOf(http, fields["device"]), readers.PlaceOf(http));
        var page = ThreadSnippet.PagePath(
            siteKey,
            fields["id"].ToString(),
            fields["url"].ToString(),
            fields["title"].ToString()
        );
        var comment = fields["comment"].ToString();
        if (Enum.TryParse<ReportReason>(fields["report"], ignoreCase: true, out var reason))
        {
            if (
                !await voices.ReportAsync(
                    site,
                    comment,
                    reason,
                    Trimmed.OrNull(Shortened.ToLength(fields["words"].ToString(), LongestReport)),
                    from,
                    http.RequestAborted
                )
            )
                return TypedResults.NotFound();
            return entered.WantsJson
                ? TypedResults.Json(new { message = ThreadTexts.For(site.Language).Reported })
                : TypedResults.LocalRedirect(page + "&sent=report");
        }

        var back = TypedResults.LocalRedirect(
            comment.Length == 0 ? page : $"{page}#comment-{Uri.EscapeDataString(comment)}"
        );
        if (fields["react"].ToString() is { Length: > 0 } sign)
            return
                await ReactAsync(site, fields, sign, from, threads, opening, voices, http.RequestAborted) is { } count
                ? entered.WantsJson
                    ? TypedResults.Json(new { count })
                    : back
                : TypedResults.NotFound();
        bool? isUp = fields["vote"].ToString() switch
        {
            "up" => true,
            "down" => false,
            _ => null,
        };
        if (await voices.VoteAsync(site, comment, isUp, from, http.RequestAborted) is not { } votes)
            return TypedResults.NotFound();
        return entered.WantsJson ? TypedResults.Json(votes) : back;
    }

    private static async Task<int?> ReactAsync(
        Site site,
        IFormCollection fields,
        string sign,
        ReaderFrom from,
        ThreadReader threads,
        ThreadOpening opening,
        CommentVoting voices,
        CancellationToken cancellation
    )
    {
        var (id, url, comment) = (fields["id"].ToString(), fields["url"].ToString(), fields["comment"].ToString());
        var thread = await threads.FindAsync(site, id, url, cancellation);
        if (thread is null)
        {
            // A page nobody has written on yet may be reacted to all the same, where its site offers the sign.
            if (
                comment.Length > 0
                || (id.Length == 0 && FoldedAddress.Of(url) is null)
                || id.Length > 500
                || !(await threads.RulesAsync(site, null, cancellation)).Settings.Reactions.Contains(sign)
            )
                return null;
            thread = await opening.OpenAsync(site, id, url, fields["title"].ToString(), cancellation);
        }

        return await voices.ReactAsync(site, thread, comment, sign, from, cancellation);
    }

    private static async Task<IResult> ChangeOwn(
        string siteKey,
        HttpContext http,
        ThreadReader threads,
        OwnComments own,
        CommenterKeys readers
    )
    {
        var entered = await EnteredForm.OfAsync(siteKey, http, threads);
        if (entered is not { Site: { } site, Fields: { } fields })
            return entered.Refusal!;
        if (readers.OwnerOf(fields["device"]) is not { } owner)
            return TypedResults.NotFound();
        var (comment, text) = (fields["comment"].ToString(), fields["text"].ToString());
        if (fields["act"].ToString() == "look")
            return Told(
                site,
                await own.LookAsync(site, comment, owner, http.RequestAborted),
                ThreadTexts.For(site.Language).Public
            );
        if (fields["act"].ToString() == "withdraw")
            return Told(
                site,
                await own.WithdrawAsync(site, comment, owner, http.RequestAborted),
                ReaderTexts.For(site.Language).Withdrawn
            );
        if (string.IsNullOrWhiteSpace(text))
            return FieldProblem.For("text", EmbedTexts.For(site.Language).CommentMissing);
        if (text.Length > CommentBody.MaxLength)
            return FieldProblem.For("text", EmbedTexts.For(site.Language).TooLong);
        return Told(
            site,
            await own.ChangeAsync(site, comment, owner, text, http.RequestAborted),
            ThreadTexts.For(site.Language).Public
        );
    }

    private static IResult Told(Site site, OwnOutcome outcome, string done) =>
        outcome switch
        {
            OwnOutcome.Done => TypedResults.Json(new { message = done, isPublic = true }),
            OwnOutcome.Waits => TypedResults.Json(
                new { message = EmbedTexts.For(site.Language).Waits, isPublic = false }
            ),
            OwnOutcome.TooLate => FieldProblem.For("text", ReaderTexts.For(site.Language).TooLate),
            _ => TypedResults.NotFound(),
        };

    private static async Task<IResult> Preview(string siteKey, HttpContext http, ThreadReader threads)
    {
        var entered = await EnteredForm.OfAsync(siteKey, http, threads);
        if (entered is not { Fields: { } fields })
            return entered.Refusal!;
        return TypedResults.Text(
            CommentBody.ToHtml(Shortened.ToLength(fields["text"].ToString(), CommentBody.MaxLength)),
            "text/html; charset=utf-8"
        );
    }
}
