using System.Text;
using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Transfer;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Transfer;

/// <summary>
/// /api/sites/{site}/comments/export.* and /import: all comments of a site, or of a thread, in open formats.
/// </summary>
internal static class CommentTransferEndpoints
{
    private const int ShownProblems = 100;
    private const int LargestMegabytes = 100;

    /// <summary>Maps them.</summary>
    public static void MapCommentTransfer(this RouteGroupBuilder comments)
    {
        comments.MapGet("/export.json", ExportJson).Needs(SiteRight.Edit).WithName("exportCommentsAsJson");
        comments.MapGet("/export.atom", ExportAtom).Needs(SiteRight.Edit).WithName("exportCommentsAsAtom");
        comments.MapGet("/export.csv", ExportCsv).Needs(SiteRight.Edit).WithName("exportCommentsAsCsv");
        comments
            .MapPost("/import", Import)
            .Needs(SiteRight.Edit)
            .WithName("importComments")
            .WithSummary(
                "Takes a file of comments (JSON, Atom with RFC 4685, or CSV) as the body. With trial=true it says what would be taken and stores nothing."
            )
            .WithMetadata(new Microsoft.AspNetCore.Mvc.RequestSizeLimitAttribute(LargestMegabytes * 1024L * 1024));
    }

    private static async Task<FileContentHttpResult> ExportJson(
        long site,
        long? thread,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        TypedResults.File(
            Encoding.UTF8.GetBytes(CommentJson.Write(await ReadAsync(database, site, thread, cancellation))),
            "application/json; charset=utf-8",
            "comments.json"
        );

    private static async Task<FileContentHttpResult> ExportAtom(
        long site,
        long? thread,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var owner = await database.Sites.AsNoTracking().SingleAsync(row => row.Id == site, cancellation);
        return TypedResults.File(
            CommentAtom.Write(
                await ReadAsync(database, site, thread, cancellation),
                $"{owner.Name}: comments",
                $"urn:antiphon:comments:{owner.PublicKey}"
            ),
            "application/atom+xml; charset=utf-8",
            "comments.atom"
        );
    }

    private static async Task<FileContentHttpResult> ExportCsv(
        long site,
        long? thread,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var table = CommentCsv.Write(await ReadAsync(database, site, thread, cancellation));
        // Spreadsheets tell UTF-8 by its mark alone.
        return TypedResults.File(
            [.. Encoding.UTF8.GetPreamble(), .. Encoding.UTF8.GetBytes(table)],
            "text/csv; charset=utf-8",
            "comments.csv"
        );
    }

    private static async Task<List<PortableComment>> ReadAsync(
        AntiphonContext database,
        long site,
        long? thread,
        CancellationToken cancellation
    )
    {
        var rows = await database
            .Comments.AsNoTracking()
            .Include(comment => comment.Thread)
            .Where(comment => comment.SiteId == site && (thread == null || comment.ThreadId == thread))
            .OrderBy(comment => comment.Id)
            .ToListAsync(cancellation);
        var keys = rows.ToDictionary(row => row.Id, row => row.Key);
        return rows.ConvertAll(row =>
            Portable(row, row.ParentId is { } parent ? keys.GetValueOrDefault(parent) : null)
        );
    }

    private static PortableComment Portable(Comment row, string? parent) =>
        new(
            row.Key,
            row.Thread.Identifier,
            row.Thread.Address,
            row.Thread.Title,
            parent,
            row.Author,
            row.Mail,
            row.Text,
            row.CreatedAt,
            row.Standing
        )
        {
            IsTeam = row.IsTeam,
            Up = row.Up,
            Down = row.Down,
            Rating = row.Rating,
        };

    private static async Task<Results<Ok<ImportedComments>, ValidationProblem>> Import(
        long site,
        bool? trial,
        Spelled<CommentStanding>? standing,
        HttpContext http,
        CommentImport import
    )
    {
        var body = await http.BodyAsync();
        var read = CommentTransfer.Read(DecodedFeed.From(body, http.Request.ContentType).Text);
        if (read.Comments.Count == 0)
            return FieldProblem.For(
                "file",
                read.Problems.Count > 0 ? read.Problems[0].Remedy : "There is no comment in this file."
            );
        var done = await import.TakeAsync(site, read.Comments, standing?.Value, trial == true, http.RequestAborted);
        return TypedResults.Ok(
            done with
            {
                Problems = [.. read.Problems.Take(ShownProblems)],
                Refused = read.Problems.Count,
            }
        );
    }
}

/// <summary>What an import took, or would take.</summary>
/// <param name="Taken">New comments.</param>
/// <param name="Known">Comments that came before; they are left as they are.</param>
/// <param name="Threads">New threads.</param>
/// <param name="Orphans">Answers to what is neither in the file nor here; they stand at the top level.</param>
/// <param name="Refused">Comments that could not be taken.</param>
/// <param name="Problems">Why, for the first hundred.</param>
/// <param name="Standing">Where they were sent instead of where the file says; null for as it says.</param>
internal sealed record ImportedComments(
    int Taken,
    int Known,
    int Threads,
    int Orphans,
    int Refused,
    IReadOnlyList<TransferProblem> Problems,
    CommentStanding? Standing
);
