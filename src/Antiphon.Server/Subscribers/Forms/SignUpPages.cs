using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Notices;
using Antiphon.Data.Posts;
using Antiphon.Data.Subscribers;
using Antiphon.Server.Notices;
using Antiphon.Server.Outgoing.Mail;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Language;
using Antiphon.Server.Platform.Limits;
using Antiphon.Server.Platform.Requests;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Subscribers.Forms;

/// <summary>
/// /embed/questions and /embed/subscribe: targets of the forms that stand in posts. Plain posts, answered with a page
/// that leads back.
/// </summary>
internal static class SignUpPages
{
    private const int LongestMessage = 5000;
    private const int LongestName = 100;

    /// <summary>Maps the targets and the link of the mail that asks whether an address is theirs.</summary>
    public static void MapReaderForms(this WebApplication app)
    {
        var embed = app.MapGroup("/embed")
            .ExcludeFromDescription()
            .DisableAntiforgery()
            .RequireRateLimiting(RateLimits.Writing);
        embed.MapPost("/questions/{postKey}", Ask).ForAnybody();
        embed.MapPost("/subscribe/{siteKey}", Subscribe).ForAnybody();
        app.MapGet("/subscribe/{key}", Confirming).ExcludeFromDescription().ForAnybody();
        app.MapPost("/subscribe/{key}", Confirm).DisableAntiforgery().ExcludeFromDescription().ForAnybody();
    }

    private static async Task<IResult> Ask(
        string postKey,
        HttpContext http,
        AntiphonContext database,
        NoticeBoard board,
        PostAddresses addresses,
        TimeProvider clock
    )
    {
        var post = await database
            .Posts.Include(row => row.Blog.Site)
            .Include(row => row.Blog.Following)
            .PublicAt(clock.GetUtcNow())
            .FirstOrDefaultAsync(row => row.Key == postKey, http.RequestAborted);
        if (post is null || !post.BodyHtml.Contains("block-question", StringComparison.Ordinal))
            return PublicPage.Missing();
        if (!http.Request.HasFormContentType)
            return TypedResults.StatusCode(StatusCodes.Status415UnsupportedMediaType);
        var (form, texts) = (await http.FormAsync(), SignUpTexts.For(post.Blog.Site.Language));
        var (name, mail, message) = (
            form["name"].ToString().Trim(),
            form["mail"].ToString().Trim(),
            form["message"].ToString().Trim()
        );
        var back =
            $"<p><a href=\"{Encoded.Html(CameFrom(http) ?? addresses.Of(post))}\">{Encoded.Html(texts.Back)}</a></p>";
        if (name.Length is 0 or > LongestName || message.Length is 0 or > LongestMessage || !MailAddresses.IsOne(mail))
            return Again(texts, post.Blog.Site.Language, message, back);
        // A program that fills in what people do not see is told the same, and nothing is kept.
        if (form["website"].ToString().Length == 0)
            await KeepAsync(
                post,
                new Question
                {
                    SiteId = post.SiteId,
                    PostId = post.Id,
                    Name = name,
                    Mail = mail,
                    Message = message,
                    CreatedAt = clock.GetUtcNow(),
                },
                database,
                board,
                http.RequestAborted
            );
        return PublicPage.Html(
            texts.Thanks,
            $"<p>{Encoded.Html(texts.Answered)}</p>{back}",
            language: post.Blog.Site.Language
        );
    }

    // A page of ours says where it is in full; other sites say no more than their name, and are led to where the post
    // lives.
    private static string? CameFrom(HttpContext http) =>
        http.Request.GetTypedHeaders().Referer is { IsAbsoluteUri: true, AbsolutePath.Length: > 1 } page
        && page.Authority == http.Request.Host.Value
            ? page.AbsoluteUri
            : null;

    private static async Task KeepAsync(
        Post post,
        Question question,
        AntiphonContext database,
        NoticeBoard board,
        CancellationToken cancellation
    )
    {
        // A form that is sent twice asks once; looked up and kept while nobody else writes.
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        var lately = question.CreatedAt.AddHours(-1);
        if (
            await database.Questions.AnyAsync(
                row =>
                    row.PostId == question.PostId
                    && row.Mail == question.Mail
                    && row.Message == question.Message
                    && row.CreatedAt > lately,
                cancellation
            )
        )
            return;
        database.Questions.Add(question);
        var notice = new Notice
        {
            SiteId = post.SiteId,
            Title = $"{question.Name} asks below “{post.Title}”",
            Text = $"{TeamTexts.AsWritten(question.Message)}\n\nAnswer to {question.Mail}.",
            Path = $"s/{post.SiteId}/readers/questions",
        };
        await board.AddAsync(database, notice, cancellation);
        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
    }

    // What was written is shown, so that it can be copied; going back in the browser brings the filled form, too.
    private static IResult Again(SignUpTexts texts, string language, string message, string back) =>
        PublicPage.Html(
            texts.Incomplete,
            $"<p>{Encoded.Html(texts.WhatToFill)}</p>{(message.Length > 0 ? $"<blockquote>{Encoded.Html(Shortened.ToLength(message, LongestMessage))}</blockquote>" : string.Empty)}{back}",
            StatusCodes.Status422UnprocessableEntity,
            language: language
        );

    private static async Task<IResult> Subscribe(
        string siteKey,
        string? form,
        bool? inline,
        HttpContext http,
        AntiphonContext database,
        SignUpTaking taking
    )
    {
        var site = await database
            .Sites.AsNoTracking()
            .FirstOrDefaultAsync(row => row.PublicKey == siteKey, http.RequestAborted);
        if (site is null)
            return PublicPage.Missing();
        if (!http.Request.HasFormContentType)
            return TypedResults.StatusCode(StatusCodes.Status415UnsupportedMediaType);
        var embedded = form is null
            ? null
            : await database
                .SignUpForms.AsNoTracking()
                .FirstOrDefaultAsync(
                    signUpForm =>
                        signUpForm.Key == form && signUpForm.SiteId == site.Id && signUpForm.ArchivedAt == null,
                    http.RequestAborted
                );
        var answer = await taking.TakeAsync(site, embedded, await http.FormAsync(), http.RequestAborted);
        var status = answer.IsGood ? StatusCodes.Status200OK : StatusCodes.Status422UnprocessableEntity;
        if (inline == true)
            return EmbedAnswer.Refusal(http, site.AllowedAddresses)
                ?? TypedResults.Text(answer.Text, "text/plain", System.Text.Encoding.UTF8, status);
        var texts = SignUpTexts.For(site.Language);
        return PublicPage.Html(
            answer.Title,
            $"<p>{Encoded.Html(answer.Text)}</p><p><a href=\"{Encoded.Html(site.Address)}\">{Encoded.Html(texts.Back)}</a></p>",
            status,
            language: site.Language
        );
    }

    // Opening the link changes nothing, since mail scanners open every link.
    private static async Task<IResult> Confirming(string key, AntiphonContext database, CancellationToken cancellation)
    {
        var ask = await database
            .SubscriptionAsks.AsNoTracking()
            .Include(subscriptionAsk => subscriptionAsk.Site)
            .FirstOrDefaultAsync(subscriptionAsk => subscriptionAsk.Key == key, cancellation);
        if (ask is null)
            return PublicPage.Missing();
        var texts = SignUpTexts.For(ask.Site.Language);
        return ask.ConfirmedAt is not null
            ? PublicPage.Html(texts.Done, $"<p>{Encoded.Html(texts.DoneText)}</p>", language: ask.Site.Language)
            : PublicPage.Html(
                texts.Sure,
                $"<p>{Encoded.Html(ask.Site.Name)}</p><form method=\"post\"><button>{Encoded.Html(texts.Yes)}</button></form>",
                language: ask.Site.Language
            );
    }

    private static async Task<IResult> Confirm(
        string key,
        AntiphonContext database,
        SignUpTaking taking,
        CancellationToken cancellation
    )
    {
        var ask = await database
            .SubscriptionAsks.Include(subscriptionAsk => subscriptionAsk.Site)
            .FirstOrDefaultAsync(subscriptionAsk => subscriptionAsk.Key == key, cancellation);
        if (ask is null)
            return PublicPage.Missing();
        await taking.ConfirmAsync(ask, cancellation);
        var texts = SignUpTexts.For(ask.Site.Language);
        return PublicPage.Html(
            texts.Done,
            $"<p>{Encoded.Html(texts.DoneText)}</p><p><a href=\"{Encoded.Html(ask.Site.Address)}\">{Encoded.Html(ask.Site.Name)}</a></p>",
            language: ask.Site.Language
        );
    }
}
