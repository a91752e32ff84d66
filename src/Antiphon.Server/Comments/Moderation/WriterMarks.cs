using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Deciding;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Data.Comments.Moderation;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Moderation;

/// <summary>Looks up whether the writer of a comment, or where it came from, is banned or trusted.</summary>
internal sealed class WriterMarks(AntiphonContext database)
{
    /// <summary>What the writer is banned by, as people read it, or null; and whether they are trusted.</summary>
    public async Task<(string? BannedBy, bool IsTrusted)> OfAsync(
        Comment comment,
        DateTimeOffset now,
        CancellationToken cancellation
    )
    {
        var fitting = await FittingAsync(comment, now, cancellation);
        var ban = fitting.Find(mark => mark.Mark == WriterMarkKind.Banned);
        return (
            ban?.Shown,
            fitting.Exists(mark => mark.Mark == WriterMarkKind.Trusted) && await IsKnownAsync(comment, cancellation)
        );
    }

    /// <summary>
    /// The bans and the trust that hold now for the writer of a comment, where it came from and where it leads.
    /// </summary>
    public async Task<List<WriterMark>> FittingAsync(
        Comment comment,
        DateTimeOffset now,
        CancellationToken cancellation
    )
    {
        var told = Told(comment);
        var values = told.Select(pair => pair.Value).ToList();
        var device = comment.OwnerKey;
        var marks = await database
            .WriterMarks.AsNoTracking()
            .Where(mark =>
                mark.SiteId == comment.SiteId
                && (values.Contains(mark.Value) || (mark.OwnerKey != null && mark.OwnerKey == device))
                && (mark.Until == null || mark.Until > now)
            )
            .ToListAsync(cancellation);
        return marks.FindAll(mark =>
            IsByDevice(mark)
                ? mark.OwnerKey == device || (comment.IsConfirmed && told.Contains((mark.By, mark.Value)))
                : told.Contains((mark.By, mark.Value))
        );
    }

    // Whoever types the mail or name of somebody who is banned is not them; they are told by their device, whatever
    // they type, and by a mail that was proven.
    private static bool IsByDevice(WriterMark mark) =>
        mark is { Mark: WriterMarkKind.Banned, By: MarkedBy.Mail or MarkedBy.Name, OwnerKey: not null };

    /// <summary>What a comment is told by.</summary>
    public static List<(MarkedBy By, string Value)> Told(Comment comment)
    {
        var told = new List<(MarkedBy, string)>();
        if (comment.Mail is { } mail)
        {
            told.Add((MarkedBy.Mail, mail));
            told.Add((MarkedBy.Host, mail[(mail.IndexOf('@', StringComparison.Ordinal) + 1)..]));
        }
        else if (comment.Mention is null)
            told.Add((MarkedBy.Name, comment.Author.ToLowerInvariant()));

        if (comment.PlaceKey is { } place)
            told.Add((MarkedBy.Place, place));
        if (comment.NetworkKey is { } network)
            told.Add((MarkedBy.Network, network));
        if (comment.Mention is { } mention)
            told.Add((MarkedBy.Host, mention.Host.ToLowerInvariant()));
        told.AddRange(CommentLinks.Hosts(comment.Text).Select(host => (MarkedBy.Host, host)));
        return told;
    }

    // A mail is easily typed by somebody else, so trust needs the device of an earlier public comment, or the link in a
    // mail.
    private async Task<bool> IsKnownAsync(Comment comment, CancellationToken cancellation) =>
        comment.IsConfirmed
        || (
            comment.OwnerKey is not null
            && await database.Comments.AnyAsync(
                row =>
                    row.SiteId == comment.SiteId
                    && row.Mail == comment.Mail
                    && row.OwnerKey == comment.OwnerKey
                    && row.Standing == CommentStanding.Public,
                cancellation
            )
        );
}
