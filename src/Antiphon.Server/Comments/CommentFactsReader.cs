using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Deciding;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Server.Comments.Filtering;
using Antiphon.Server.Comments.Moderation;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments;

/// <summary>Gathers what is known of a comment that comes in.</summary>
internal sealed class CommentFactsReader(AntiphonContext database, SiteFilters filters, WriterMarks marks)
{
    private static readonly TimeSpan Day = TimeSpan.FromDays(1);
    private static readonly TimeSpan Minute = TimeSpan.FromMinutes(1);
    private static readonly TimeSpan Hour = TimeSpan.FromHours(1);

    /// <summary>The facts.</summary>
    /// <param name="comment">The comment, not stored yet.</param>
    /// <param name="isTrapped">Whether the hidden field was filled.</param>
    /// <param name="secondsToWrite">Seconds since the form was shown, or null.</param>
    /// <param name="cancellation">Ends it.</param>
    public async Task<CommentFacts> ReadAsync(
        Comment comment,
        bool isTrapped,
        int? secondsToWrite,
        CancellationToken cancellation
    )
    {
        var filter = await filters.OfAsync(comment.SiteId, cancellation);
        var (aDayAgo, anHourAgo) = (comment.CreatedAt - Day, comment.CreatedAt - Hour);
        var same = await database.Comments.CountAsync(
            row => row.SiteId == comment.SiteId && row.TextKey == comment.TextKey && row.CreatedAt > aDayAgo,
            cancellation
        );
        var near = await database.Comments.CountAsync(
            row => row.SiteId == comment.SiteId && row.PlaceKey == comment.PlaceKey && row.CreatedAt > anHourAgo,
            cancellation
        );
        var aMinuteAgo = comment.CreatedAt - Minute;
        var inThread = await database.Comments.CountAsync(
            row => row.ThreadId == comment.ThreadId && row.CreatedAt > aMinuteAgo,
            cancellation
        );
        var (bannedBy, isTrusted) = await marks.OfAsync(comment, comment.CreatedAt, cancellation);
        return new CommentFacts(
            $"{comment.Author}\n{comment.Mail}\n{comment.Text}",
            CommentLinks.Count(comment.Text),
            await PublishedBeforeAsync(comment, cancellation),
            filter.IsSure ? filter.Score(DecidedComments.TraitsOf(comment)) : null,
            same + 1,
            secondsToWrite,
            near + 1,
            isTrapped
        )
        {
            BannedBy = bannedBy,
            IsTrusted = isTrusted,
            InThreadNow = inThread + 1,
            HasPicture = comment.PictureId is not null,
        };
    }

    // Another site is known by its host; a reader by the device, or by an address that was shown to be theirs. A typed
    // address is not a person.
    private async Task<int> PublishedBeforeAsync(Comment comment, CancellationToken cancellation)
    {
        var published = database.Comments.Where(row =>
            row.SiteId == comment.SiteId && row.Standing == CommentStanding.Public
        );
        if (comment.Mention is { Host: var host })
            return await published.CountAsync(row => row.Mention!.Host == host, cancellation);
        var (device, mail) = (comment.OwnerKey, comment.IsConfirmed ? comment.Mail : null);
        var byDevice = device is null ? 0 : await published.CountAsync(row => row.OwnerKey == device, cancellation);
        return mail is null
            ? byDevice
            : Math.Max(byDevice, await published.CountAsync(row => row.Mail == mail && row.IsConfirmed, cancellation));
    }
}
