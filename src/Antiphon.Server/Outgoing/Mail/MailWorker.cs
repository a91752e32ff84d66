using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Outgoing;
using Antiphon.Data.Sites;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;
using MimeKit;

namespace Antiphon.Server.Outgoing.Mail;

/// <summary>Sends one kind of mail. A repeat after a crash carries the same Message-ID.</summary>
internal abstract class MailWorker<TMail>(Leases<TMail> leases, MailTools tools) : LeasedWork<TMail>(leases, tools.Work)
    where TMail : DueMail
{
    /// <summary>The mails with what their text needs.</summary>
    protected abstract IQueryable<TMail> All(AntiphonContext database);

    /// <summary>The site a mail comes from.</summary>
    protected abstract Site SiteOf(TMail due);

    /// <summary>Subject and text of a mail.</summary>
    /// <param name="due">The mail.</param>
    /// <param name="language">
    /// Primary subtag of the language the workplace of whoever gets it speaks; null where they have none.
    /// </param>
    protected abstract (string Subject, string Text) WordsOf(TMail due, string? language);

    /// <summary>Whom an answer goes to; null for the sender.</summary>
    protected virtual string? AnswerTo(TMail due) => null;

    /// <summary>Where such mails end in one click; null where there is nothing to end.</summary>
    protected virtual string? StopAddress(TMail due) => null;

    /// <summary>What the team is told of a mail that was given up; null for nothing.</summary>
    protected abstract GivenUp? LossOf(TMail due);

    /// <inheritdoc/>
    protected override Task<bool> IsOpenAsync(CancellationToken cancellation) =>
        tools.Transport.IsOpenAsync(cancellation);

    /// <inheritdoc/>
    protected override Task<TMail?> NextAsync(
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    ) =>
        database
            .Set<TMail>()
            .Free(now)
            .Where(row => row.SentAt == null && row.FailedAt == null && row.NextAttemptAt <= now)
            .OrderBy(row => row.NextAttemptAt)
            .FirstOrDefaultAsync(cancellation);

    /// <inheritdoc/>
    protected override async Task DoAsync(Claim<TMail> claim, IServiceProvider services, CancellationToken cancellation)
    {
        await using var database = await Tools.Databases.CreateDbContextAsync(cancellation);
        var due = await All(database).SingleAsync(row => row.Id == claim.Key, cancellation);
        var language = await database
            .Users.Where(person => person.Email == due.Address)
            .Select(person => person.Language)
            .FirstOrDefaultAsync(cancellation);
        await using var sender = services.GetRequiredService<MailSender>();
        var (handover, now) = (
            await tools.Transport.HandOverAsync(
                sender,
                MessageOf(due, language),
                due.Attempts + 1,
                key: null,
                cancellation
            ),
            Tools.Clock.GetUtcNow()
        );
        if (handover.Counts)
            due.Attempts++;
        if (handover.Fault is null)
            due.SentAt = now;
        else if (handover.Next is { } next)
            due.NextAttemptAt = next;
        else
            due.FailedAt = now;
        await claim.EndAsync(database, CancellationToken.None);
    }

    /// <inheritdoc/>
    protected override async Task<GivenUp?> GiveUpAsync(
        AntiphonContext database,
        TMail row,
        string why,
        CancellationToken cancellation
    )
    {
        row.FailedAt = Tools.Clock.GetUtcNow();
        return LossOf(await All(database).SingleAsync(tMail => tMail.Id == row.Id, cancellation));
    }

    private MimeMessage MessageOf(TMail due, string? language)
    {
        var (subject, text) = WordsOf(due, language);
        var sender = new MailboxAddress(HeaderText.Of(SiteOf(due).Name), tools.Mail.Value.From);
        var message = new MimeMessage
        {
            Subject = HeaderText.Of(subject),
            MessageId = $"{due.Key}@{sender.Domain}",
            Date = Tools.Clock.GetUtcNow(),
        };
        message.From.Add(sender);
        message.To.Add(new MailboxAddress(HeaderText.Of(due.Name), due.Address));
        if (AnswerTo(due) is { } other && MailboxAddress.TryParse(other, out var answer))
            message.ReplyTo.Add(answer);
        if (StopAddress(due) is { } stop)
        {
            message.Headers.Add(HeaderId.ListUnsubscribe, $"<{stop}>");
            message.Headers.Add("List-Unsubscribe-Post", "List-Unsubscribe=One-Click");
        }

        message.Body = new TextPart("plain") { Text = text };
        return message;
    }
}
