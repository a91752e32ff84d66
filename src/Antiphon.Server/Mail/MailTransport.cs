using Antiphon.Core.Syndication;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Channels;
using Antiphon.Server.Notices;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Mail;

/// <summary>
/// Knows whether the mail server takes mail. While it does not, nothing is handed over, no attempt is counted and nobody is suppressed; the teams are told once, and one mail tries again after growing
/// pauses. Kept in the database, so that every server knows.
/// </summary>
internal sealed class MailTransport(IDbContextFactory<AntiphonContext> databases, NoticeBoard board, TimeProvider clock, Random random, IOptions<DeliveryOptions> options)
{
    private const int RefusalsToPause = 5;
    private const int LongestReason = 300;

    // The mail that tries again does so within the hour, however long the server was away.
    private const int LongestStep = 4;

    /// <summary>Whether mail may be handed over now.</summary>
    public async Task<bool> IsOpenAsync(CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        var now = clock.GetUtcNow();
        return !await database.MailStandings.AnyAsync(standing => standing.PausedUntil > now, cancellation);
    }

    /// <summary>The server took a mail.</summary>
    public async Task WorksAsync()
    {
        await using var database = await databases.CreateDbContextAsync();
        // Asked first: most of the time there is nothing to forget, and asking keeps nobody from writing.
        if (await database.MailStandings.AnyAsync()) await database.MailStandings.ExecuteDeleteAsync();
    }

    /// <summary>The server could not be reached, did not let us in, or refused what says nothing of the address.</summary>
    /// <param name="fault"><see cref="MailFault.Server"/> pauses at once; of <see cref="MailFault.Refusal"/> five in a row do.</param>
    /// <param name="reason">What it said.</param>
    /// <returns>When the mail may try again.</returns>
    public async Task<DateTimeOffset> FailedAsync(MailFault fault, string reason)
    {
        await using var database = await databases.CreateDbContextAsync();
        await using var transaction = await database.Database.BeginTransactionAsync();
        var now = clock.GetUtcNow();
        var standing = await database.MailStandings.SingleOrDefaultAsync();
        if (standing is null) database.MailStandings.Add(standing = new MailStanding { Since = now });
        (standing.Failures, standing.Reason) = (standing.Failures + 1, Shortened.ToLength(OneLine.Of(reason), LongestReason));
        var pause = RetrySchedule.PauseAfter(Math.Min(standing.Failures, LongestStep), random.NextDouble())!.Value * options.Value.PauseFactor;
        if (fault == MailFault.Server || standing.Failures >= RefusalsToPause)
        {
            if (standing.PausedUntil is null) await TellAsync(database, standing);
            standing.PausedUntil = now + pause;
        }

        await database.SaveChangesAsync();
        await transaction.CommitAsync();
        return now + pause;
    }

    private async Task TellAsync(AntiphonContext database, MailStanding standing)
    {
        foreach (var site in await database.Sites.Select(site => site.Id).ToListAsync())
        {
            await board.AddAsync(
                database,
                new Notice { SiteId = site, Title = "Emails are paused", Text = $"The mail server does not take our mail: {standing.Reason}\n\nNothing is lost: what was to go out is held and sent once the server takes it. Whoever runs this installation has to see to its mail settings.", Path = $"s/{site}/channels/mail" },
                CancellationToken.None);
        }
    }
}
