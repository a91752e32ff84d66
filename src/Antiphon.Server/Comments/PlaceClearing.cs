using Antiphon.Core.Comments.Deciding;
using Antiphon.Data;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments;

/// <summary>Forgets after thirty days where comments, votes, reactions and reports came from.</summary>
internal sealed class PlaceClearing(IServiceScopeFactory scopes, TimeProvider clock, ILogger<PlaceClearing> log) : RepeatedWork(scopes, clock, log)
{
    /// <summary>How long it is known.</summary>
    public static readonly TimeSpan KeptFor = TimeSpan.FromDays(30);

    /// <inheritdoc/>
    protected override async Task DoAsync(IServiceProvider services, DateTimeOffset now, CancellationToken cancellation)
    {
        var database = services.GetRequiredService<AntiphonContext>();
        var until = now - KeptFor;
        await database.Comments.Where(one => (one.PlaceKey != null || one.NetworkKey != null) && one.CreatedAt <= until)
            .ExecuteUpdateAsync(set => set.SetProperty(one => one.PlaceKey, (string?)null).SetProperty(one => one.NetworkKey, (string?)null), cancellation);
        await database.CommentVotes.Where(one => one.PlaceKey != null && one.GivenAt <= until).ExecuteUpdateAsync(set => set.SetProperty(one => one.PlaceKey, (string?)null), cancellation);
        await database.CommentReactions.Where(one => one.PlaceKey != null && one.GivenAt <= until).ExecuteUpdateAsync(set => set.SetProperty(one => one.PlaceKey, (string?)null), cancellation);
        await database.WriterMarks.Where(one => one.Until <= now && (one.By == MarkedBy.Place || one.By == MarkedBy.Network)).ExecuteDeleteAsync(cancellation);
        await database.CommentReports.Where(one => one.PlaceKey != null && one.MadeAt <= until).ExecuteUpdateAsync(set => set.SetProperty(one => one.PlaceKey, (string?)null), cancellation);
    }
}
