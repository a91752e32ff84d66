using Antiphon.Core.Comments;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Data.Conversions;
using Antiphon.Server.Pages;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Moderation;

/// <summary>
/// Reads pages of comments by standing. What waits longest comes first, after what readers reported; everything decided
/// is looked up from the newest.
/// </summary>
internal sealed class QueueReader(AntiphonContext database, TimeProvider clock)
{
    private const int PageSize = 50;
    private const int StartLength = 140;

    /// <summary>A page.</summary>
    /// <param name="sites">The sites, all of which the person belongs to.</param>
    /// <param name="query">Which comments.</param>
    /// <param name="person">The person asking.</param>
    /// <param name="cancellation">Ends it.</param>
    public async Task<QueuePage> ReadAsync(
        IReadOnlyList<long> sites,
        QueueQuery query,
        long person,
        CancellationToken cancellation
    )
    {
        var wanted = query.Standing?.Value ?? CommentStanding.Waiting;
        var isQueue = wanted == CommentStanding.Waiting;
        List<QueuedComment> reported = [];
        List<QueuedComment> rows = [];
        // Site by site, since the index that gives the order begins with the site; ids grow with time, so they serve as
        // the order and as the cursor.
        foreach (var site in sites)
        {
            var found = Fitting(site, wanted, query, person);
            if (isQueue && query.After is null)
                reported.AddRange(
                    await Row(Reported(found).OrderBy(comment => comment.Id).Take(PageSize)).ToListAsync(cancellation)
                );
            if (isQueue)
                found = found.Where(comment => comment.Reports <= comment.ReportsKept);
            if (query.After is { } after)
                found = isQueue
                    ? found.Where(comment => comment.Id > after)
                    : found.Where(comment => comment.Id < after);
            rows.AddRange(
                await Row(
                        (
                            isQueue
                                ? found.OrderBy(comment => comment.Id)
                                : found.OrderByDescending(comment => comment.Id)
                        ).Take(PageSize + 1)
                    )
                    .ToListAsync(cancellation)
            );
        }

        if (query.Comment is { } linked && query.After is null)
            reported.AddRange(
                await Row(database.Comments.Where(comment => comment.Id == linked && sites.Contains(comment.SiteId)))
                    .ToListAsync(cancellation)
            );
        rows = [.. (isQueue ? rows.OrderBy(row => row.Id) : rows.OrderByDescending(row => row.Id)).Take(PageSize + 1)];
        var shown = reported
            .OrderBy(row => row.Id)
            .Concat(rows.Take(PageSize))
            .DistinctBy(row => row.Id)
            .Select(row => row with { Start = Shortened.ToLength(row.Start.ReplaceLineEndings(" "), StartLength) })
            .ToList();
        return new QueuePage(
            shown,
            rows.Count > PageSize ? rows[PageSize - 1].Id : null,
            await CountAsync(sites, cancellation),
            await DecidedTodayAsync(sites, person, cancellation),
            query.Choice?.Value ?? QueueChoice.All
        );
    }

    private IQueryable<Comment> Fitting(long site, CommentStanding wanted, QueueQuery query, long person)
    {
        var found = database
            .Comments.AsNoTracking()
            .Where(comment => comment.SiteId == site && comment.Standing == wanted);
        if (query.Thread is { } thread)
            found = found.Where(comment => comment.ThreadId == thread);
        if (query.Search?.Trim() is { Length: > 0 } search)
            found = found.Where(comment =>
                EF.Functions.Like(comment.Text, $"%{search}%") || EF.Functions.Like(comment.Author, $"%{search}%")
            );
        return (query.Choice?.Value ?? QueueChoice.All) switch
        {
            QueueChoice.Reported => Reported(found),
            QueueChoice.NewWriters => found.Where(comment =>
                JsonValue.Number((string?)(object?)comment.Trace, "$.facts.publishedBefore") == 0
            ),
            QueueChoice.WithLinks => found.Where(comment =>
                JsonValue.Number((string?)(object?)comment.Trace, "$.facts.links") > 0
            ),
            QueueChoice.LikelySpam => found.Where(comment =>
                JsonValue.Number((string?)(object?)comment.Trace, "$.facts.score") >= 0.5
            ),
            QueueChoice.Mine => found.Where(comment => comment.AssignedToId == person),
            _ => found,
        };
    }

    private static IQueryable<Comment> Reported(IQueryable<Comment> comments) =>
        comments.Where(comment => comment.Reports > comment.ReportsKept);

    private static IQueryable<QueuedComment> Row(IQueryable<Comment> comments) =>
        comments.Select(comment => new QueuedComment(
            comment.Id,
            comment.SiteId,
            comment.Author,
            comment.Text,
            comment.Standing,
            comment.WaitReason,
            comment.CreatedAt,
            comment.ThreadId,
            comment.Thread.Title,
            comment.Thread.Site.Name,
            comment.Reports - comment.ReportsKept,
            comment.Trace,
            comment.AssignedToId
        ));

    private async Task<StandingCounts> CountAsync(IReadOnlyList<long> sites, CancellationToken cancellation) =>
        StandingCounts.Of(
            (await database.CommentCounts.Where(count => sites.Contains(count.SiteId)).ToListAsync(cancellation))
                .GroupBy(count => count.Standing)
                .ToDictionary(group => group.Key, group => group.Sum(count => count.Count))
        );

    private async Task<int> DecidedTodayAsync(IReadOnlyList<long> sites, long person, CancellationToken cancellation)
    {
        var decided = 0;
        foreach (
            var site in await database
                .Sites.Where(row => sites.Contains(row.Id))
                .Select(row => new { row.Id, row.TimeZone })
                .ToListAsync(cancellation)
        )
        {
            var now = SiteCulture.Local(clock.GetUtcNow(), site.TimeZone);
            var midnight = now - now.TimeOfDay;
            decided += await database.Comments.CountAsync(
                comment => comment.SiteId == site.Id && comment.DecidedById == person && comment.DecidedAt >= midnight,
                cancellation
            );
        }

        return decided;
    }
}
