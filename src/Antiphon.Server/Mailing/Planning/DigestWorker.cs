using Antiphon.Data;
using Antiphon.Data.Mailing;
using Antiphon.Server.Mailing.Sending;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Mailing.Planning;

/// <summary>Makes the editions of digests whose time has come.</summary>
internal sealed class DigestWorker(Leases<Digest> leases, WorkTools tools, GatheringSignal gathering)
    : LeasedWork<Digest>(leases, tools)
{
    /// <inheritdoc/>
    protected override Task<Digest?> NextAsync(
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    ) =>
        database
            .Digests.Free(now)
            .Where(digest => digest.NextAt <= now && digest.PausedAt == null && digest.ArchivedAt == null)
            .OrderBy(digest => digest.NextAt)
            .FirstOrDefaultAsync(cancellation);

    /// <inheritdoc/>
    protected override async Task DoAsync(
        Claim<Digest> claim,
        IServiceProvider services,
        CancellationToken cancellation
    )
    {
        var database = services.GetRequiredService<AntiphonContext>();
        await claim.EndAsync(
            database,
            () => services.GetRequiredService<DigestPlanner>().PlanDueAsync(claim.Key, cancellation),
            cancellation
        );
        gathering.Wake();
    }

    /// <summary>
    /// Pauses it: what cannot be made today cannot be made at its next time either, and the team has to see to it.
    /// </summary>
    protected override Task<GivenUp?> GiveUpAsync(
        AntiphonContext database,
        Digest row,
        string why,
        CancellationToken cancellation
    )
    {
        (row.PausedAt, row.NextAt) = (Tools.Clock.GetUtcNow(), null);
        return Task.FromResult<GivenUp?>(
            new GivenUp(row.SiteId, $"“{row.Name}” is paused, as its edition could not be made", "channels/mail")
        );
    }
}
