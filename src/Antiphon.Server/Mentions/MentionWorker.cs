using Antiphon.Core.Mentions;
using Antiphon.Data;
using Antiphon.Data.Mentions;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Mentions;

/// <summary>
/// Reads the pages of mentions when they are due, several at once, so that a slow one keeps nobody waiting.
/// </summary>
internal sealed class MentionWorker(
    Leases<Mention> leases,
    WorkTools tools,
    MentionSignal signal,
    IOptions<MentionOptions> options
) : LeasedWork<Mention>(leases, tools, signal)
{
    /// <inheritdoc/>
    protected override int AtOnce => options.Value.AtOnce;

    /// <inheritdoc/>
    protected override TimeSpan Look => TimeSpan.FromSeconds(options.Value.LookEverySeconds);

    /// <summary>
    /// The mention that has been due for longest; one at a time from a host, as everybody on it would have to wait for
    /// the same slow page.
    /// </summary>
    protected override Task<Mention?> NextAsync(
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    ) =>
        database
            .Mentions.IgnoreQueryFilters()
            .Free(now)
            .Where(mention =>
                mention.NextReadAt <= now
                && !database
                    .Mentions.IgnoreQueryFilters()
                    .Any(other => other.HeldUntil > now && other.NextReadAt != null && other.Host == mention.Host)
            )
            .OrderBy(mention => mention.NextReadAt)
            .FirstOrDefaultAsync(cancellation);

    /// <inheritdoc/>
    protected override Task BeginAsync(AntiphonContext database, Mention row, CancellationToken cancellation) =>
        database
            .Mentions.IgnoreQueryFilters()
            .Where(mention => mention.Id == row.Id)
            .ExecuteUpdateAsync(
                set => set.SetProperty(mention => mention.Attempts, mention => mention.Attempts + 1),
                cancellation
            );

    /// <inheritdoc/>
    protected override Task DoAsync(Claim<Mention> claim, IServiceProvider services, CancellationToken cancellation) =>
        services.GetRequiredService<MentionVisit>().ReadAsync(claim, cancellation);

    /// <inheritdoc/>
    protected override void PutOff(Mention row, string? why, DateTimeOffset until) =>
        row.Problem = why is null ? row.Problem : $"It could not be read: {why}";

    /// <inheritdoc/>
    protected override Task<GivenUp?> GiveUpAsync(
        AntiphonContext database,
        Mention row,
        string why,
        CancellationToken cancellation
    )
    {
        (row.Problem, row.NextReadAt) = ($"It could not be read: {why}", null);
        row.State = row.State is MentionState.Found or MentionState.Gone ? MentionState.Gone : MentionState.Refused;
        return Task.FromResult<GivenUp?>(
            new GivenUp(row.SiteId, $"A mention from {row.Host} could not be read", "mentions")
        );
    }
}
