using Antiphon.Core.Comments.Filtering;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Antiphon.Server.Comments.Filtering;

/// <summary>/api/comments/filter/trial: a fresh filter for scripts, of which nothing is kept.</summary>
internal static class FilterTrialEndpoints
{
    /// <summary>Maps the trial.</summary>
    public static void MapFilterTrial(this WebApplication app) =>
        app.MapGroup("/api/comments/filter")
            .RequireAuthorization()
            .AddEndpointFilter<NoNullsInLists>()
            .WithTags("Comments")
            .MapPost("/trial", Try)
            .ForSignedIn()
            .WithName("tryFilter")
            .WithSummary(
                "Scores comments by a filter that learned from the decisions sent along, and from nothing else. Nothing is stored."
            );

    private static Ok<TrialScores> Try(FilterTrialRequest request, CancellationToken cancellation)
    {
        var filter = SpamFilter.Learn([
            .. (request.Train ?? []).Select(comment => new FilterDecision(comment.Traits(), comment.Spam)),
        ]);
        var tested = request.Test ?? [];
        var scores = new double[tested.Count];
        Parallel.For(0, scores.Length, new ParallelOptions { CancellationToken = cancellation }, number =>
            scores[number] = filter.Score(tested[number].Traits())
        );
        return TypedResults.Ok(new TrialScores(scores));
    }
}

/// <summary>A comment of a trial; what is missing counts as empty.</summary>
/// <param name="Author">Name of the writer.</param>
/// <param name="Email">The writer's mail.</param>
/// <param name="Url">A page of the writer's own.</param>
/// <param name="Body">The text.</param>
/// <param name="Spam">What was decided; looked at in what is learned from only.</param>
internal sealed record TrialComment(string? Author, string? Email, string? Url, string? Body, bool Spam = false)
{
    /// <summary>What the filter looks at.</summary>
    public CommentTraits Traits() =>
        new(Author ?? string.Empty, Email ?? string.Empty, Url ?? string.Empty, Body ?? string.Empty);
}

/// <summary>Decisions to learn from, and comments to score.</summary>
internal sealed record FilterTrialRequest(IReadOnlyList<TrialComment>? Train, IReadOnlyList<TrialComment>? Test);

/// <summary>Scores in the order of the comments, each above 0 and below 1: how likely it is spam.</summary>
internal sealed record TrialScores(IReadOnlyList<double> Scores);
