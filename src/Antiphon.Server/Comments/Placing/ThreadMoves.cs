using Antiphon.Core.Comments.Threads;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Tables;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Placing;

/// <summary>
/// Moves threads to other identifiers or addresses, and merges those that meet there. What led to them before leads to
/// them still.
/// </summary>
internal sealed class ThreadMoves(AntiphonContext database)
{
    private const int MostMoves = 5000;

    /// <summary>The moves a rule makes, from each thread whose address it touches.</summary>
    public async Task<List<ThreadMove>> OfRuleAsync(long site, MoveRule rule, CancellationToken cancellation)
    {
        var addresses = await database
            .Threads.Where(thread => thread.SiteId == site && thread.Address != null)
            .OrderBy(thread => thread.Id)
            .Select(thread => thread.Address!)
            .ToListAsync(cancellation);
        return
        [
            .. addresses
                .Select(address => (address, To: rule.Of(address)))
                .Where(pair => pair.To is not null && pair.To != pair.address)
                .Take(MostMoves)
                .Select(pair => new ThreadMove(pair.address, pair.To!)),
        ];
    }

    /// <summary>
    /// The moves of a list: a line each, old and new, separated as spreadsheets do. A line of column names is left out.
    /// </summary>
    public static List<ThreadMove> OfList(string text)
    {
        // The reader takes the first line for names of columns; here it may be a move already.
        var table = CsvTable.Read($"from,to\n{text.Replace(";", ",", StringComparison.Ordinal).Replace('\t', ',')}");
        return
        [
            .. table
                .Rows.Select(row => new ThreadMove(row[0].Trim(), row.Count > 1 ? row[1].Trim() : string.Empty))
                .Where(move => !string.Equals(move.From, "old", StringComparison.OrdinalIgnoreCase))
                .Take(MostMoves),
        ];
    }

    /// <summary>What each move does, and does it unless it is a trial.</summary>
    public async Task<List<ThreadMoveResult>> MoveAsync(
        long site,
        IReadOnlyList<ThreadMove> moves,
        bool isTrial,
        CancellationToken cancellation
    )
    {
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        var results = new List<ThreadMoveResult>(moves.Count);
        foreach (var move in moves)
            results.Add(await MoveAsync(site, move, cancellation));
        if (isTrial)
            await transaction.RollbackAsync(cancellation);
        else
            await transaction.CommitAsync(cancellation);
        return results;
    }

    private async Task<ThreadMoveResult> MoveAsync(long site, ThreadMove move, CancellationToken cancellation)
    {
        if (move.To.Length is 0 or > 500)
            return new ThreadMoveResult(move, MoveOutcome.NoTarget, 0, 0);
        if (await FindAsync(site, move.From, cancellation) is not { } thread)
            return new ThreadMoveResult(move, MoveOutcome.Unknown, 0, 0);
        var count = await database.Comments.CountAsync(comment => comment.ThreadId == thread.Id, cancellation);
        var target = await FindAsync(site, move.To, cancellation);
        if (target?.Id == thread.Id)
            return new ThreadMoveResult(move, MoveOutcome.Same, count, 0);
        if (target is null)
        {
            await RenameAsync(thread, move.To, cancellation);
            return new ThreadMoveResult(move, MoveOutcome.Renamed, count, 0);
        }

        var before = await database.Comments.CountAsync(comment => comment.ThreadId == target.Id, cancellation);
        await MergeAsync(thread, target, cancellation);
        return new ThreadMoveResult(move, MoveOutcome.Merged, count, before);
    }

    private async Task<CommentThread?> FindAsync(long site, string name, CancellationToken cancellation)
    {
        var folded = FoldedAddress.Of(name);
        return await database.Threads.FirstOrDefaultAsync(
            thread =>
                thread.SiteId == site
                && (
                    thread.Identifier == name
                    || (folded != null && (thread.FoldedAddress == folded || thread.Identifier == folded))
                ),
            cancellation
        )
            ?? await database
                .ThreadAliases.Where(threadAlias =>
                    threadAlias.SiteId == site
                    && (threadAlias.Identifier == name || (folded != null && threadAlias.FoldedAddress == folded))
                )
                .Select(threadAlias => threadAlias.Thread)
                .FirstOrDefaultAsync(cancellation);
    }

    private async Task RenameAsync(CommentThread thread, string to, CancellationToken cancellation)
    {
        var isAddress = LinkResolver.IsWeb(to);
        await KeepLeadingAsync(
            thread,
            thread,
            isAddress ? null : thread.Identifier,
            isAddress ? thread.FoldedAddress : null,
            cancellation
        );
        if (isAddress)
            (thread.Address, thread.FoldedAddress) = (to, FoldedAddress.Of(to));
        else
            thread.Identifier = to;
        await database.SaveChangesAsync(cancellation);
    }

    private async Task MergeAsync(CommentThread from, CommentThread to, CancellationToken cancellation)
    {
        // The key of a form is unique within a thread; in another thread it has done its duty.
        await database
            .Comments.Where(comment =>
                comment.ThreadId == from.Id
                && database.Comments.Any(other =>
                    other.ThreadId == to.Id && other.SubmissionKey == comment.SubmissionKey
                )
            )
            .ExecuteUpdateAsync(set => set.SetProperty(comment => comment.SubmissionKey, (string?)null), cancellation);
        await database
            .Comments.Where(comment => comment.ThreadId == from.Id)
            .ExecuteUpdateAsync(set => set.SetProperty(comment => comment.ThreadId, to.Id), cancellation);
        await database
            .CommentReactions.Where(reaction => reaction.ThreadId == from.Id && reaction.CommentId != null)
            .ExecuteUpdateAsync(set => set.SetProperty(reaction => reaction.ThreadId, to.Id), cancellation);
        await database
            .ThreadAliases.Where(threadAlias => threadAlias.ThreadId == from.Id)
            .ExecuteUpdateAsync(set => set.SetProperty(threadAlias => threadAlias.ThreadId, to.Id), cancellation);
        await database
            .ThreadFollows.Where(follow =>
                follow.ThreadId == from.Id
                && !database.ThreadFollows.Any(other => other.ThreadId == to.Id && other.Mail == follow.Mail)
            )
            .ExecuteUpdateAsync(set => set.SetProperty(follow => follow.ThreadId, to.Id), cancellation);
        var (identifier, folded) = (from.Identifier, from.FoldedAddress);
        await database.Threads.Where(thread => thread.Id == from.Id).ExecuteDeleteAsync(cancellation);
        database.Entry(from).State = EntityState.Detached;
        await KeepLeadingAsync(from, to, identifier, folded, cancellation);
        await database.SaveChangesAsync(cancellation);
    }

    private async Task KeepLeadingAsync(
        CommentThread from,
        CommentThread to,
        string? identifier,
        string? folded,
        CancellationToken cancellation
    )
    {
        if (
            identifier is not null
            && !await database.ThreadAliases.AnyAsync(
                threadAlias => threadAlias.SiteId == from.SiteId && threadAlias.Identifier == identifier,
                cancellation
            )
        )
            database.ThreadAliases.Add(
                new ThreadAlias
                {
                    SiteId = from.SiteId,
                    ThreadId = to.Id,
                    Identifier = identifier,
                }
            );
        if (
            folded is not null
            && !await database.ThreadAliases.AnyAsync(
                threadAlias => threadAlias.SiteId == from.SiteId && threadAlias.FoldedAddress == folded,
                cancellation
            )
        )
            database.ThreadAliases.Add(
                new ThreadAlias
                {
                    SiteId = from.SiteId,
                    ThreadId = to.Id,
                    FoldedAddress = folded,
                }
            );
        await database.SaveChangesAsync(cancellation);
    }
}

/// <summary>A move of a thread.</summary>
/// <param name="From">Identifier or address it has.</param>
/// <param name="To">Identifier or address it shall have, or of the thread it is merged with.</param>
internal sealed record ThreadMove(string From, string To);

/// <summary>What a move does.</summary>
/// <param name="Move">The move.</param>
/// <param name="Outcome">What.</param>
/// <param name="Comments">Comments that move.</param>
/// <param name="Before">Comments that stand in the target already.</param>
internal sealed record ThreadMoveResult(ThreadMove Move, MoveOutcome Outcome, int Comments, int Before);

/// <summary>What a move does.</summary>
internal enum MoveOutcome
{
    /// <summary>The thread gets the other identifier or address; the old one leads to it still.</summary>
    Renamed,

    /// <summary>Its comments go to the thread that is there already.</summary>
    Merged,

    /// <summary>Both are the same thread.</summary>
    Same,

    /// <summary>No thread has the old one.</summary>
    Unknown,

    /// <summary>The line names no target.</summary>
    NoTarget,
}
