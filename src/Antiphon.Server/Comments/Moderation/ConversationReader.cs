using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Threads;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Server.Comments.Filtering;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Moderation;

/// <summary>
/// Reads a comment with what stands around it and what is known of it. Of a long thread the part around it is enough to
/// decide.
/// </summary>
internal sealed class ConversationReader(
    AntiphonContext database,
    SiteFilters filters,
    WriterMarks marks,
    TimeProvider clock
)
{
    private const int MostAround = 40;
    private const int MostInGroup = 100;
    private const int MostReports = 20;

    /// <summary>The conversation around a comment, or null when the site has no such comment.</summary>
    public async Task<ConversationView?> ReadAsync(long site, long id, CancellationToken cancellation)
    {
        if (
            await database
                .Comments.AsNoTracking()
                .Include(row => row.Picture)
                .Include(row => row.Thread.Site)
                .Include(row => row.Thread.Post!.Blog)
                .FirstOrDefaultAsync(row => row.Id == id && row.SiteId == site, cancellation)
            is not { } comment
        )
            return null;
        var rows = await AroundAsync(comment, cancellation);
        var mails = rows.Select(row => row.Mail).OfType<string>().Distinct().ToList();
        var published = await database
            .Comments.Where(row =>
                row.SiteId == site && row.Standing == CommentStanding.Public && mails.Contains(row.Mail!)
            )
            .GroupBy(row => row.Mail!)
            .Select(group => new { group.Key, Count = group.Count() })
            .ToDictionaryAsync(group => group.Key, group => group.Count, cancellation);
        var placed = ThreadTree
            .Arrange(rows, row => new Voted(row.Id, row.ParentId, row.CreatedAt, row.Up, row.Down))
            .Select(pair =>
                View(pair.Comment, pair.Depth, pair.Comment.Mail is { } mail ? published.GetValueOrDefault(mail) : 0)
            )
            .ToList();
        var thread = comment.Thread;
        var settings = ThreadSettings.Of(thread.Site, thread.Post?.Blog, thread.Post, thread);
        return new ConversationView(
            thread.Id,
            thread.Title,
            thread.Identifier,
            thread.Address,
            thread.Post?.Blog.Name,
            thread.Post?.PublishedAt,
            placed,
            await CaseAsync(comment, cancellation),
            thread.Post?.PublishedAt is { } at ? settings.ClosesAt(at, thread.Site.TimeZone) : null,
            settings.IsOpen(
                thread.Post?.Details.CommentsCloseAt,
                thread.Post?.PublishedAt,
                thread.Site.TimeZone,
                clock.GetUtcNow()
            )
        );
    }

    /// <summary>A comment as moderators see it.</summary>
    public static ThreadComment View(Comment comment, int depth, int publishedBefore) =>
        new(
            comment.Id,
            comment.ParentId,
            comment.Author,
            comment.Mail,
            comment.IsTeam,
            comment.Html,
            comment.Standing,
            comment.WaitReason,
            comment.CreatedAt,
            depth,
            publishedBefore,
            comment.Up,
            comment.Down
        )
        {
            Text = comment.Text,
            EditedAt = comment.EditedAt,
            Rating = comment.Rating,
            IsConfirmed = comment.IsConfirmed,
            Picture = comment.Picture is { } picture
                ? new CommentPictureView(
                    $"/api/sites/{comment.SiteId}/comments/{comment.Id}/picture",
                    picture.Width,
                    picture.Height,
                    picture.Alt
                )
                : null,
            From = comment.Mention is { } mention
                ? new CommentMentionView(mention.Kind, mention.Source, mention.Host, mention.Title)
                : null,
        };

    private async Task<List<Comment>> AroundAsync(Comment comment, CancellationToken cancellation)
    {
        var seen = database
            .Comments.AsNoTracking()
            .Include(row => row.Picture)
            .Where(row =>
                row.ThreadId == comment.ThreadId
                && (row.Standing == CommentStanding.Public || row.Standing == CommentStanding.Waiting)
            );
        var before = await seen.Where(row => row.Id < comment.Id)
            .OrderByDescending(row => row.Id)
            .Take(MostAround)
            .ToListAsync(cancellation);
        var after = await seen.Where(row => row.Id > comment.Id)
            .OrderBy(row => row.Id)
            .Take(MostAround)
            .ToListAsync(cancellation);
        var root = comment.RootId ?? comment.Id;
        var group = await seen.Where(row => row.Id == root || row.RootId == root)
            .OrderBy(row => row.Id)
            .Take(MostInGroup)
            .ToListAsync(cancellation);
        return [.. new[] { comment }.Concat(before).Concat(after).Concat(group).DistinctBy(row => row.Id)];
    }

    private async Task<CaseView> CaseAsync(Comment comment, CancellationToken cancellation)
    {
        var filter = await filters.OfAsync(comment.SiteId, cancellation);
        var told = filter.Explain(DecidedComments.TraitsOf(comment));
        var reports = await database
            .CommentReports.Where(report => report.CommentId == comment.Id)
            .OrderByDescending(report => report.Id)
            .Take(MostReports)
            .Select(report => new ReportView(report.Reason, report.Words, report.MadeAt))
            .ToListAsync(cancellation);
        var notes = await database
            .CommentNotes.Where(note => note.CommentId == comment.Id)
            .OrderBy(note => note.Id)
            .Select(note => new NoteView(note.Id, note.PersonName, note.Text, note.At))
            .ToListAsync(cancellation);
        return new CaseView(
            comment.Trace,
            filter.IsSure,
            told.Score,
            told.For,
            told.Against,
            reports,
            comment.ReportsKept,
            await WriterAsync(comment, cancellation),
            notes,
            comment.AssignedToId,
            [
                .. CommentLinks
                    .Hosts(comment.Text)
                    .Concat(comment.Mention is { } mention ? [mention.Host] : Array.Empty<string>())
                    .Distinct(),
            ],
            await MarksAsync(comment, cancellation),
            comment.PlaceKey is not null
        );
    }

    private async Task<StandingCounts> WriterAsync(Comment comment, CancellationToken cancellation) =>
        StandingCounts.Of(
            await database
                .Comments.OfWriter(comment)
                .GroupBy(row => row.Standing)
                .Select(group => new { group.Key, Count = group.Count() })
                .ToDictionaryAsync(group => group.Key, group => group.Count, cancellation)
        );

    private async Task<IReadOnlyList<MarkView>> MarksAsync(Comment comment, CancellationToken cancellation) =>
        [
            .. (await marks.FittingAsync(comment, clock.GetUtcNow(), cancellation)).Select(mark => new MarkView(
                mark.Id,
                mark.By,
                mark.Shown,
                mark.Mark,
                mark.Until,
                mark.MadeAt
            )),
        ];
}
