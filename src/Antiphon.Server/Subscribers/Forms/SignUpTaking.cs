using System.Globalization;
using Antiphon.Core.Sites;
using Antiphon.Core.Subscribers;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Sites;
using Antiphon.Data.Subscribers;
using Antiphon.Server.Outgoing.Mail;
using Antiphon.Server.Platform;
using Antiphon.Server.Subscribers.Preferences;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Subscribers.Forms;

/// <summary>
/// Takes what forms ask for: a mail asks back whether the address is theirs, and only its link makes a subscriber.
/// </summary>
internal sealed class SignUpTaking(
    AntiphonContext database,
    LetterBox letters,
    SubscriberLeaving subscribers,
    IKeySource keys,
    IOptions<AntiphonOptions> options,
    TimeProvider clock
)
{
    private const int LongestName = 100;

    /// <summary>
    /// Takes a form. What is said is the same whether the address is known or not, so that nobody learns who reads
    /// here.
    /// </summary>
    /// <param name="site">The site.</param>
    /// <param name="form">The embedded form; null for the block in a post.</param>
    /// <param name="sent">What was sent.</param>
    /// <param name="cancellation">Ends it early.</param>
    public async Task<SignUpAnswer> TakeAsync(
        Site site,
        SignUpForm? form,
        IFormCollection sent,
        CancellationToken cancellation
    )
    {
        var texts = SignUpTexts.For(site.Language);
        var mail = sent["mail"].ToString().Trim().ToLowerInvariant();
        if (!MailAddresses.IsOne(mail))
            return new SignUpAnswer(false, texts.Incomplete, texts.NoAddress);
        if (form?.Settings.Consent.Length > 0 && sent["consent"] != "yes")
            return new SignUpAnswer(false, texts.Incomplete, texts.NoConsent);
        // A program that fills in what people do not see is told the same, and nothing is kept.
        if (sent["website"].ToString().Length == 0)
            await AskBackAsync(site, form, mail, sent, texts, cancellation);
        return new SignUpAnswer(
            true,
            texts.LookForMail,
            form?.Settings.Thanks is { Length: > 0 } thanks ? thanks : texts.ConfirmFirst
        );
    }

    private async Task AskBackAsync(
        Site site,
        SignUpForm? form,
        string mail,
        IFormCollection sent,
        SignUpTexts texts,
        CancellationToken cancellation
    )
    {
        var now = clock.GetUtcNow();
        // Looked up and kept while nobody else writes, so that a form that is sent twice at once asks once.
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        if (
            await database.Subscribers.AnyAsync(
                subscriber =>
                    subscriber.SiteId == site.Id
                    && subscriber.Mail == mail
                    && subscriber.LeftAt == null
                    && subscriber.Suppressed == null,
                cancellation
            )
        )
            return;
        // Nobody can make us write to an address again and again.
        if (
            await database.SubscriptionAsks.AnyAsync(
                subscriptionAsk =>
                    subscriptionAsk.SiteId == site.Id
                    && subscriptionAsk.Mail == mail
                    && subscriptionAsk.ConfirmedAt == null
                    && subscriptionAsk.CreatedAt > now.AddHours(-1),
                cancellation
            )
        )
            return;
        var ask = new SubscriptionAsk
        {
            SiteId = site.Id,
            Mail = mail,
            Key = keys.NewKey(32),
            CreatedAt = now,
        };
        if (form is not null)
            Fill(ask, form, sent);
        database.SubscriptionAsks.Add(ask);
        letters.Post(
            database,
            site.Id,
            mail,
            texts.LetterSubject.With("site", site.Name),
            $"{texts.LetterText}\n\n{options.Value.AddressOf($"subscribe/{ask.Key}")}\n\n{texts.LetterOtherwise}\n"
        );
        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
    }

    // Only what the form offers is taken, whatever was sent.
    private static void Fill(SubscriptionAsk ask, SignUpForm form, IFormCollection sent)
    {
        ask.FormId = form.Id;
        if (form.Settings.AsksName)
            ask.Name = Trimmed.OrNull(Shortened.ToLength(HeaderText.Of(sent["name"].ToString()), LongestName));
        ask.Categories = [.. sent["category"].OfType<string>().Where(form.Settings.Categories.Contains)];
        var digests = form
            .Settings.Digests.Where(id => sent["digest"].Contains(id.ToString(CultureInfo.InvariantCulture)))
            .ToList();
        if (digests.Count > 0)
            ask.Digests = digests;
        if (form.Settings.Consent.Length > 0)
            (ask.Consent, ask.ConsentVersion) = (form.Settings.Consent, form.ConsentVersion);
    }

    /// <summary>Makes the subscriber an ask was for; nothing when it was confirmed before.</summary>
    public async Task ConfirmAsync(SubscriptionAsk ask, CancellationToken cancellation)
    {
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        await database.Entry(ask).ReloadAsync(cancellation);
        if (ask.ConfirmedAt is not null)
            return;
        var now = clock.GetUtcNow();
        ask.ConfirmedAt = now;
        var known = await database.Subscribers.FirstOrDefaultAsync(
            row => row.SiteId == ask.SiteId && row.Mail == ask.Mail,
            cancellation
        );
        var subscriber = known
            ?? new Subscriber
            {
                SiteId = ask.SiteId,
                Mail = ask.Mail,
                Key = keys.NewKey(32),
                CreatedAt = now,
                Origin = SubscriberOrigin.Form,
            };
        subscriber.Name ??= ask.Name;
        (subscriber.SeenAt, subscriber.FormId) = (now, ask.FormId ?? subscriber.FormId);
        if (ask.Categories.Count > 0)
            subscriber.Categories = ask.Categories;
        if (ask.Digests is not null)
            subscriber.Digests = ask.Digests;
        if (ask.Consent is not null)
            (subscriber.Consent, subscriber.ConsentVersion) = (ask.Consent, ask.ConsentVersion);
        if (known is null)
            await subscribers.JoinAsync(subscriber, cancellation);
        else
            await subscribers.ReturnAsync(subscriber, cancellation);
        // They asked for it themselves, which outweighs that they once had everything deleted.
        var hash = AddressHash.Of(ask.Mail, ask.Site.PublicKey);
        await database
            .GoneAddresses.Where(address => address.SiteId == ask.SiteId && address.Hash == hash)
            .ExecuteDeleteAsync(cancellation);
        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        subscribers.Wake();
    }
}

/// <summary>What a reader is told after sending a form.</summary>
internal sealed record SignUpAnswer(bool IsGood, string Title, string Text);
