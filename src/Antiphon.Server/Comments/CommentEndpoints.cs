using Antiphon.Core.Comments;
using Antiphon.Core.Pictures;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Server.Comments.Deciding;
using Antiphon.Server.Comments.Filtering;
using Antiphon.Server.Comments.Following;
using Antiphon.Server.Comments.Moderation;
using Antiphon.Server.Comments.Notifying;
using Antiphon.Server.Comments.Placing;
using Antiphon.Server.Comments.Transfer;
using Antiphon.Server.Pictures;
using Antiphon.Server.Platform;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Comments;

/// <summary>/api/sites/{site}/comments and /threads.</summary>
internal static class CommentEndpoints
{
    /// <summary>Maps the area.</summary>
    public static void MapComments(this RouteGroupBuilder site)
    {
        var comments = site.MapGroup("/comments").WithTags("Comments");
        comments.MapQueue();
        comments.MapPost("/{comment:long}/decision", Decide).Needs(SiteRight.Moderate).WithName("decideComment");
        comments
            .MapPost("/{comment:long}/answer", Answer)
            .Needs(SiteRight.Moderate)
            .Validate<AnswerRequest>()
            .WithName("answerComment");
        comments
            .MapGet("/{comment:long}/conversation", GetConversation)
            .Needs(SiteRight.See)
            .WithName("getConversation");
        comments
            .MapGet("/{comment:long}/picture", ShowPicture)
            .Needs(SiteRight.See)
            .WithName("getCommentPicture")
            .WithSummary("The picture sent with a comment, wherever the comment stands.")
            .Produces(StatusCodes.Status200OK, contentType: "image/webp");
        comments.MapManyDecisions();
        comments.MapCommentActs();
        comments.MapMarks();
        comments.MapRecord();
        comments.MapViewing();
        comments.MapNoticeWishes();
        comments.MapCommentTransfer();
        comments.MapFilter();
        comments.MapCommentSettings();
        comments.MapCommentRules();
        var threads = site.MapGroup("/threads").WithTags("Comments");
        threads.MapGet("", ListThreads).Needs(SiteRight.See).WithName("listThreads");
        threads.MapThreadClearing();
        threads.MapThreadPlacing();
        threads
            .MapPost("/snippet", MakeSnippet)
            .Validate<ThreadSnippetRequest>()
            .Needs(SiteRight.See)
            .WithName("makeThreadSnippet");
    }

    private static async Task<Results<Ok<DecisionView>, NotFound, ProblemHttpResult>> Decide(
        long site,
        long comment,
        DecisionRequest request,
        HttpContext http,
        AntiphonContext database,
        CommentDecisions decisions,
        DeedRecord deeds
    )
    {
        if (
            await decisions.DecideAsync(
                site,
                comment,
                request.Standing,
                request.Seen,
                await deeds.DoerAsync(http),
                http.RequestAborted
            ) is
            { } decided
        )
            return TypedResults.Ok(decided);
        var standing = await database
            .Comments.Where(row => row.Id == comment && row.SiteId == site)
            .Select(row => (CommentStanding?)row.Standing)
            .FirstOrDefaultAsync(http.RequestAborted);
        if (standing is null)
            return TypedResults.NotFound();
        return TypedResults.Problem(
            "Check the comment again before you act.",
            title: $"Somebody decided in the meantime: the comment is {standing.ToString()!.ToLowerInvariant()} now.",
            statusCode: StatusCodes.Status409Conflict,
            type: "decided-meanwhile"
        );
    }

    private static async Task<Results<Ok<ThreadComment>, NotFound>> Answer(
        long site,
        long comment,
        AnswerRequest request,
        HttpContext http,
        AntiphonContext database,
        CommentDecisions decisions,
        DeedRecord deeds,
        CommenterNotifier notifier,
        IKeySource keys,
        TimeProvider clock
    )
    {
        var parent = await database.Comments.SingleOrDefaultAsync(row => row.Id == comment && row.SiteId == site);
        if (parent is null)
            return TypedResults.NotFound();
        var person = http.Member().PersonId;
        var writer = await database.Users.SingleAsync(row => row.Id == person);
        var now = clock.GetUtcNow();
        var answer = new Comment
        {
            Key = keys.NewKey(),
            SiteId = site,
            ThreadId = parent.ThreadId,
            ParentId = parent.Id,
            RootId = parent.RootId ?? parent.Id,
            Author = writer.DisplayName,
            IsTeam = true,
            Text = request.Text.Trim(),
            Html = CommentBody.ToHtml(request.Text),
            Standing = CommentStanding.Public,
            CreatedAt = now,
            DecidedAt = now,
            DecidedById = person,
        };
        database.Comments.Add(answer);
        await notifier.TellAsync(answer, http.RequestAborted);
        // An answer to what nobody sees would hang in the air.
        var published = parent.Standing == CommentStanding.Waiting ? [parent] : Array.Empty<Comment>();
        await decisions.DecideAllAsync(
            site,
            published,
            _ => CommentStanding.Public,
            await deeds.DoerAsync(http),
            http.RequestAborted
        );
        return TypedResults.Ok(ConversationReader.View(answer, 1, 0));
    }

    private static async Task<IResult> ShowPicture(
        long site,
        long comment,
        HttpContext http,
        AntiphonContext database,
        PictureMaking making
    )
    {
        var picture = await database
            .Comments.AsNoTracking()
            .Where(row => row.Id == comment && row.SiteId == site)
            .Select(row => row.Picture)
            .FirstOrDefaultAsync(http.RequestAborted);
        if (picture is null)
            return TypedResults.NotFound();
        http.Response.Headers.CacheControl = "private, max-age=300";
        return TypedResults.PhysicalFile(
            await making.FileAsync(picture, new PictureVariant(PictureVariant.UsualWidth), http.RequestAborted),
            "image/webp"
        );
    }

    private static async Task<Results<Ok<ConversationView>, NotFound>> GetConversation(
        long site,
        long comment,
        ConversationReader conversations,
        CancellationToken cancellation
    ) =>
        await conversations.ReadAsync(site, comment, cancellation) is { } found
            ? TypedResults.Ok(found)
            : TypedResults.NotFound();

    private static async Task<Ok<List<ThreadView>>> ListThreads(long site, string? search, AntiphonContext database) =>
        TypedResults.Ok(
            await database
                .Threads.Where(thread =>
                    thread.SiteId == site
                    && (
                        search == null
                        || EF.Functions.Like(thread.Title, $"%{search}%")
                        || EF.Functions.Like(thread.Identifier, $"%{search}%")
                    )
                )
                .OrderByDescending(thread =>
                    thread.Comments.Max(comment => (DateTimeOffset?)comment.CreatedAt) ?? thread.CreatedAt
                )
                .Take(200)
                .Select(thread => new ThreadView(
                    thread.Id,
                    thread.Identifier,
                    thread.Title,
                    thread.Address,
                    thread.PublicCount,
                    thread.Comments.Count(comment => comment.Standing == CommentStanding.Waiting),
                    thread.Comments.Max(comment => (DateTimeOffset?)comment.CreatedAt),
                    thread.PostId
                ))
                .ToListAsync()
        );

    private static async Task<Ok<ThreadSnippetView>> MakeSnippet(
        long site,
        ThreadSnippetRequest request,
        AntiphonContext database,
        BakedComments comments,
        IOptions<AntiphonOptions> options,
        CancellationToken cancellation
    )
    {
        var row = await database.Sites.SingleAsync(one => one.Id == site, cancellation);
        // A template makes many pages; what one of them says would stand on all.
        var baked = request.IsTemplate
            ? string.Empty
            : await comments.BakeAsync(
                row,
                request.Identifier?.Trim() ?? string.Empty,
                request.Address?.Trim() ?? string.Empty,
                cancellation
            );
        return TypedResults.Ok(ThreadSnippet.Make(options.Value, row.PublicKey, request, baked));
    }
}
