using Antiphon.Core.Comments.Deciding;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Sites;
using Antiphon.Server.Comments.Filtering;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Deciding;

/// <summary>/api/sites/{site}/comments/rules: the rules that decide where a comment goes.</summary>
internal static class CommentRuleEndpoints
{
    private const int MostRules = 50;

    /// <summary>Maps them.</summary>
    public static void MapCommentRules(this RouteGroupBuilder comments)
    {
        comments.MapGet("/rules", GetRules).Needs(SiteRight.See).WithName("getCommentRules");
        comments.MapPut("/rules", PutRules).Needs(SiteRight.Edit).WithName("saveCommentRules");
        comments
            .MapPost("/rules/trial", TryRules)
            .Needs(SiteRight.Moderate)
            .WithName("tryCommentRules")
            .WithSummary("What rules would have done with the last thousand comments.");
    }

    private static async Task<Ok<IReadOnlyList<CommentRule>>> GetRules(
        long site,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok<IReadOnlyList<CommentRule>>(
            await database.Sites.Where(row => row.Id == site).Select(row => row.CommentRules).SingleAsync(cancellation)
        );

    private static async Task<Results<Ok<IReadOnlyList<CommentRule>>, ValidationProblem>> PutRules(
        long site,
        RulesRequest request,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        if (Problem(request.Rules) is { } problem)
            return problem;
        if (await UnknownBlogAsync(site, request.Rules, database, cancellation) is { } unknown)
            return unknown;
        var owner = await database.Sites.SingleAsync(row => row.Id == site, cancellation);
        owner.CommentRules = [.. request.Rules];
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok<IReadOnlyList<CommentRule>>(owner.CommentRules);
    }

    private static ValidationProblem? Problem(IReadOnlyList<CommentRule> rules)
    {
        if (rules.Count > MostRules)
            return FieldProblem.For("rules", $"Use at most {MostRules} rules.");
        for (var number = 0; number < rules.Count; number++)
        {
            if (!rules[number].IsWhole)
                return FieldProblem.For(
                    $"rules[{number}]",
                    rules[number].Condition == RuleCondition.Words
                        ? "Enter at least one word."
                        : "Enter a number above 0, for scores up to 100."
                );
            if (rules[number].Words.Count > 500 || rules[number].Words.Any(word => word.Length > 200))
                return FieldProblem.For($"rules[{number}]", "Use at most 500 words of 200 characters.");
        }

        return null;
    }

    private static async Task<ValidationProblem?> UnknownBlogAsync(
        long site,
        IReadOnlyList<CommentRule> rules,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        if (rules.All(rule => rule.Blogs is not { Count: > 0 }))
            return null;
        var blogs = await database
            .Blogs.Where(blog => blog.SiteId == site)
            .Select(blog => blog.Id)
            .ToListAsync(cancellation);
        var number = rules.ToList().FindIndex(rule => rule.Blogs?.Except(blogs).Any() == true);
        return number < 0 ? null : FieldProblem.For($"rules[{number}]", "Choose blogs of this site.");
    }

    private static async Task<Results<Ok<RulesTrial>, ValidationProblem>> TryRules(
        long site,
        RulesRequest request,
        AntiphonContext database,
        SiteFilters filters,
        CancellationToken cancellation
    ) =>
        Problem(request.Rules) is { } problem
            ? problem
            : TypedResults.Ok(await RuleTrial.RunAsync(site, request.Rules, database, filters, cancellation));
}

/// <summary>Rules in order.</summary>
internal sealed record RulesRequest(IReadOnlyList<CommentRule> Rules);
