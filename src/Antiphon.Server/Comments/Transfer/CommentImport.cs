using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Threads;
using Antiphon.Core.Comments.Transfer;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Server.Comments.Filtering;
using Antiphon.Server.Platform.Accounts;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Transfer;

/// <summary>
/// Takes comments from a file into a site. The same file brought in again changes nothing, since each comment is known
/// by the id it came with.
/// </summary>
internal sealed class CommentImport(AntiphonContext database, IKeySource keys, SiteFilters filters, TimeProvider clock)
{
    private const int AtOnce = 500;

    /// <summary>Takes them, or with a trial only counts.</summary>
    /// <param name="site">The site.</param>
    /// <param name="comments">What the file held, each id once.</param>
    /// <param name="standing">Where all of them go; null for where the file says.</param>
    /// <param name="isTrial">Whether nothing is stored.</param>
    /// <param name="cancellation">Ends it, with nothing taken.</param>
    public async Task<ImportedComments> TakeAsync(
        long site,
        IReadOnlyList<PortableComment> comments,
        CommentStanding? standing,
        bool isTrial,
        CancellationToken cancellation
    )
    {
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        var (threads, isNew) = await ThreadsAsync(site, comments, cancellation);
        var known = await KnownAsync(threads.Values, cancellation);
        var fresh = InOrder([
            .. comments.Where(comment =>
                !known.ContainsKey(KeyOf(threads[comment.Thread], comment.Id))
                && !known.ContainsKey($"{threads[comment.Thread].Id} {comment.Id}")
            ),
        ]);
        var orphans = 0;
        foreach (var batch in fresh.Chunk(AtOnce))
        {
            var rows = new List<(Comment Row, PortableComment From)>();
            foreach (var one in batch)
            {
                var row = RowOf(site, threads[one.Thread], one, standing);
                rows.Add((row, one));
                database.Comments.Add(row);
            }

            await database.SaveChangesAsync(cancellation);
            foreach (var (row, from) in rows)
                known[KeyOf(threads[from.Thread], from.Id)] = row;
            orphans += rows.Count(pair => !Answers(pair.Row, pair.From, threads[pair.From.Thread], known));
            await database.SaveChangesAsync(cancellation);
            foreach (var (row, _) in rows)
                database.Entry(row).State = EntityState.Detached;
        }

        var done = new ImportedComments(fresh.Count, comments.Count - fresh.Count, isNew, orphans, 0, [], standing);
        if (isTrial)
            await transaction.RollbackAsync(cancellation);
        else
            await transaction.CommitAsync(cancellation);
        if (!isTrial)
            filters.Note(site, fresh.Count);
        return done;
    }

    private async Task<(Dictionary<string, CommentThread> Threads, int New)> ThreadsAsync(
        long site,
        IReadOnlyList<PortableComment> comments,
        CancellationToken cancellation
    )
    {
        var (found, isNew) = (new Dictionary<string, CommentThread>(StringComparer.Ordinal), 0);
        foreach (
            var first in comments
                .GroupBy(comment => comment.Thread)
                .Select(group => group.FirstOrDefault(comment => comment.Address is not null) ?? group.First())
        )
        {
            var folded = FoldedAddress.Of(first.Address ?? first.Thread);
            var thread = await database.Threads.FirstOrDefaultAsync(
                commentThread => commentThread.SiteId == site && commentThread.Identifier == first.Thread,
                cancellation
            )
                ?? await database
                    .ThreadAliases.Where(threadAlias =>
                        threadAlias.SiteId == site
                        && (
                            threadAlias.Identifier == first.Thread
                            || (folded != null && threadAlias.FoldedAddress == folded)
                        )
                    )
                    .Select(threadAlias => threadAlias.Thread)
                    .FirstOrDefaultAsync(cancellation)
                ?? (
                    folded is null
                        ? null
                        : await database.Threads.FirstOrDefaultAsync(
                            commentThread => commentThread.SiteId == site && commentThread.FoldedAddress == folded,
                            cancellation
                        )
                );
            if (thread is null)
            {
                isNew++;
                database.Threads.Add(
                    thread = new CommentThread
                    {
                        SiteId = site,
                        Identifier = first.Thread,
                        Address = first.Address,
                        FoldedAddress = folded,
                        Title = Shortened.ToLength(first.Title ?? first.Thread, 300),
                        CreatedAt = clock.GetUtcNow(),
                    }
                );
            }

            found[first.Thread] = thread;
        }

        await database.SaveChangesAsync(cancellation);
        return (found, isNew);
    }

    // What stands here already: by the id it was brought in with, or by its own key when the file was exported here.
    private async Task<Dictionary<string, Comment>> KnownAsync(
        IEnumerable<CommentThread> threads,
        CancellationToken cancellation
    )
    {
        var known = new Dictionary<string, Comment>(StringComparer.Ordinal);
        foreach (var thread in threads.Select(thread => thread.Id).Distinct())
        {
            foreach (
                var row in await database
                    .Comments.AsNoTracking()
                    .Where(comment => comment.ThreadId == thread)
                    .ToListAsync(cancellation)
            )
            {
                known[$"{thread} {row.Key}"] = row;
                if (row.SubmissionKey is { } key)
                    known.TryAdd($"{thread} {key}", row);
            }
        }

        return known;
    }

    // What is answered comes before what answers it; what answers in a ring comes last.
    private static List<PortableComment> InOrder(List<PortableComment> comments)
    {
        var ids = comments
            .Select((one, at) => (one.Id, Number: (long)at + 1))
            .ToDictionary(pair => pair.Id, pair => pair.Number, StringComparer.Ordinal);
        return
        [
            .. ThreadTree
                .Arrange(comments, comment => new Voted(
                    ids[comment.Id],
                    comment.ParentId is { } parent && ids.TryGetValue(parent, out var id) ? id : null,
                    comment.Published,
                    0,
                    0
                ))
                .Select(placed => placed.Comment),
        ];
    }

    private static bool Answers(
        Comment row,
        PortableComment from,
        CommentThread thread,
        Dictionary<string, Comment> known
    )
    {
        if (from.ParentId is not { } parent)
            return true;
        if (
            !known.TryGetValue(KeyOf(thread, parent), out var answered)
            && !known.TryGetValue($"{thread.Id} {parent}", out answered)
        )
            return false;
        (row.ParentId, row.RootId) = (answered.Id, answered.RootId ?? answered.Id);
        return true;
    }

    private static string KeyOf(CommentThread thread, string id) => $"{thread.Id} {SubmissionKeyOf(id)}";

    private static string SubmissionKeyOf(string id) => $"in:{TokenHash.Of(id)[..32]}";

    private Comment RowOf(long site, CommentThread thread, PortableComment from, CommentStanding? standing) =>
        new()
        {
            Key = keys.NewKey(),
            SiteId = site,
            ThreadId = thread.Id,
            Author = from.Author,
            Mail = Trimmed.OrNull(from.Mail)?.ToLowerInvariant(),
            IsTeam = from.IsTeam,
            Text = from.Text,
            Html = CommentBody.ToHtml(from.Text),
            Standing = standing ?? from.Standing,
            Up = from.Up,
            Down = from.Down,
            Best = WilsonBound.Of(from.Up, from.Down),
            Rating = from.Rating is >= 1 and <= 5 ? from.Rating : null,
            CreatedAt = from.Published,
            // Nobody is told by mail of what was said long ago.
            ToldAt = clock.GetUtcNow(),
            SubmissionKey = SubmissionKeyOf(from.Id),
        };
}
