using Antiphon.Core.Mailing.Digests;
using Antiphon.Data;
using Antiphon.Data.Mailing;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Mailing.Sending;

/// <summary>Writes editions to the outbox, a portion at a time.</summary>
internal sealed class EditionWorker(
    Leases<Edition> leases,
    WorkTools tools,
    GatheringSignal gathering,
    DeliverySignal deliveries
) : LeasedWork<Edition>(leases, tools, gathering)
{
    /// <inheritdoc/>
    protected override Task<Edition?> NextAsync(
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    ) =>
        database
            .Editions.Free(now)
            .Where(edition => edition.State == EditionState.Gathering && edition.PausedAt == null)
            .OrderBy(edition => edition.Id)
            .FirstOrDefaultAsync(cancellation);

    /// <inheritdoc/>
    protected override async Task DoAsync(
        Claim<Edition> claim,
        IServiceProvider services,
        CancellationToken cancellation
    )
    {
        var database = services.GetRequiredService<AntiphonContext>();
        await claim.EndAsync(
            database,
            () => services.GetRequiredService<EditionGathering>().GatherAsync(claim.Key, cancellation),
            cancellation
        );
        deliveries.Wake();
    }

    /// <inheritdoc/>
    protected override async Task<GivenUp?> GiveUpAsync(
        AntiphonContext database,
        Edition row,
        string why,
        CancellationToken cancellation
    )
    {
        // What was gathered goes out; the team sends the rest once the cause is found.
        row.PausedAt = Tools.Clock.GetUtcNow();
        var name = await database
            .Digests.Where(digest => digest.Id == row.DigestId)
            .Select(digest => digest.Name)
            .SingleAsync(cancellation);
        return new GivenUp(
            row.SiteId,
            $"Not every receiver of “{name}” could be gathered; the edition is paused",
            "channels/mail"
        );
    }
}
