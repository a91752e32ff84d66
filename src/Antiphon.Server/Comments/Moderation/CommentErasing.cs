using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Moderation;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Moderation;

/// <summary>
/// Removes for good what a person wrote and everything that tells of them. The place in the thread stays, so that
/// answers keep standing where they stood.
/// </summary>
internal sealed class CommentErasing(AntiphonContext database, CommentPictures pictures, DeedRecord deeds)
{
    /// <summary>Erases those rows, loaded for change.</summary>
    public async Task EraseAsync(IReadOnlyList<Comment> rows, Doer by, CancellationToken cancellation)
    {
        var ids = rows.Select(row => row.Id).ToList();
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        foreach (var row in rows)
        {
            (row.Author, row.Mail, row.Text, row.Html) = (string.Empty, null, string.Empty, string.Empty);
            (row.PlaceKey, row.NetworkKey, row.OwnerKey, row.TextKey, row.Trace, row.Rating, row.AssignedToId) = (
                null,
                null,
                null,
                null,
                null,
                null,
                null
            );
            row.Standing = CommentStanding.Deleted;
            deeds.Add(row, DeedKind.Erased, null, null, by);
        }

        // What was written before an edit, and what colleagues noted about the writer, goes too.
        await database
            .CommentDeeds.Where(deed => ids.Contains(deed.CommentId) && deed.Kind == DeedKind.Edited)
            .ExecuteUpdateAsync(
                set =>
                    set.SetProperty(deed => deed.Before, (string?)null).SetProperty(deed => deed.After, (string?)null),
                cancellation
            );
        await database.CommentNotes.Where(note => ids.Contains(note.CommentId)).ExecuteDeleteAsync(cancellation);
        await database
            .CommentReports.Where(report => ids.Contains(report.CommentId))
            .ExecuteUpdateAsync(set => set.SetProperty(report => report.Words, (string?)null), cancellation);
        await database.SaveChangesAsync(cancellation);
        await pictures.RemoveAsync([.. rows.Select(row => row.PictureId).OfType<long>()], cancellation);
        await transaction.CommitAsync(cancellation);
    }
}
