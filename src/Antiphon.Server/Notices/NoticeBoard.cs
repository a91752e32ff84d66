using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Notices;
using Antiphon.Data.Sites;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Notices;

/// <summary>Tells the team of a site something, on the screen and by mail to its owners and editors.</summary>
internal sealed class NoticeBoard(IKeySource keys, TimeProvider clock) : INoticeBoard
{
    /// <inheritdoc/>
    public Task AddAsync(AntiphonContext database, Notice notice, CancellationToken cancellation) =>
        AddAsync(
            database,
            notice,
            database.Memberships.Where(member =>
                member.SiteId == notice.SiteId && (member.Role == SiteRole.Owner || member.Role == SiteRole.Editor)
            ),
            cancellation
        );

    /// <summary>The same, with mails to some people of the team only.</summary>
    public Task AddForAsync(
        AntiphonContext database,
        Notice notice,
        IReadOnlyCollection<long> people,
        CancellationToken cancellation
    ) =>
        AddAsync(
            database,
            notice,
            database.Memberships.Where(member => member.SiteId == notice.SiteId && people.Contains(member.PersonId)),
            cancellation
        );

    private async Task AddAsync(
        AntiphonContext database,
        Notice notice,
        IQueryable<Membership> told,
        CancellationToken cancellation
    )
    {
        notice.At = clock.GetUtcNow();
        var team = await told.Select(member => new { member.Person.DisplayName, member.Person.Email })
            .ToListAsync(cancellation);
        foreach (var person in team.Where(person => person.Email is not null))
            notice.Mails.Add(
                new NoticeMail
                {
                    Key = keys.NewKey(24),
                    Name = person.DisplayName,
                    Address = person.Email!,
                    NextAttemptAt = notice.At,
                }
            );
        database.Notices.Add(notice);
    }
}
