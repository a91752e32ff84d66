using System.Globalization;
using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Moderation;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Data.Comments.Moderation;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Moderation;

/// <summary>
/// What moderators do with a comment beside deciding: change its text, move it, ask a colleague, write a note, erase
/// it.
/// </summary>
internal static class CommentActEndpoints
{
    private const int LongestNote = 2000;

    /// <summary>Maps them.</summary>
    public static void MapCommentActs(this RouteGroupBuilder comments)
    {
        comments
            .MapPut("/{comment:long}/text", Edit)
            .Needs(SiteRight.Moderate)
            .WithName("editComment")
            .WithSummary("Changes the text; readers see that it was edited.");
        comments
            .MapPut("/{comment:long}/place", Move)
            .Needs(SiteRight.Moderate)
            .WithName("moveComment")
            .WithSummary("Moves a comment with everything below it to another thread, or below another comment.");
        comments.MapPut("/{comment:long}/assignee", Assign).Needs(SiteRight.Moderate).WithName("assignComment");
        comments.MapPost("/{comment:long}/notes", AddNote).Needs(SiteRight.Moderate).WithName("addCommentNote");
        comments
            .MapDelete("/{comment:long}/notes/{note:long}", RemoveNote)
            .Needs(SiteRight.Moderate)
            .WithName("removeCommentNote");
        comments
            .MapPost("/{comment:long}/erasure", Erase)
            .Needs(SiteRight.Moderate)
            .WithName("eraseComment")
            .WithSummary("Removes text, name and mail for good; the place in the thread stays.");
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem>> Edit(
        long site,
        long comment,
        TextRequest request,
        HttpContext http,
        AntiphonContext database,
        DeedRecord deeds,
        TimeProvider clock
    )
    {
        if (string.IsNullOrWhiteSpace(request.Text))
            return FieldProblem.For("text", "Leave some text; to take it away, hide or delete the comment.");
        if (request.Text.Length > CommentBody.MaxLength)
            return FieldProblem.For("text", "Use at most 10,000 characters.");
        if (await FindAsync(database, site, comment) is not { } row)
            return TypedResults.NotFound();
        if (row.Text == request.Text.Trim())
            return TypedResults.NoContent();
        deeds.Add(row, DeedKind.Edited, row.Text, request.Text.Trim(), await deeds.DoerAsync(http));
        (row.Text, row.Html, row.EditedAt, row.IsEditedByTeam) = (
            request.Text.Trim(),
            CommentBody.ToHtml(request.Text),
            clock.GetUtcNow(),
            true
        );
        await database.SaveChangesAsync();
        return TypedResults.NoContent();
    }

    private static async Task<Results<Ok<CommentPlace>, NotFound, ValidationProblem>> Move(
        long site,
        long comment,
        CommentPlaceRequest request,
        HttpContext http,
        AntiphonContext database,
        CommentPlaces places,
        DeedRecord deeds
    )
    {
        if (await FindAsync(database, site, comment) is not { } row)
            return TypedResults.NotFound();
        if (!await database.Threads.AnyAsync(thread => thread.Id == request.ThreadId && thread.SiteId == site))
            return FieldProblem.For("threadId", "Choose a thread of this site.");
        var parent = request.ParentId is { } id
            ? await database
                .Comments.AsNoTracking()
                .FirstOrDefaultAsync(candidate => candidate.Id == id && candidate.ThreadId == request.ThreadId)
            : null;
        if (request.ParentId is not null && parent is null)
            return FieldProblem.For("parentId", "Choose a comment of that thread.");
        var before = new CommentPlace(row.ThreadId, row.ParentId);
        if (!await places.MoveAsync(row, request.ThreadId, parent))
            return FieldProblem.For("parentId", "A comment cannot be a reply to itself.");
        deeds.Add(
            row,
            DeedKind.Moved,
            before.ThreadId.ToString(CultureInfo.InvariantCulture),
            request.ThreadId.ToString(CultureInfo.InvariantCulture),
            await deeds.DoerAsync(http)
        );
        await database.SaveChangesAsync();
        return TypedResults.Ok(before);
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem>> Assign(
        long site,
        long comment,
        AssigneeRequest request,
        HttpContext http,
        AntiphonContext database,
        DeedRecord deeds
    )
    {
        if (await FindAsync(database, site, comment) is not { } row)
            return TypedResults.NotFound();
        if (
            request.PersonId is { } person
            && !await database.Memberships.AnyAsync(membership =>
                membership.SiteId == site && membership.PersonId == person
            )
        )
            return FieldProblem.For("personId", "Choose somebody of the team.");
        deeds.Add(
            row,
            DeedKind.Assigned,
            await NameAsync(database, row.AssignedToId),
            await NameAsync(database, request.PersonId),
            await deeds.DoerAsync(http)
        );
        row.AssignedToId = request.PersonId;
        await database.SaveChangesAsync();
        return TypedResults.NoContent();
    }

    private static async Task<string?> NameAsync(AntiphonContext database, long? person) =>
        person is { } id ? await database.NameOfAsync(id, CancellationToken.None) : null;

    private static async Task<Results<Ok<NoteView>, NotFound, ValidationProblem>> AddNote(
        long site,
        long comment,
        TextRequest request,
        HttpContext http,
        AntiphonContext database,
        DeedRecord deeds,
        TimeProvider clock
    )
    {
        if (string.IsNullOrWhiteSpace(request.Text) || request.Text.Length > LongestNote)
            return FieldProblem.For("text", $"Write a note of at most {LongestNote} characters.");
        if (await FindAsync(database, site, comment) is not { } row)
            return TypedResults.NotFound();
        var by = await deeds.DoerAsync(http);
        var note = new CommentNote
        {
            CommentId = row.Id,
            PersonId = by.PersonId,
            PersonName = by.Name,
            Text = request.Text.Trim(),
            At = clock.GetUtcNow(),
        };
        database.CommentNotes.Add(note);
        await database.SaveChangesAsync();
        return TypedResults.Ok(new NoteView(note.Id, note.PersonName, note.Text, note.At));
    }

    private static async Task<Results<NoContent, NotFound>> RemoveNote(
        long site,
        long comment,
        long note,
        AntiphonContext database
    ) =>
        await database
            .CommentNotes.Where(commentNote =>
                commentNote.Id == note && commentNote.CommentId == comment && commentNote.Comment.SiteId == site
            )
            .ExecuteDeleteAsync() > 0
            ? TypedResults.NoContent()
            : TypedResults.NotFound();

    private static async Task<Results<NoContent, NotFound>> Erase(
        long site,
        long comment,
        HttpContext http,
        AntiphonContext database,
        CommentErasing erasing,
        DeedRecord deeds
    )
    {
        if (await FindAsync(database, site, comment) is not { } row)
            return TypedResults.NotFound();
        await erasing.EraseAsync([row], await deeds.DoerAsync(http), http.RequestAborted);
        return TypedResults.NoContent();
    }

    private static Task<Comment?> FindAsync(AntiphonContext database, long site, long comment) =>
        database.Comments.FirstOrDefaultAsync(row => row.Id == comment && row.SiteId == site);
}

/// <summary>A text.</summary>
internal sealed record TextRequest(string Text);

/// <summary>Where a comment shall stand.</summary>
/// <param name="ThreadId">The thread.</param>
/// <param name="ParentId">The comment it then answers; null for the top level.</param>
internal sealed record CommentPlaceRequest(long ThreadId, long? ParentId);

/// <summary>Where a comment stood before, which is how a move is taken back.</summary>
internal sealed record CommentPlace(long ThreadId, long? ParentId);

/// <summary>Who shall see to a comment; null for nobody.</summary>
internal sealed record AssigneeRequest(long? PersonId);

/// <summary>A note of a colleague.</summary>
internal sealed record NoteView(long Id, string PersonName, string Text, DateTimeOffset At);
