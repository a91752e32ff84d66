using System.Linq.Expressions;
using Antiphon.Core.Posts;
using Antiphon.Data;
using Antiphon.Data.Blogs.Followed;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Blogs.Followed;

/// <summary>Reads the board of followed feeds.</summary>
internal sealed class FollowedFeedReader(AntiphonContext database, TimeProvider clock)
{
    private const int VisitsShown = 40;

    /// <summary>The feeds that fit, by name.</summary>
    public async Task<List<FollowedFeedView>> ReadAsync(
        Expression<Func<Following, bool>> which,
        CancellationToken cancellation
    )
    {
        var now = clock.GetUtcNow();
        var rows = await database
            .Followings.AsNoTracking()
            .AsSplitQuery()
            .Where(which)
            .OrderBy(following => following.Blog.Name)
            .ThenBy(following => following.BlogId)
            .Include(following => following.Blog)
            .Include(following => following.Hub)
            .Include(following => following.Moves.OrderByDescending(move => move.Id))
            .Include(following => following.Visits.OrderByDescending(visit => visit.Id).Take(VisitsShown))
            .ToListAsync(cancellation);
        var ids = rows.Select(row => row.BlogId).ToList();
        var posts = await database
            .Posts.Where(post => ids.Contains(post.BlogId) && post.Status == PostStatus.Published)
            .GroupBy(post => post.BlogId)
            .Select(group => new
            {
                group.Key,
                Count = group.Count(),
                Newest = group.Max(post => post.PublishedAt),
            })
            .ToDictionaryAsync(row => row.Key, cancellation);
        return
        [
            .. rows.Select(row =>
                ViewOf(
                    row,
                    posts.GetValueOrDefault(row.BlogId)?.Count ?? 0,
                    posts.GetValueOrDefault(row.BlogId)?.Newest,
                    now
                )
            ),
        ];
    }

    private static FollowedFeedView ViewOf(Following row, int posts, DateTimeOffset? newest, DateTimeOffset now) =>
        new(
            row.BlogId,
            row.Blog.Name,
            row.Blog.HomeAddress,
            row.Standing,
            FollowingWords.ViewOf(row)!,
            row.PauseSeconds,
            FollowingWords.Reason(row.PauseReason),
            row.HeldUntil > now,
            row.Entries,
            posts,
            newest,
            row.IdsChange,
            row.Hub is { } hub ? new HubView(hub.Hub, hub.State, hub.LeaseUntil, hub.PushedAt) : null,
            [
                .. row
                    .Visits.OrderBy(visit => visit.Id)
                    .Select(visit => new VisitView(
                        visit.At,
                        visit.Outcome,
                        visit.Status,
                        visit.Milliseconds,
                        visit.Bytes,
                        visit.NewEntries,
                        visit.ChangedEntries,
                        FollowingWords.Problem(visit.Problem, visit.ProblemDetail)
                    )),
            ],
            [.. row.Moves.Select(move => new MoveView(move.From, move.To, move.At))]
        );
}
