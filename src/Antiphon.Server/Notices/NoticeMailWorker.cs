using Antiphon.Core.Syndication;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Channels;
using Antiphon.Server.Hosting;
using Antiphon.Server.Mail;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;
using MimeKit;

namespace Antiphon.Server.Notices;

/// <summary>Sends the mails of notices: claim, send, record. A repeat after a crash carries the same Message-ID.</summary>
internal sealed class NoticeMailWorker(
    IDbContextFactory<AntiphonContext> databases, IServiceProvider services, TimeProvider clock, Random random, IOptions<AntiphonOptions> antiphon, IOptions<MailOptions> mail, IOptions<DeliveryOptions> options, ILogger<NoticeMailWorker> log) : BackgroundService
{
    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(TimeSpan.FromSeconds(options.Value.LookEverySeconds), clock);
        do
        {
            try
            {
                while (await ClaimAsync(stoppingToken) is { } claimed) await SendAsync(claimed, stoppingToken);
            }
            catch (Exception failure) when (failure is not OperationCanceledException)
            {
                log.LogError(failure, "Mails of notices could not be sent; trying again");
            }
        }
        while (await timer.WaitForNextTickAsync(stoppingToken));
    }

    private async Task<NoticeMail?> ClaimAsync(CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        var now = clock.GetUtcNow();
        var due = await database.NoticeMails.AsNoTracking().Include(one => one.Notice.Site).Where(one => one.SentAt == null && one.FailedAt == null && one.NextAttemptAt <= now).OrderBy(one => one.NextAttemptAt).FirstOrDefaultAsync(cancellation);
        if (due is null) return null;
        var lease = now.AddSeconds(options.Value.LeaseSeconds);
        var claimed = await database.NoticeMails.Where(one => one.Id == due.Id && one.NextAttemptAt == due.NextAttemptAt)
            .ExecuteUpdateAsync(set => set.SetProperty(one => one.NextAttemptAt, lease).SetProperty(one => one.Attempts, one => one.Attempts + 1), cancellation);
        due.Attempts++;
        return claimed == 1 ? due : null;
    }

    private async Task SendAsync(NoticeMail due, CancellationToken cancellation)
    {
        await using var sender = services.GetRequiredService<MailSender>();
        var now = clock.GetUtcNow();
        try
        {
            await sender.SendAsync(MessageOf(due), cancellation);
            await RecordAsync(due, one => one.SentAt = now);
        }
        catch (Exception final) when (MailFailure.IsFinal(final))
        {
            await RecordAsync(due, one => one.FailedAt = now);
        }
        catch (Exception passing) when (MailFailure.IsPassing(passing))
        {
            if (RetrySchedule.PauseAfter(due.Attempts, random.NextDouble()) is { } pause) await RecordAsync(due, one => one.NextAttemptAt = now + pause);
            else await RecordAsync(due, one => one.FailedAt = now);
        }
    }

    private async Task RecordAsync(NoticeMail due, Action<NoticeMail> record)
    {
        await using var database = await databases.CreateDbContextAsync();
        if (await database.NoticeMails.FindAsync(due.Id) is not { } row) return;
        record(row);
        await database.SaveChangesAsync();
    }

    private MimeMessage MessageOf(NoticeMail due)
    {
        var notice = due.Notice;
        var sender = new MailboxAddress(PostMail.OneLine(notice.Site.Name), mail.Value.From);
        var message = new MimeMessage { Subject = PostMail.OneLine(notice.Title), MessageId = $"{due.Key}@{sender.Domain}", Date = notice.At };
        message.From.Add(sender);
        message.To.Add(new MailboxAddress(PostMail.OneLine(due.Name), due.Address));
        message.Body = new TextPart("plain") { Text = $"{notice.Title}.\n\n{notice.Text}\n\n{antiphon.Value.AddressOf(notice.Path)}\n\nYou get this because you belong to the team of {notice.Site.Name}.\n" };
        return message;
    }
}
