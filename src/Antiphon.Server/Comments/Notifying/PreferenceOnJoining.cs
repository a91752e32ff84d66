using Antiphon.Core.Comments.Moderation;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Comments.Moderation;
using Antiphon.Server.Sites;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Notifying;

/// <summary>Who is asked to moderate is told what waits, at once, from now on, until they wish otherwise.</summary>
internal sealed class PreferenceOnJoining : IJoinStep
{
    /// <inheritdoc/>
    public async Task JoinAsync(
        AntiphonContext database,
        long site,
        long person,
        SiteRole role,
        CancellationToken cancellation
    )
    {
        if (
            role != SiteRole.Moderator
            || await database.NoticePreferences.AnyAsync(
                wish => wish.SiteId == site && wish.PersonId == person,
                cancellation
            )
        )
            return;
        var (comment, report) = await NoticePreferenceEndpoints.LatestAsync(database, site, cancellation);
        database.NoticePreferences.Add(
            new NoticePreference
            {
                SiteId = site,
                PersonId = person,
                About = NoticeAbout.Waiting,
                ToldUpTo = comment,
                ReportsToldUpTo = report,
            }
        );
    }
}
