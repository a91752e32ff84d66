using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Moderation;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Comments.Moderation;
using Antiphon.Server.Comments.Moderation;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Accounts;
using Antiphon.Server.Platform.Language;
using Antiphon.Server.Platform.Limits;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Notifying;

/// <summary>
/// /decide/{key}: a comment from a mail, decided with one tap and without signing in. Opening the link changes nothing,
/// since mail scanners open every link.
/// </summary>
internal static class DecisionPages
{
    private static readonly string Style =
        $"<style>{StyleSheet.Read("Comments/Notifying/decision.css")}</style>"
        + "<meta name=\"robots\" content=\"noindex\"><meta name=\"referrer\" content=\"no-referrer\">";

    /// <summary>What links in a mail do, as words, as they stand in the address, and as it is asked for.</summary>
    public static IReadOnlyList<(string Word, string Act, string Question)> Acts { get; } =
    [
        ("Publish", "public", "Publish this comment?"),
        ("Hide", "hidden", "Hide this comment?"),
        ("Mark as spam", "spam", "Mark this comment as spam?"),
    ];

    /// <summary>Maps it.</summary>
    public static void MapDecisionPages(this WebApplication app)
    {
        app.MapGet("/decide/{key}", Ask).ExcludeFromDescription().RequireRateLimiting(RateLimits.SignIn).ForAnybody();
        app.MapPost("/decide/{key}", Decide)
            .DisableAntiforgery()
            .ExcludeFromDescription()
            .RequireRateLimiting(RateLimits.SignIn)
            .ForAnybody();
    }

    private static async Task<ContentHttpResult> Ask(
        string key,
        Spelled<CommentStanding>? to,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        if (await FindAsync(key, database, cancellation) is not { } link)
            return Unknown();
        if (Ended(link, clock) is { } ended)
            return ended;
        var comment = link.Comment;
        var wanted = Acts.FirstOrDefault(pair => pair.Act == to?.ToString(), Acts[0]);
        var parent = comment.ParentId is { } id
            ? await database.Comments.AsNoTracking().FirstOrDefaultAsync(row => row.Id == id, cancellation)
            : null;
        var answered = parent is null
            ? string.Empty
            : $"<p class=\"soft\">{Said($"In reply to {parent.Author}:")}</p><div class=\"said soft\">{parent.Html}</div>";
        var buttons = string.Concat(
            Acts.OrderByDescending(pair => pair == wanted)
                .Select(pair =>
                    $"<button name=\"to\" value=\"{pair.Act}\"{(pair == wanted ? string.Empty : " class=\"other\"")}>{Said(pair.Word)}</button>"
                )
        );
        var stands =
            comment.Standing == CommentStanding.Waiting
                ? string.Empty
                : $"<p class=\"soft\">{Said(Now(comment.Standing))}</p>";
        return Page(
            wanted.Question,
            $"<p class=\"soft\">{Encoded.Html($"{comment.Author} · {comment.Thread.Title}")}</p>{answered}<div class=\"said\">{comment.Html}</div>{stands}"
                + $"<form method=\"post\"><input type=\"hidden\" name=\"seen\" value=\"{comment.Standing.ToString().ToLowerInvariant()}\">{buttons}</form><p class=\"soft\">{Queue(link)}</p>"
        );
    }

    private static async Task<ContentHttpResult> Decide(
        string key,
        HttpContext http,
        AntiphonContext database,
        CommentDecisions decisions,
        TimeProvider clock
    )
    {
        if (await FindAsync(key, database, http.RequestAborted) is not { } link)
            return Unknown();
        if (Ended(link, clock) is { } ended)
            return ended;
        var fields = await http.FormAsync();
        if (
            !Spelled<CommentStanding>.TryParse(fields["to"], out var to)
            || !Acts.Any(pair => pair.Act == to.ToString())
            || !Spelled<CommentStanding>.TryParse(fields["seen"], out var seen)
        )
            return Message("No action taken", "Go back and tap one of the buttons.", StatusCodes.Status400BadRequest);
        // Who left the team, or may no longer moderate, holds a link that leads nowhere.
        if (
            await database.Memberships.FirstOrDefaultAsync(
                membership => membership.SiteId == link.SiteId && membership.PersonId == link.PersonId,
                http.RequestAborted
            )
                is not { } member
            || !member.Role.May(SiteRight.Moderate)
        )
            return Unknown();
        var now = clock.GetUtcNow();
        if (
            await database
                .DecisionLinks.Where(decisionLink => decisionLink.Id == link.Id && decisionLink.UsedAt == null)
                .ExecuteUpdateAsync(
                    set => set.SetProperty(decisionLink => decisionLink.UsedAt, now),
                    http.RequestAborted
                ) == 0
        )
            return Used();
        var by = new Doer(link.PersonId, await database.NameOfAsync(link.PersonId, http.RequestAborted), DeedWay.Mail);
        if (
            to.Value != seen.Value
            && await decisions.DecideAsync(link.SiteId, link.CommentId, to.Value, seen.Value, by, http.RequestAborted)
                is null
        )
            return Meanwhile(link);
        return Page(
            Done(to.Value),
            $"<p>{Encoded.Html($"{link.Comment.Author} · {link.Comment.Thread.Title}")}</p><p class=\"soft\">{Said("It can be undone in the queue.")} {Queue(link)}</p>"
        );
    }

    private static string Now(CommentStanding standing) =>
        standing switch
        {
            CommentStanding.Public => "It is public now.",
            CommentStanding.Hidden => "It is hidden now.",
            CommentStanding.Spam => "It is spam now.",
            _ => "It is deleted now.",
        };

    private static string Done(CommentStanding to) =>
        to switch
        {
            CommentStanding.Public => "Published",
            CommentStanding.Hidden => "Hidden",
            _ => "Marked as spam",
        };

    private static string QueuePath(DecisionLink link) => $"/s/{link.SiteId}/comments?comment={link.CommentId}";

    private static ContentHttpResult? Ended(DecisionLink link, TimeProvider clock) =>
        link.UsedAt is not null ? Used()
        : link.ExpiresAt <= clock.GetUtcNow()
            ? Page(
                "This link has expired",
                $"<p>{Said("Email links are valid for three days.")}</p><p>{Queue(link)}</p>",
                StatusCodes.Status410Gone
            )
        : null;

    private static ContentHttpResult Used() =>
        Message(
            "This link was used",
            "Each link works once. Use the queue for other comments.",
            StatusCodes.Status410Gone
        );

    private static ContentHttpResult Unknown() =>
        Message(
            "This link is not known",
            "It may have been cut off in the mail. Open the queue instead.",
            StatusCodes.Status404NotFound
        );

    private static ContentHttpResult Meanwhile(DecisionLink link) =>
        Page(
            "Someone else has already moderated this comment",
            $"<p>{Said("Nothing was changed.")}</p><p>{Queue(link)}</p>",
            StatusCodes.Status409Conflict
        );

    private static ContentHttpResult Message(string heading, string text, int status) =>
        Page(heading, $"<p>{Said(text)}</p>", status);

    private static ContentHttpResult Page(string heading, string body, int status = StatusCodes.Status200OK) =>
        PublicPage.Html(TeamTexts.Say(heading), body, status, Style, TeamTexts.Language);

    private static string Queue(DecisionLink link) => $"<a href=\"{QueuePath(link)}\">{Said("Open the queue")}</a>";

    private static string Said(string text) => Encoded.Html(TeamTexts.Say(text));

    private static Task<DecisionLink?> FindAsync(string key, AntiphonContext database, CancellationToken cancellation)
    {
        var hash = TokenHash.Of(key);
        return database
            .DecisionLinks.AsNoTracking()
            .Include(link => link.Comment.Thread)
            .FirstOrDefaultAsync(link => link.Hash == hash, cancellation);
    }
}
