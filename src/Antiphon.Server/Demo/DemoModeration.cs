using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Deciding;
using Antiphon.Core.Comments.Moderation;
using Antiphon.Data;
using Antiphon.Data.Comments.Moderation;
using Antiphon.Data.Sites;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Demo;

/// <summary>
/// What a team at work leaves behind: somebody banned, somebody trusted, a note, a question passed on, a choice kept,
/// and what everybody wants to be told.
/// </summary>
internal sealed class DemoModeration(AntiphonContext database, DateTimeOffset now)
{
    /// <summary>Adds it to the context. The comments are saved already.</summary>
    public async Task AddAsync(Site site)
    {
        var people = await database
            .Memberships.Where(membership => membership.SiteId == site.Id)
            .Select(membership => new { membership.PersonId, membership.Person.DisplayName })
            .ToListAsync();
        var (priya, dov) = (
            people.Find(row => row.DisplayName.StartsWith("Priya", StringComparison.Ordinal)),
            people.Find(row => row.DisplayName.StartsWith("Dov", StringComparison.Ordinal))
        );
        if (priya is null || dov is null)
            return;
        AddMarks(site, priya.PersonId);
        var latest = await database
            .Comments.Where(comment => comment.SiteId == site.Id)
            .MaxAsync(comment => comment.Id);
        database.NoticePreferences.Add(
            new NoticePreference
            {
                SiteId = site.Id,
                PersonId = priya.PersonId,
                About = NoticeAbout.Waiting,
                QuietFrom = new TimeOnly(23, 0),
                QuietUntil = new TimeOnly(7, 0),
                ToldUpTo = latest,
                ReportsToldUpTo = await database.CommentReports.MaxAsync(report => report.Id),
            }
        );
        await AddQuestionAsync(site, dov.PersonId, (priya.PersonId, priya.DisplayName));
    }

    private void AddMarks(Site site, long by)
    {
        database.WriterMarks.Add(
            new WriterMark
            {
                SiteId = site.Id,
                By = MarkedBy.Host,
                Value = "lens-bargains.example",
                Shown = "lens-bargains.example",
                Mark = WriterMarkKind.Banned,
                MadeAt = now.AddDays(-9),
                MadeById = by,
            }
        );
        database.WriterMarks.Add(
            new WriterMark
            {
                SiteId = site.Id,
                By = MarkedBy.Mail,
                Value = "wilf-ormerod@fellside.example",
                Shown = "wilf-ormerod@fellside.example",
                Mark = WriterMarkKind.Trusted,
                MadeAt = now.AddDays(-30),
                MadeById = by,
            }
        );
        database.SavedViews.Add(
            new SavedView
            {
                SiteId = site.Id,
                PersonId = by,
                Name = "New, with links",
                Query = "choice=withLinks",
            }
        );
    }

    private async Task AddQuestionAsync(Site site, long to, (long Id, string Name) by)
    {
        if (
            await database
                .Comments.Where(comment => comment.SiteId == site.Id && comment.Standing == CommentStanding.Waiting)
                .OrderBy(comment => comment.Id)
                .Skip(1)
                .FirstOrDefaultAsync()
            is not { } asked
        )
            return;
        asked.AssignedToId = to;
        database.CommentNotes.Add(
            new CommentNote
            {
                CommentId = asked.Id,
                PersonId = by.Id,
                PersonName = by.Name,
                Text = "Dov, is this yours to answer?",
                At = now.AddHours(-5),
            }
        );
    }
}
