using Antiphon.Core.Syndication;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Channels;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;
using MimeKit;

namespace Antiphon.Server.Mail;

/// <summary>What every sender of mails needs.</summary>
internal sealed record MailTools(
    IDbContextFactory<AntiphonContext> Databases, IServiceProvider Services, TimeProvider Clock, Random Random, IOptions<MailOptions> Mail, IOptions<DeliveryOptions> Options, MailTransport Transport, ILogger<MailTools> Log);

/// <summary>Sends one kind of mail: claim, send, record. A repeat after a crash carries the same Message-ID.</summary>
internal abstract class MailWorker<TMail>(MailTools tools) : BackgroundService
    where TMail : DueMail
{
    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(TimeSpan.FromSeconds(tools.Options.Value.LookEverySeconds), tools.Clock);
        do
        {
            try
            {
                while (await tools.Transport.IsOpenAsync(stoppingToken) && await ClaimAsync(stoppingToken) is { } claimed) await SendAsync(claimed, stoppingToken);
            }
            catch (Exception failure) when (failure is not OperationCanceledException)
            {
                tools.Log.LogError(failure, "Mails of kind {Kind} could not be sent; trying again", typeof(TMail).Name);
            }
        }
        while (await timer.WaitForNextTickAsync(stoppingToken));
    }

    /// <summary>The mails with what their text needs.</summary>
    protected abstract IQueryable<TMail> All(AntiphonContext database);

    /// <summary>The site a mail comes from.</summary>
    protected abstract Site SiteOf(TMail due);

    /// <summary>Subject and text of a mail.</summary>
    protected abstract (string Subject, string Text) WordsOf(TMail due);

    /// <summary>Whom an answer goes to; null for the sender.</summary>
    protected virtual string? AnswerTo(TMail due) => null;

    /// <summary>Where such mails end in one click; null where there is nothing to end.</summary>
    protected virtual string? StopAddress(TMail due) => null;

    private async Task<TMail?> ClaimAsync(CancellationToken cancellation)
    {
        await using var database = await tools.Databases.CreateDbContextAsync(cancellation);
        var now = tools.Clock.GetUtcNow();
        var due = await All(database).AsNoTracking().Where(one => one.SentAt == null && one.FailedAt == null && one.NextAttemptAt <= now).OrderBy(one => one.NextAttemptAt).FirstOrDefaultAsync(cancellation);
        if (due is null) return null;
        var lease = now.AddSeconds(tools.Options.Value.LeaseSeconds);
        var claimed = await database.Set<TMail>().Where(one => one.Id == due.Id && one.NextAttemptAt == due.NextAttemptAt)
            .ExecuteUpdateAsync(set => set.SetProperty(one => one.NextAttemptAt, lease).SetProperty(one => one.Attempts, one => one.Attempts + 1), cancellation);
        due.Attempts++;
        return claimed == 1 ? due : null;
    }

    private async Task SendAsync(TMail due, CancellationToken cancellation)
    {
        await using var sender = tools.Services.GetRequiredService<MailSender>();
        var now = tools.Clock.GetUtcNow();
        try
        {
            await sender.SendAsync(MessageOf(due, now), cancellation);
        }
        catch (Exception failure) when (failure is not OperationCanceledException || !cancellation.IsCancellationRequested)
        {
            await FailAsync(due, failure, now);
            return;
        }

        await RecordAsync(due, one => one.SentAt = now);
        await tools.Transport.WorksAsync();
    }

    // Whatever is thrown ends here: a mail that cannot be made is given up as one that is refused, and the next has its turn.
    private async Task FailAsync(TMail due, Exception failure, DateTimeOffset now)
    {
        var fault = MailFailure.Of(failure);
        tools.Log.LogInformation("A mail of kind {Kind} was not handed over: {Reason}", typeof(TMail).Name, failure.Message);
        if (fault is MailFault.Server or MailFault.Refusal)
        {
            var next = await tools.Transport.FailedAsync(fault, failure.Message);
            await RecordAsync(due, one => (one.NextAttemptAt, one.Attempts) = (next, fault == MailFault.Server ? one.Attempts - 1 : one.Attempts));
            if (fault == MailFault.Server || due.Attempts < RetrySchedule.MaxAttempts) return;
        }

        var pause = fault == MailFault.Passing ? RetrySchedule.PauseAfter(due.Attempts, tools.Random.NextDouble()) : null;
        await RecordAsync(due, one => (one.NextAttemptAt, one.FailedAt) = (now + ((pause ?? TimeSpan.Zero) * tools.Options.Value.PauseFactor), pause is null ? now : null));
    }

    private async Task RecordAsync(TMail due, Action<TMail> record)
    {
        await using var database = await tools.Databases.CreateDbContextAsync();
        // Recorded only while the claim holds; another worker that took it up since records for itself.
        if (await database.Set<TMail>().FirstOrDefaultAsync(one => one.Id == due.Id && one.Attempts == due.Attempts && one.SentAt == null) is not { } row) return;
        record(row);
        await database.SaveChangesAsync();
    }

    private MimeMessage MessageOf(TMail due, DateTimeOffset now)
    {
        var (subject, text) = WordsOf(due);
        var sender = new MailboxAddress(HeaderText.Of(SiteOf(due).Name), tools.Mail.Value.From);
        var message = new MimeMessage { Subject = HeaderText.Of(subject), MessageId = $"{due.Key}@{sender.Domain}", Date = now };
        message.From.Add(sender);
        message.To.Add(new MailboxAddress(HeaderText.Of(due.Name), due.Address));
        if (AnswerTo(due) is { } other && MailboxAddress.TryParse(other, out var answer)) message.ReplyTo.Add(answer);
        if (StopAddress(due) is { } stop)
        {
            message.Headers.Add(HeaderId.ListUnsubscribe, $"<{stop}>");
            message.Headers.Add("List-Unsubscribe-Post", "List-Unsubscribe=One-Click");
        }

        message.Body = new TextPart("plain") { Text = text };
        return message;
    }
}
