using Antiphon.Core.Mailing.Digests;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Mailing;
using Antiphon.Server.Mailing.Sending;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Mailing;

/// <summary>What the team does with mails of the outbox, many at once.</summary>
internal sealed class MailActs(AntiphonContext database, DeliverySignal signal, TimeProvider clock)
{
    /// <summary>Tries again what was given up or waits after a failure; how many mails that are.</summary>
    public async Task<int> RetryAsync(IQueryable<Delivery> mails, CancellationToken cancellation)
    {
        var now = clock.GetUtcNow();
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        var failed = mails.Where(delivery =>
            delivery.State == DeliveryState.Failed || delivery.State == DeliveryState.Retrying
        );
        await database
            .Editions.Where(edition =>
                edition.State == EditionState.Sent && failed.Any(delivery => delivery.EditionId == edition.Id)
            )
            .ExecuteUpdateAsync(set => set.SetProperty(edition => edition.State, EditionState.Sending), cancellation);
        var count = await failed.ExecuteUpdateAsync(
            set =>
                set.SetProperty(delivery => delivery.State, DeliveryState.Queued)
                    .SetProperty(delivery => delivery.NextAttemptAt, now)
                    .SetProperty(delivery => delivery.Attempts, 0)
                    .SetProperty(delivery => delivery.HeldUntil, (DateTimeOffset?)null)
                    .SetProperty(delivery => delivery.Unfinished, 0),
            cancellation
        );
        await transaction.CommitAsync(cancellation);
        signal.Wake();
        return count;
    }

    /// <summary>Takes back what waits; how many mails that are.</summary>
    public async Task<int> CancelAsync(IQueryable<Delivery> mails, CancellationToken cancellation)
    {
        var count = await mails
            .Where(delivery => delivery.State == DeliveryState.Queued || delivery.State == DeliveryState.Retrying)
            .ExecuteUpdateAsync(
                set =>
                    set.SetProperty(delivery => delivery.State, DeliveryState.Cancelled)
                        .SetProperty(delivery => delivery.LastAnswer, "Cancelled by the team."),
                cancellation
            );
        signal.Wake();
        return count;
    }
}
