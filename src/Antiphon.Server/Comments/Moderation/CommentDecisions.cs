using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Moderation;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Server.Comments.Filtering;
using Antiphon.Server.Comments.Following;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Moderation;

/// <summary>
/// Sends comments where a person wants them, writes it down, and tells readers who wait for it, all in one transaction.
/// </summary>
internal sealed class CommentDecisions(
    AntiphonContext database,
    DeedRecord deeds,
    CommenterNotifier notifier,
    SiteFilters filters,
    TimeProvider clock
)
{
    /// <summary>
    /// Decides one; null when it no longer stands where it was seen, so that of two decisions at once one counts.
    /// </summary>
    public async Task<DecisionView?> DecideAsync(
        long site,
        long comment,
        CommentStanding to,
        CommentStanding seen,
        Doer by,
        CancellationToken cancellation
    )
    {
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        // The condition stands in the statement itself: it takes the lock, and what is read after it does not change.
        var taken = await database
            .Comments.Where(candidate =>
                candidate.Id == comment && candidate.SiteId == site && candidate.Standing == seen
            )
            .ExecuteUpdateAsync(set => set.SetProperty(candidate => candidate.Standing, to), cancellation);
        if (taken == 0)
            return null;
        var row = await database.Comments.SingleAsync(candidate => candidate.Id == comment, cancellation);
        await NoteAsync(row, seen, by, cancellation);
        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        filters.Note(site);
        return new DecisionView(comment, to, seen);
    }

    /// <summary>
    /// Decides those rows, loaded for change, and gives where each stood before. What somebody else decided since it
    /// was loaded is left as they did.
    /// </summary>
    public async Task<ManyDecided> DecideAllAsync(
        long site,
        IReadOnlyList<Comment> rows,
        Func<Comment, CommentStanding> to,
        Doer by,
        CancellationToken cancellation
    )
    {
        var decided = new List<DecisionView>(rows.Count);
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        var ids = rows.Select(row => row.Id).ToList();
        var standing = await database
            .Comments.Where(comment => ids.Contains(comment.Id))
            .Select(comment => new { comment.Id, comment.Standing })
            .ToDictionaryAsync(other => other.Id, other => other.Standing, cancellation);
        foreach (var row in rows.Where(row => standing.TryGetValue(row.Id, out var stands) && stands == row.Standing))
        {
            var before = row.Standing;
            row.Standing = to(row);
            decided.Add(new DecisionView(row.Id, row.Standing, before));
            await NoteAsync(row, before, by, cancellation);
        }

        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        filters.Note(site, decided.Count);
        return new ManyDecided(decided);
    }

    private async Task NoteAsync(Comment row, CommentStanding before, Doer by, CancellationToken cancellation)
    {
        (row.DecidedAt, row.DecidedById) = (clock.GetUtcNow(), by.PersonId);
        if (row.Standing == CommentStanding.Public)
        {
            row.ReportsKept = row.Reports;
            await notifier.TellAsync(row, cancellation);
        }

        deeds.Add(row, DeedKind.Decided, before.ToString(), row.Standing.ToString(), by);
    }
}

/// <summary>What was decided, with where each stood before.</summary>
internal sealed record ManyDecided(IReadOnlyList<DecisionView> Decided);
