using Antiphon.Core.Comments.Moderation;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Server.Platform.Access;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Moderation;

/// <summary>/api/sites/{site}/comments/record: what was done with comments, by whom and from where.</summary>
internal static class RecordEndpoints
{
    private const int PageSize = 50;
    private const int StartLength = 80;

    /// <summary>Maps it.</summary>
    public static void MapRecord(this RouteGroupBuilder comments) =>
        comments.MapGet("/record", List).Needs(SiteRight.Moderate).WithName("listCommentDeeds");

    private static async Task<Ok<RecordPage>> List(
        long site,
        AntiphonContext database,
        long? comment,
        long? before,
        CancellationToken cancellation
    )
    {
        var found = database.CommentDeeds.AsNoTracking().Where(deed => deed.SiteId == site);
        if (comment is not null)
            found = found.Where(deed => deed.CommentId == comment);
        if (before is not null)
            found = found.Where(deed => deed.Id < before);
        var rows = await found
            .OrderByDescending(deed => deed.Id)
            .Take(PageSize + 1)
            .Select(deed => new DeedView(
                deed.Id,
                deed.CommentId,
                deed.Comment.Author,
                deed.Comment.Text,
                deed.Comment.Thread.Title,
                deed.Kind,
                deed.Before,
                deed.After,
                deed.Way,
                deed.PersonName,
                deed.At
            ))
            .ToListAsync(cancellation);
        var shown = rows.Take(PageSize)
            .Select(row => row with { Start = Shortened.ToLength(row.Start.ReplaceLineEndings(" "), StartLength) })
            .ToList();
        return TypedResults.Ok(new RecordPage(shown, rows.Count > PageSize ? rows[PageSize - 1].Id : null));
    }
}

/// <summary>Something that was done with a comment.</summary>
/// <param name="PersonName">Who did it; empty for the writer.</param>
/// <param name="Start">How the comment begins.</param>
internal sealed record DeedView(
    long Id,
    long CommentId,
    string Author,
    string Start,
    string ThreadTitle,
    DeedKind Kind,
    string? Before,
    string? After,
    DeedWay Way,
    string PersonName,
    DateTimeOffset At
);

/// <summary>A page of the record, newest first.</summary>
/// <param name="Deeds">What was done.</param>
/// <param name="Next">Value of "before" for the next page, or null at the end.</param>
internal sealed record RecordPage(IReadOnlyList<DeedView> Deeds, long? Next);
