using Antiphon.Core.Text;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Notices;
using Antiphon.Data.Outgoing;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;
using MimeKit;

namespace Antiphon.Server.Outgoing.Mail;

/// <summary>
/// Knows whether the mail server takes mail. While it does not, nothing is handed over, no attempt is counted and
/// nobody is suppressed; the teams are told once, and one mail tries again after growing
/// pauses. Kept in the database, so that every server knows.
/// </summary>
internal sealed class MailTransport(
    IDbContextFactory<AntiphonContext> databases,
    INoticeBoard board,
    TimeProvider clock,
    Random random,
    IOptions<DeliveryOptions> options,
    ILogger<MailTransport> log
)
{
    private const int RefusalsToPause = 5;
    private const int LongestReason = 300;

    // The mail that tries again does so within the hour, however long the server was away.
    private const int LongestStep = 4;

    // What the server says to mails sent side by side arrives in any order; it is written down one by one.
    private readonly SemaphoreSlim _standing = new(1, 1);
    private long _lastTaken;

    /// <summary>Whether mail may be handed over now.</summary>
    public async Task<bool> IsOpenAsync(CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        var now = clock.GetUtcNow();
        return !await database.MailStandings.AnyAsync(standing => standing.PausedUntil > now, cancellation);
    }

    /// <summary>
    /// Hands a mail over. What the server says is no exception; what is thrown means that nobody was asked.
    /// </summary>
    /// <param name="sender">The connection.</param>
    /// <param name="message">The mail.</param>
    /// <param name="attempts">Attempts with this one.</param>
    /// <param name="key">Key by which a return tells which mail came back; null where returns are not asked
    /// for.</param>
    /// <param name="cancellation">Ends it when the server stops.</param>
    /// <exception cref="ClaimLostException">Somebody else sends it.</exception>
    public async Task<Handover> HandOverAsync(
        MailSender sender,
        MimeMessage message,
        int attempts,
        string? key,
        CancellationToken cancellation
    )
    {
        var asked = clock.GetTimestamp();
        try
        {
            var answer = await sender.SendAsync(message, cancellation, key);
            await WorksAsync();
            return new Handover(answer, null, null, Counts: true);
        }
        catch (Exception failure)
            when (failure is not ClaimLostException
                && !(failure is OperationCanceledException && cancellation.IsCancellationRequested)
            )
        {
            log.LogInformation("A mail was not handed over: {Reason}", failure.Message);
            var fault = MailFailure.Of(failure);
            var wait = fault is MailFault.Server or MailFault.Refusal
                ? await FailedAsync(fault, failure.Message, asked)
                : (DateTimeOffset?)null;
            if (fault == MailFault.Server)
                return new Handover(failure.Message, fault, wait, Counts: false);
            var pause = fault is MailFault.Refusal or MailFault.Passing
                ? RetrySchedule.PauseAfter(attempts, random.NextDouble())
                : null;
            return new Handover(
                failure.Message,
                fault,
                pause is null ? null : clock.GetUtcNow() + (pause.Value * options.Value.PauseFactor),
                Counts: true
            );
        }
    }

    private async Task WorksAsync()
    {
        await _standing.WaitAsync();
        try
        {
            _lastTaken = clock.GetTimestamp();
            await using var database = await databases.CreateDbContextAsync();
            // Asked first: most of the time there is nothing to forget, and asking keeps nobody from writing.
            if (await database.MailStandings.AnyAsync())
                await database.MailStandings.ExecuteDeleteAsync();
        }
        finally
        {
            _standing.Release();
        }
    }

    // When the mail may be tried again. A failure of a mail that was on its way when another one was taken says
    // nothing of the server as it is now: written down, it would hold all mail for a fault that is over.
    private async Task<DateTimeOffset> FailedAsync(MailFault fault, string reason, long asked)
    {
        await _standing.WaitAsync();
        try
        {
            return asked < _lastTaken ? clock.GetUtcNow() + Pause(1) : await WriteFailureAsync(fault, reason);
        }
        finally
        {
            _standing.Release();
        }
    }

    // The server could not be reached, did not let us in, or refused what says nothing of the address: the first two
    // pause all mail at once, of the last five in a row do.
    private async Task<DateTimeOffset> WriteFailureAsync(MailFault fault, string reason)
    {
        await using var database = await databases.CreateDbContextAsync();
        await using var transaction = await database.Database.BeginTransactionAsync();
        var now = clock.GetUtcNow();
        var standing = await database.MailStandings.SingleOrDefaultAsync();
        if (standing is null)
            database.MailStandings.Add(standing = new MailStanding { Since = now });
        (standing.Failures, standing.Reason) = (
            standing.Failures + 1,
            Shortened.ToLength(OneLine.Of(reason), LongestReason)
        );
        var pause = Pause(standing.Failures);
        if (fault == MailFault.Server || standing.Failures >= RefusalsToPause)
        {
            if (standing.PausedUntil is null)
                await TellAsync(database, standing);
            standing.PausedUntil = now + pause;
        }

        await database.SaveChangesAsync();
        await transaction.CommitAsync();
        return now + pause;
    }

    private TimeSpan Pause(int failures) =>
        RetrySchedule.PauseAfter(Math.Min(failures, LongestStep), random.NextDouble())!.Value
        * options.Value.PauseFactor;

    private async Task TellAsync(AntiphonContext database, MailStanding standing)
    {
        foreach (var site in await database.Sites.Select(site => site.Id).ToListAsync())
        {
            await board.AddAsync(
                database,
                new Notice
                {
                    SiteId = site,
                    Title = "Emails are paused",
                    Text =
                        $"The mail server does not take our mail: {standing.Reason}\n\nNothing is lost: what was to go out is held and sent once the server takes it. Whoever runs this installation has to see to its mail settings.",
                    Path = $"s/{site}/channels/mail",
                },
                CancellationToken.None
            );
        }
    }
}
