using Antiphon.Core.Posts;
using Antiphon.Core.Sites;
using Antiphon.Core.Syndication.Channels;
using Antiphon.Core.Syndication.Subscribers;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Data.Entities.Syndication.Mailing;
using Antiphon.Server.Channels;
using Antiphon.Server.Channels.Planning;
using Antiphon.Server.Channels.Sending;
using Antiphon.Server.Embed;
using Antiphon.Server.Hosting;
using Antiphon.Server.Mail;
using Antiphon.Server.Notices;
using Antiphon.Server.Posts;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Readers;

/// <summary>/embed/questions and /embed/subscribe: targets of the forms that stand in posts. Plain posts, answered with a page that leads back.</summary>
internal static class ReaderForms
{
    private const int LongestMessage = 5000;
    private const int LongestName = 100;

    /// <summary>Maps the targets and the link of the mail that asks whether an address is theirs.</summary>
    public static void MapReaderForms(this WebApplication app)
    {
        var embed = app.MapGroup("/embed").ExcludeFromDescription().DisableAntiforgery().RequireRateLimiting(RateLimits.Writing);
        embed.MapPost("/questions/{postKey}", Ask);
        embed.MapPost("/subscribe/{siteKey}", Subscribe);
        app.MapGet("/subscribe/{key}", Confirming).ExcludeFromDescription();
        app.MapPost("/subscribe/{key}", Confirm).DisableAntiforgery().ExcludeFromDescription();
    }

    private static async Task<IResult> Ask(string postKey, HttpContext http, AntiphonContext database, NoticeBoard board, PostAddresses addresses, TimeProvider clock)
    {
        var post = await database.Posts.Include(one => one.Blog.Site).Include(one => one.Blog.Following).FirstOrDefaultAsync(one => one.Key == postKey && one.Status == PostStatus.Published, http.RequestAborted);
        if (post is null || !post.BodyHtml.Contains("block-question", StringComparison.Ordinal)) return PublicPage.Missing();
        if (!http.Request.HasFormContentType) return TypedResults.StatusCode(StatusCodes.Status415UnsupportedMediaType);
        var (form, texts) = (await http.Request.ReadFormAsync(http.RequestAborted), ReaderFormTexts.For(post.Blog.Site.Language));
        var (name, mail, message) = (form["name"].ToString().Trim(), form["mail"].ToString().Trim(), form["message"].ToString().Trim());
        var back = $"<p><a href=\"{Encoded.Html(CameFrom(http) ?? addresses.Of(post))}\">{Encoded.Html(texts.Back)}</a></p>";
        if (name.Length is 0 or > LongestName || message.Length is 0 or > LongestMessage || !MailAddresses.IsOne(mail)) return Again(texts, post.Blog.Site.Language, message, back);
        // A program that fills in what people do not see is told the same, and nothing is kept.
        if (form["website"].ToString().Length == 0) await KeepAsync(post, new Question { SiteId = post.SiteId, PostId = post.Id, Name = name, Mail = mail, Message = message, CreatedAt = clock.GetUtcNow() }, database, board, http.RequestAborted);
        return PublicPage.Html(texts.Thanks, $"<p>{Encoded.Html(texts.Answered)}</p>{back}", language: post.Blog.Site.Language);
    }

    // A page of ours says where it is in full; other sites say no more than their name, and are led to where the post lives.
    private static string? CameFrom(HttpContext http) => http.Request.GetTypedHeaders().Referer is { IsAbsoluteUri: true, AbsolutePath.Length: > 1 } page && page.Authority == http.Request.Host.Value ? page.AbsoluteUri : null;

    private static async Task KeepAsync(Post post, Question question, AntiphonContext database, NoticeBoard board, CancellationToken cancellation)
    {
        database.Questions.Add(question);
        var notice = new Notice { SiteId = post.SiteId, Title = $"{question.Name} asks below “{post.Title}”", Text = $"{question.Message}\n\nAnswer to {question.Mail}.", Path = $"s/{post.SiteId}/readers?part=questions" };
        await board.AddAsync(database, notice, cancellation);
        await database.SaveChangesAsync(cancellation);
    }

    // What was written is shown, so that it can be copied; going back in the browser brings the filled form, too.
    private static IResult Again(ReaderFormTexts texts, string language, string message, string back) => PublicPage.Html(
        texts.Incomplete, $"<p>{Encoded.Html(texts.WhatToFill)}</p>{(message.Length > 0 ? $"<blockquote>{Encoded.Html(Shortened.ToLength(message, LongestMessage))}</blockquote>" : string.Empty)}{back}", StatusCodes.Status422UnprocessableEntity, language: language);

    private static async Task<IResult> Subscribe(string siteKey, HttpContext http, AntiphonContext database, LetterBox letters, IKeySource keys, IOptions<AntiphonOptions> options, TimeProvider clock)
    {
        var site = await database.Sites.AsNoTracking().FirstOrDefaultAsync(one => one.PublicKey == siteKey, http.RequestAborted);
        if (site is null) return PublicPage.Missing();
        if (!http.Request.HasFormContentType) return TypedResults.StatusCode(StatusCodes.Status415UnsupportedMediaType);
        var (form, texts) = (await http.Request.ReadFormAsync(http.RequestAborted), ReaderFormTexts.For(site.Language));
        var mail = form["mail"].ToString().Trim().ToLowerInvariant();
        if (!MailAddresses.IsOne(mail)) return PublicPage.Html(texts.Incomplete, $"<p>{Encoded.Html(texts.NoAddress)}</p>", StatusCodes.Status422UnprocessableEntity, language: site.Language);
        var isKnown = await database.Subscribers.AnyAsync(one => one.SiteId == site.Id && one.Mail == mail && one.LeftAt == null, http.RequestAborted);
        if (form["website"].ToString().Length == 0 && !isKnown) await AskBackAsync(site, mail, database, letters, keys, options.Value, clock, http.RequestAborted);
        // The same words whether the address is known or not, so that nobody learns who reads here.
        return PublicPage.Html(texts.LookForMail, $"<p>{Encoded.Html(texts.ConfirmFirst)}</p><p><a href=\"{Encoded.Html(site.Address)}\">{Encoded.Html(texts.Back)}</a></p>", language: site.Language);
    }

    private static async Task AskBackAsync(Site site, string mail, AntiphonContext database, LetterBox letters, IKeySource keys, AntiphonOptions options, TimeProvider clock, CancellationToken cancellation)
    {
        var now = clock.GetUtcNow();
        // Nobody can make us write to an address again and again.
        if (await database.SubscriptionAsks.AnyAsync(one => one.SiteId == site.Id && one.Mail == mail && one.ConfirmedAt == null && one.CreatedAt > now.AddHours(-1), cancellation)) return;
        var texts = ReaderFormTexts.For(site.Language);
        var ask = new SubscriptionAsk { SiteId = site.Id, Mail = mail, Key = keys.NewKey(32), CreatedAt = now };
        database.SubscriptionAsks.Add(ask);
        letters.Post(database, site.Id, mail, string.Format(System.Globalization.CultureInfo.InvariantCulture, texts.LetterSubject, site.Name), $"{texts.LetterText}\n\n{options.AddressOf($"subscribe/{ask.Key}")}\n\n{texts.LetterOtherwise}\n");
        await database.SaveChangesAsync(cancellation);
    }

    // Opening the link changes nothing, since mail scanners open every link.
    private static async Task<IResult> Confirming(string key, AntiphonContext database, CancellationToken cancellation)
    {
        var ask = await database.SubscriptionAsks.AsNoTracking().Include(one => one.Site).FirstOrDefaultAsync(one => one.Key == key, cancellation);
        if (ask is null) return PublicPage.Missing();
        var texts = ReaderFormTexts.For(ask.Site.Language);
        return ask.ConfirmedAt is not null
            ? PublicPage.Html(texts.Done, $"<p>{Encoded.Html(texts.DoneText)}</p>", language: ask.Site.Language)
            : PublicPage.Html(texts.Sure, $"<p>{Encoded.Html(ask.Site.Name)}</p><form method=\"post\"><button>{Encoded.Html(texts.Yes)}</button></form>", language: ask.Site.Language);
    }

    private static async Task<IResult> Confirm(string key, AntiphonContext database, DeliveryMaking webhooks, ChannelSignal channels, IKeySource keys, TimeProvider clock, CancellationToken cancellation)
    {
        var ask = await database.SubscriptionAsks.Include(one => one.Site).FirstOrDefaultAsync(one => one.Key == key, cancellation);
        if (ask is null) return PublicPage.Missing();
        var now = clock.GetUtcNow();
        if (ask.ConfirmedAt is null)
        {
            ask.ConfirmedAt = now;
            var known = await database.Subscribers.FirstOrDefaultAsync(one => one.SiteId == ask.SiteId && one.Mail == ask.Mail, cancellation);
            var subscriber = known ?? database.Subscribers.Add(new Subscriber { SiteId = ask.SiteId, Mail = ask.Mail, Key = keys.NewKey(32), CreatedAt = now, Origin = SubscriberOrigin.Form }).Entity;
            subscriber.LeftAt = null;
            await webhooks.TellAsync(ask.SiteId, ChannelEvent.SubscriberJoined, () => WebhookPayload.OfSubscriber(subscriber, ChannelEvent.SubscriberJoined, now), cancellation);
            await database.SaveChangesAsync(cancellation);
            channels.Wake();
        }

        var texts = ReaderFormTexts.For(ask.Site.Language);
        return PublicPage.Html(texts.Done, $"<p>{Encoded.Html(texts.DoneText)}</p><p><a href=\"{Encoded.Html(ask.Site.Address)}\">{Encoded.Html(ask.Site.Name)}</a></p>", language: ask.Site.Language);
    }
}
