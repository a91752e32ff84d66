using Antiphon.Data;
using Antiphon.Data.Channels;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Channels.Counting;

/// <summary>Asks networks from time to time what short posts brought.</summary>
internal sealed class CountingWork(Leases<ChannelDelivery> leases, WorkTools tools)
    : LeasedWork<ChannelDelivery>(leases, tools)
{
    /// <inheritdoc/>
    protected override TimeSpan Look => TimeSpan.FromMinutes(1);

    /// <inheritdoc/>
    protected override Task<ChannelDelivery?> NextAsync(
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    ) =>
        AnswerCounts
            .Countable(database.ChannelDeliveries)
            .Free(now)
            .Where(delivery => delivery.CountNextAt <= now)
            .OrderBy(delivery => delivery.CountNextAt)
            .FirstOrDefaultAsync(cancellation);

    /// <inheritdoc/>
    protected override Task DoAsync(
        Claim<ChannelDelivery> claim,
        IServiceProvider services,
        CancellationToken cancellation
    ) => services.GetRequiredService<AnswerCounts>().CountAsync(claim, cancellation);

    /// <summary>Not asked any more; the team may still ask by hand.</summary>
    protected override Task<GivenUp?> GiveUpAsync(
        AntiphonContext database,
        ChannelDelivery row,
        string why,
        CancellationToken cancellation
    )
    {
        row.CountNextAt = null;
        return Task.FromResult<GivenUp?>(
            new GivenUp(
                row.SiteId,
                "What a post brought at a network could not be asked",
                $"channels?delivery={row.Id}"
            )
        );
    }
}
