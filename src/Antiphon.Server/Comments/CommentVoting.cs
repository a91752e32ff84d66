using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Settings;
using Antiphon.Core.Comments.Threads;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Data.Sites;
using Antiphon.Server.Comments.Threads;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments;

/// <summary>
/// Votes and reports of readers: one of either from each reader for a comment, and no more than a household's worth
/// from one place.
/// </summary>
internal sealed class CommentVoting(AntiphonContext database, ThreadReader threads, TimeProvider clock)
{
    /// <summary>Most votes or reports counted for a comment from one place.</summary>
    public const int MostFromOnePlace = 4;

    /// <summary>
    /// Gives, changes or takes back a vote; the votes then, or null when there is no such comment or no voting.
    /// </summary>
    /// <param name="site">The site.</param>
    /// <param name="key">Key of the comment.</param>
    /// <param name="isUp">Up, down, or null to take it back.</param>
    /// <param name="from">Who votes.</param>
    /// <param name="cancellation">Ends it.</param>
    public async Task<Votes?> VoteAsync(
        Site site,
        string key,
        bool? isUp,
        ReaderFrom from,
        CancellationToken cancellation
    )
    {
        if (await FindAsync(site, key, cancellation) is not { } comment)
            return null;
        var mode = (await threads.RulesAsync(site, comment.Thread, cancellation)).Settings.Votes;
        if (mode == VoteMode.None || (mode == VoteMode.Up && isUp == false))
            return null;
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        var vote = await database.CommentVotes.FirstOrDefaultAsync(
            commentVote => commentVote.CommentId == comment.Id && commentVote.ReaderKey == from.ReaderKey,
            cancellation
        );
        if (isUp is not { } up)
        {
            if (vote is not null)
                database.CommentVotes.Remove(vote);
        }
        else if (vote is not null)
            vote.IsUp = up;
        else if (
            await database.CommentVotes.CountAsync(
                commentVote => commentVote.CommentId == comment.Id && commentVote.PlaceKey == from.PlaceKey,
                cancellation
            ) < MostFromOnePlace
        )
        {
            database.CommentVotes.Add(
                new CommentVote
                {
                    CommentId = comment.Id,
                    ReaderKey = from.ReaderKey,
                    PlaceKey = from.PlaceKey,
                    IsUp = up,
                    GivenAt = clock.GetUtcNow(),
                }
            );
        }

        await database.SaveChangesAsync(cancellation);
        comment.Up = await database.CommentVotes.CountAsync(
            commentVote => commentVote.CommentId == comment.Id && commentVote.IsUp,
            cancellation
        );
        comment.Down = await database.CommentVotes.CountAsync(
            commentVote => commentVote.CommentId == comment.Id && !commentVote.IsUp,
            cancellation
        );
        comment.Best = WilsonBound.Of(comment.Up, comment.Down);
        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return new Votes(comment.Up, comment.Down);
    }

    /// <summary>
    /// Gives a reaction, or takes it back; how often the sign was given then, or null when there is nothing to react to
    /// or the sign is not offered.
    /// </summary>
    /// <param name="site">The site.</param>
    /// <param name="thread">The thread.</param>
    /// <param name="key">Key of the comment; empty for what the thread is about.</param>
    /// <param name="sign">The emoji.</param>
    /// <param name="from">Who reacts.</param>
    /// <param name="cancellation">Ends it.</param>
    public async Task<int?> ReactAsync(
        Site site,
        CommentThread thread,
        string key,
        string sign,
        ReaderFrom from,
        CancellationToken cancellation
    )
    {
        if (!(await threads.RulesAsync(site, thread, cancellation)).Settings.Reactions.Contains(sign))
            return null;
        var comment = key.Length == 0 ? null : await FindAsync(site, key, cancellation);
        if (key.Length > 0 && comment?.ThreadId != thread.Id)
            return null;
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        var id = comment?.Id;
        var given = database.CommentReactions.Where(reaction =>
            reaction.ThreadId == thread.Id && reaction.CommentId == id && reaction.Sign == sign
        );
        if (await given.FirstOrDefaultAsync(reaction => reaction.ReaderKey == from.ReaderKey, cancellation) is { } mine)
            database.CommentReactions.Remove(mine);
        else if (
            await given.CountAsync(reaction => reaction.PlaceKey == from.PlaceKey, cancellation) < MostFromOnePlace
        )
        {
            database.CommentReactions.Add(
                new CommentReaction
                {
                    ThreadId = thread.Id,
                    CommentId = id,
                    ReaderKey = from.ReaderKey,
                    PlaceKey = from.PlaceKey,
                    Sign = sign,
                    GivenAt = clock.GetUtcNow(),
                }
            );
        }

        await database.SaveChangesAsync(cancellation);
        var count = await given.CountAsync(cancellation);
        if (comment is not null)
            comment.Reactions = new Dictionary<string, int>(comment.Reactions) { [sign] = count };
        else
            (
                await database.Threads.SingleAsync(commentThread => commentThread.Id == thread.Id, cancellation)
            ).Reactions = new Dictionary<string, int>(thread.Reactions) { [sign] = count };
        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return count;
    }

    /// <summary>
    /// Takes a report; where there are enough, the comment waits again. False when there is no such comment. A second
    /// report of the same reader changes nothing.
    /// </summary>
    public async Task<bool> ReportAsync(
        Site site,
        string key,
        ReportReason reason,
        string? words,
        ReaderFrom from,
        CancellationToken cancellation
    )
    {
        if (await FindAsync(site, key, cancellation) is not { } comment)
            return false;
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        var reports = database.CommentReports.Where(report => report.CommentId == comment.Id);
        if (
            await reports.AnyAsync(report => report.ReaderKey == from.ReaderKey, cancellation)
            || await reports.CountAsync(report => report.PlaceKey == from.PlaceKey, cancellation) >= MostFromOnePlace
        )
            return true;
        database.CommentReports.Add(
            new CommentReport
            {
                CommentId = comment.Id,
                ReaderKey = from.ReaderKey,
                PlaceKey = from.PlaceKey,
                Reason = reason,
                Words = words,
                MadeAt = clock.GetUtcNow(),
            }
        );
        comment.Reports++;
        var threshold = (await threads.RulesAsync(site, comment.Thread, cancellation)).Settings.ReportsToWait;
        if (ReportThreshold.IsReached(comment.Reports, comment.ReportsKept, threshold))
            (comment.Standing, comment.DecidedAt, comment.DecidedById) = (CommentStanding.Waiting, null, null);
        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return true;
    }

    private Task<Comment?> FindAsync(Site site, string key, CancellationToken cancellation) =>
        database
            .Comments.Include(comment => comment.Thread)
            .FirstOrDefaultAsync(
                comment =>
                    comment.SiteId == site.Id && comment.Key == key && comment.Standing == CommentStanding.Public,
                cancellation
            );
}

/// <summary>Who votes or reports.</summary>
/// <param name="ReaderKey">Key of the reader.</param>
/// <param name="PlaceKey">Key of where the request came from.</param>
internal sealed record ReaderFrom(string ReaderKey, string PlaceKey);

/// <summary>The votes on a comment.</summary>
internal sealed record Votes(int Up, int Down);
