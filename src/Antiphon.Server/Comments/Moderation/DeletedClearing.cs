using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Moderation;
using Antiphon.Data;
using Antiphon.Server.Hosting;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Moderation;

/// <summary>Erases for good what was deleted thirty days ago; the place in the thread stays.</summary>
internal sealed class DeletedClearing(IServiceScopeFactory scopes, TimeProvider clock, ILogger<DeletedClearing> log) : RepeatedWork(scopes, clock, log)
{
    /// <summary>How long a deleted comment can be brought back.</summary>
    public static readonly TimeSpan KeptFor = TimeSpan.FromDays(30);

    private const int AtOnce = 500;
    private readonly TimeProvider _clock = clock;

    /// <inheritdoc/>
    protected override async Task DoAsync(AntiphonContext database, DateTimeOffset now, CancellationToken cancellation)
    {
        var until = now - KeptFor;
        var erasing = new CommentErasing(database, new DeedRecord(database, _clock));
        var rows = await database.Comments.Where(one => one.Standing == CommentStanding.Deleted && one.Text != string.Empty && one.DecidedAt <= until).Take(AtOnce).ToListAsync(cancellation);
        if (rows.Count > 0) await erasing.EraseAsync(rows, new Doer(null, string.Empty, DeedWay.Workplace), cancellation);
    }
}
