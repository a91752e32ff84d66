using Antiphon.Data;
using Antiphon.Data.Outgoing;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Work;

/// <summary>Work of a kind of its own: letters of a subject nobody else sends, each done as the test says.</summary>
internal sealed class LetterWork(
    Leases<Letter> leases,
    WorkTools tools,
    string subject,
    Func<Claim<Letter>, IServiceProvider, CancellationToken, Task> does
) : LeasedWork<Letter>(leases, tools)
{
    /// <summary>So far ahead that no worker of the server takes them.</summary>
    public static readonly DateTimeOffset Far = DateTimeOffset.UtcNow.AddYears(50);

    /// <inheritdoc/>
    protected override Task<Letter?> NextAsync(
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    ) =>
        database
            .Letters.Free(now)
            .Where(one => one.Subject == subject && one.SentAt == null && one.FailedAt == null)
            .OrderBy(one => one.Id)
            .FirstOrDefaultAsync(cancellation);

    /// <inheritdoc/>
    protected override Task DoAsync(Claim<Letter> claim, IServiceProvider services, CancellationToken cancellation) =>
        does(claim, services, cancellation);

    /// <inheritdoc/>
    protected override Task<GivenUp?> GiveUpAsync(
        AntiphonContext database,
        Letter row,
        string why,
        CancellationToken cancellation
    )
    {
        (row.FailedAt, row.Text) = (DateTimeOffset.UtcNow, why);
        return Task.FromResult<GivenUp?>(new GivenUp(row.SiteId, $"{subject} was not done", "channels/mail"));
    }
}
