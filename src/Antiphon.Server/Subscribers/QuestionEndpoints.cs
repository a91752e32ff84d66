using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Server.Platform.Access;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Subscribers;

/// <summary>/api/sites/{site}/questions: what readers asked through forms.</summary>
internal static class QuestionEndpoints
{
    private const int PageSize = 50;

    /// <summary>Maps the area.</summary>
    public static void MapQuestions(this RouteGroupBuilder site)
    {
        var questions = site.MapGroup("/questions").WithTags("Readers");
        questions.MapGet("", List).Needs(SiteRight.SeeReaders).WithName("listQuestions");
        questions
            .MapPut("/{question:long}/done", SetDone)
            .Needs(SiteRight.Moderate)
            .WithName("settleQuestion")
            .WithSummary("Marks a question as seen to, or open again.");
        questions.MapDelete("/{question:long}", Delete).Needs(SiteRight.Edit).WithName("deleteQuestion");
    }

    private static async Task<Ok<QuestionPage>> List(
        long site,
        AntiphonContext database,
        long? before,
        CancellationToken cancellation
    )
    {
        var all = database.Questions.AsNoTracking().Where(question => question.SiteId == site);
        var open = await all.CountAsync(question => question.DoneAt == null, cancellation);
        if (before is not null)
            all = all.Where(question => question.Id < before);
        var rows = await all.OrderByDescending(question => question.Id)
            .Take(PageSize + 1)
            .Select(question => new QuestionView(
                question.Id,
                question.Name,
                question.Mail,
                question.Message,
                question.PostId,
                question.Post!.Title,
                question.CreatedAt,
                question.DoneAt
            ))
            .ToListAsync(cancellation);
        return TypedResults.Ok(
            new QuestionPage(open, [.. rows.Take(PageSize)], rows.Count > PageSize ? rows[PageSize - 1].Id : null)
        );
    }

    private static async Task<Results<NoContent, NotFound>> SetDone(
        long site,
        long question,
        DoneRequest request,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var done = request.IsDone ? clock.GetUtcNow() : (DateTimeOffset?)null;
        var changed = await database
            .Questions.Where(row => row.Id == question && row.SiteId == site)
            .ExecuteUpdateAsync(set => set.SetProperty(row => row.DoneAt, done), cancellation);
        return changed > 0 ? TypedResults.NoContent() : TypedResults.NotFound();
    }

    private static async Task<Results<NoContent, NotFound>> Delete(
        long site,
        long question,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        await database.Questions.Where(row => row.Id == question && row.SiteId == site).ExecuteDeleteAsync(cancellation)
        > 0
            ? TypedResults.NoContent()
            : TypedResults.NotFound();
}

/// <summary>A question.</summary>
/// <param name="PostTitle">Title of the post the form stood in; null when that is gone.</param>
/// <param name="DoneAt">When somebody saw to it; null while it is open.</param>
internal sealed record QuestionView(
    long Id,
    string Name,
    string Mail,
    string Message,
    long? PostId,
    string? PostTitle,
    DateTimeOffset CreatedAt,
    DateTimeOffset? DoneAt
);

/// <summary>A page of questions, newest first.</summary>
/// <param name="Open">How many are open in all.</param>
/// <param name="Next">Value of "before" for the next page, or null at the end.</param>
internal sealed record QuestionPage(int Open, IReadOnlyList<QuestionView> Questions, long? Next);

/// <summary>Whether a question is seen to.</summary>
internal sealed record DoneRequest(bool IsDone);
