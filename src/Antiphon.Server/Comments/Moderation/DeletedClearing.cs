using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Moderation;
using Antiphon.Data;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Moderation;

/// <summary>Erases for good what was deleted thirty days ago; the place in the thread stays.</summary>
internal sealed class DeletedClearing(IServiceScopeFactory scopes, TimeProvider clock, ILogger<DeletedClearing> log)
    : RepeatedWork(scopes, clock, log)
{
    /// <summary>How long a deleted comment can be brought back.</summary>
    public static readonly TimeSpan KeptFor = TimeSpan.FromDays(30);

    private const int AtOnce = 500;

    /// <inheritdoc/>
    protected override async Task DoAsync(IServiceProvider services, DateTimeOffset now, CancellationToken cancellation)
    {
        var database = services.GetRequiredService<AntiphonContext>();
        var until = now - KeptFor;
        var rows = await database
            .Comments.Where(comment =>
                comment.Standing == CommentStanding.Deleted
                && comment.Text != string.Empty
                && comment.DecidedAt <= until
            )
            .OrderBy(comment => comment.DecidedAt)
            .Take(AtOnce)
            .ToListAsync(cancellation);
        if (rows.Count > 0)
            await services
                .GetRequiredService<CommentErasing>()
                .EraseAsync(rows, new Doer(null, string.Empty, DeedWay.Workplace), cancellation);
    }
}
