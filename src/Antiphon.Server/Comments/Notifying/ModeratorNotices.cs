using System.Globalization;
using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Moderation;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Data.Comments.Moderation;
using Antiphon.Data.Sites;
using Antiphon.Server.Outgoing.Mail;
using Antiphon.Server.Platform;
using Antiphon.Server.Platform.Accounts;
using Antiphon.Server.Platform.Language;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Comments.Notifying;

/// <summary>
/// Tells people of the team by mail what waits, as each wishes it. Every comment comes with its context and with links
/// that decide it once.
/// </summary>
internal sealed class ModeratorNotices(
    Leases<NoticePreference> leases,
    WorkTools tools,
    LetterBox letters,
    IKeySource keys,
    IOptions<AntiphonOptions> options
) : LeasedWork<NoticePreference>(leases, tools)
{
    /// <summary>Most comments told one by one in a mail; of the rest the number is told.</summary>
    public const int MostInMail = 10;

    /// <summary>How long the links in a mail serve.</summary>
    public static readonly TimeSpan LinksServe = TimeSpan.FromDays(3);

    private const int ShownLength = 700;

    /// <summary>
    /// A wish whose time it is and for which there is something it does not know. Who left the team, or may no longer
    /// moderate, is told nothing of what is not published.
    /// </summary>
    protected override async Task<NoticePreference?> NextAsync(
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    )
    {
        var moderators = SiteRights.RolesWith(SiteRight.Moderate);
        var wishes = await database
            .NoticePreferences.Free(now)
            .Include(wish => wish.Site)
            .Where(wish =>
                wish.About != NoticeAbout.Nothing
                && database.Memberships.Any(member =>
                    member.SiteId == wish.SiteId && member.PersonId == wish.PersonId && moderators.Contains(member.Role)
                )
            )
            .Where(wish =>
                database.Comments.Any(comment =>
                    comment.SiteId == wish.SiteId && comment.Id > wish.ToldUpTo && !comment.IsTeam
                )
                || database.CommentReports.Any(report =>
                    report.Comment.SiteId == wish.SiteId && report.Id > wish.ReportsToldUpTo
                )
            )
            .ToListAsync(cancellation);
        return wishes.Find(wish =>
            new NoticeRhythm(
                wish.EveryHours,
                wish.QuietFrom,
                wish.QuietUntil,
                TimeZoneInfo.TryFindSystemTimeZoneById(wish.Site.TimeZone, out var zone) ? zone : TimeZoneInfo.Utc
            ).IsTime(wish.LastSentAt, now)
        );
    }

    /// <inheritdoc/>
    protected override async Task DoAsync(
        Claim<NoticePreference> claim,
        IServiceProvider services,
        CancellationToken cancellation
    )
    {
        var database = services.GetRequiredService<AntiphonContext>();
        var wish = await database
            .NoticePreferences.Include(preference => preference.Site)
            .Include(preference => preference.Person)
            .SingleAsync(preference => preference.Id == claim.Key, cancellation);
        // The mail, its links and how far was told are one transaction, so that a crash tells nothing twice.
        await claim.EndAsync(database, () => TellAsync(database, wish, cancellation), cancellation);
    }

    /// <summary>What could not be told is passed over; it stands in the queue all the same.</summary>
    protected override async Task<GivenUp?> GiveUpAsync(
        AntiphonContext database,
        NoticePreference row,
        string why,
        CancellationToken cancellation
    )
    {
        row.ToldUpTo = await Written(database, row.SiteId, row.ToldUpTo)
            .MaxAsync(comment => (long?)comment.Id, cancellation)
            ?? row.ToldUpTo;
        row.ReportsToldUpTo = await Reported(database, row.SiteId, row.ReportsToldUpTo)
            .MaxAsync(report => (long?)report.Id, cancellation)
            ?? row.ReportsToldUpTo;
        return new GivenUp(row.SiteId, "An email about new comments could not be written", "comments");
    }

    private async Task TellAsync(AntiphonContext database, NoticePreference wish, CancellationToken cancellation)
    {
        var now = Tools.Clock.GetUtcNow();
        var (written, latest) = await WrittenAsync(database, wish, cancellation);
        var (reported, latestReport) = await ReportedAsync(database, wish, cancellation);
        // What left the queue in the meantime is not told, and not told later either.
        (wish.ToldUpTo, wish.ReportsToldUpTo) = (
            Math.Max(wish.ToldUpTo, latest),
            Math.Max(wish.ReportsToldUpTo, latestReport)
        );
        var told = reported.UnionBy(written, comment => comment.Id).ToList();
        if (told.Count == 0)
            return;
        wish.LastSentAt = now;
        letters.Post(
            database,
            wish.SiteId,
            wish.Person.Email!,
            TeamTexts.Say(Subject(wish.Site, told), wish.Person.Language),
            Text(database, wish, told, now)
        );
    }

    private static IQueryable<Comment> Written(AntiphonContext database, long site, long toldUpTo) =>
        database.Comments.Where(comment => comment.SiteId == site && comment.Id > toldUpTo && !comment.IsTeam);

    private static IQueryable<CommentReport> Reported(AntiphonContext database, long site, long toldUpTo) =>
        database.CommentReports.Where(report => report.Comment.SiteId == site && report.Id > toldUpTo);

    private static async Task<(List<Comment> Told, long Latest)> WrittenAsync(
        AntiphonContext database,
        NoticePreference wish,
        CancellationToken cancellation
    )
    {
        var since = Written(database, wish.SiteId, wish.ToldUpTo).AsNoTracking();
        var latest = await since.MaxAsync(comment => (long?)comment.Id, cancellation) ?? 0;
        var told = wish.About switch
        {
            NoticeAbout.All => since.Where(comment =>
                comment.Standing == CommentStanding.Waiting || comment.Standing == CommentStanding.Public
            ),
            NoticeAbout.Waiting => since.Where(comment => comment.Standing == CommentStanding.Waiting),
            _ => since.Where(comment => false),
        };
        return (
            await told.Include(comment => comment.Thread)
                .OrderBy(comment => comment.Id)
                .Take(1000)
                .ToListAsync(cancellation),
            latest
        );
    }

    private static async Task<(List<Comment> Told, long Latest)> ReportedAsync(
        AntiphonContext database,
        NoticePreference wish,
        CancellationToken cancellation
    )
    {
        var since = Reported(database, wish.SiteId, wish.ReportsToldUpTo);
        var latest = await since.MaxAsync(report => (long?)report.Id, cancellation) ?? 0;
        if (latest == 0)
            return ([], 0);
        var ids = await since
            .Select(report => report.CommentId)
            .Distinct()
            .OrderBy(id => id)
            .Take(1000)
            .ToListAsync(cancellation);
        return (
            await database
                .Comments.AsNoTracking()
                .Include(comment => comment.Thread)
                .Where(comment =>
                    ids.Contains(comment.Id)
                    && comment.Reports > comment.ReportsKept
                    && (comment.Standing == CommentStanding.Waiting || comment.Standing == CommentStanding.Public)
                )
                .ToListAsync(cancellation),
            latest
        );
    }

    private static string Subject(Site site, List<Comment> told) =>
        told.Count == 1
            ? $"{site.Name}: new comment by {told[0].Author} on “{Shortened.ToLength(told[0].Thread.Title, 80)}”"
            : string.Create(CultureInfo.InvariantCulture, $"{site.Name}: {told.Count} comments to look at");

    private string Text(AntiphonContext database, NoticePreference wish, List<Comment> told, DateTimeOffset now)
    {
        var language = wish.Person.Language;
        var lines = new List<string>();
        foreach (var comment in told.Take(MostInMail))
        {
            var key = keys.NewKey(40);
            database.DecisionLinks.Add(
                new DecisionLink
                {
                    Hash = TokenHash.Of(key),
                    SiteId = wish.SiteId,
                    CommentId = comment.Id,
                    PersonId = wish.PersonId,
                    ExpiresAt = now + LinksServe,
                }
            );
            lines.AddRange(LinesOf(comment, key, language));
        }

        if (told.Count > MostInMail)
            lines.AddRange([TeamTexts.Say($"And {told.Count - MostInMail} more.", language), string.Empty]);
        lines.AddRange([
            Led("Moderation queue", $"s/{wish.SiteId}/comments", language),
            Led("Notification settings", $"s/{wish.SiteId}/comments/notices", language),
            string.Empty,
            TeamTexts.Say("Each link works once, for three days, and asks for confirmation.", language),
            string.Empty,
        ]);
        return string.Join('\n', lines);
    }

    private IEnumerable<string> LinesOf(Comment comment, string key, string? language)
    {
        yield return $"{comment.Author} · {comment.Thread.Title}";
        if (comment.Reports > comment.ReportsKept)
            yield return TeamTexts.Say($"Reported by {comment.Reports - comment.ReportsKept}.", language);
        yield return string.Empty;
        yield return "    " + Shortened.ToLength(comment.Text, ShownLength).ReplaceLineEndings("\n    ");
        yield return string.Empty;
        foreach (var (word, act, _) in DecisionPages.Acts)
            yield return Led(word, $"decide/{key}?to={act}", language);
        var standing =
            comment.Standing == CommentStanding.Waiting
                ? string.Empty
                : $"&standing={comment.Standing.ToString().ToLowerInvariant()}";
        yield return Led("Open in the queue", $"s/{comment.SiteId}/comments?comment={comment.Id}{standing}", language);
        yield return string.Empty;
    }

    private string Led(string word, string path, string? language) =>
        $"{TeamTexts.Say(word, language)}: {options.Value.AddressOf(path)}";
}
