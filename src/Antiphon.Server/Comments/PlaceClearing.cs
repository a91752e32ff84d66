using Antiphon.Core.Comments.Deciding;
using Antiphon.Data;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments;

/// <summary>Forgets after thirty days where comments, votes, reactions and reports came from.</summary>
internal sealed class PlaceClearing(IServiceScopeFactory scopes, TimeProvider clock, ILogger<PlaceClearing> log)
    : RepeatedWork(scopes, clock, log)
{
    /// <summary>How long it is known.</summary>
    public static readonly TimeSpan KeptFor = TimeSpan.FromDays(30);

    /// <inheritdoc/>
    protected override async Task DoAsync(IServiceProvider services, DateTimeOffset now, CancellationToken cancellation)
    {
        var database = services.GetRequiredService<AntiphonContext>();
        var until = now - KeptFor;
        await database
            .Comments.Where(comment =>
                (comment.PlaceKey != null || comment.NetworkKey != null) && comment.CreatedAt <= until
            )
            .ExecuteUpdateAsync(
                set =>
                    set.SetProperty(comment => comment.PlaceKey, (string?)null)
                        .SetProperty(comment => comment.NetworkKey, (string?)null),
                cancellation
            );
        await database
            .CommentVotes.Where(vote => vote.PlaceKey != null && vote.GivenAt <= until)
            .ExecuteUpdateAsync(set => set.SetProperty(vote => vote.PlaceKey, (string?)null), cancellation);
        await database
            .CommentReactions.Where(reaction => reaction.PlaceKey != null && reaction.GivenAt <= until)
            .ExecuteUpdateAsync(set => set.SetProperty(reaction => reaction.PlaceKey, (string?)null), cancellation);
        await database
            .WriterMarks.Where(mark => mark.Until <= now && (mark.By == MarkedBy.Place || mark.By == MarkedBy.Network))
            .ExecuteDeleteAsync(cancellation);
        await database
            .CommentReports.Where(report => report.PlaceKey != null && report.MadeAt <= until)
            .ExecuteUpdateAsync(set => set.SetProperty(report => report.PlaceKey, (string?)null), cancellation);
    }
}
