using Antiphon.Core.Html;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Posts.Editing;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts.Editing;

/// <summary>/api/sites/{site}/patterns: skeletons that posts start from.</summary>
internal static class PatternEndpoints
{
    private const int Most = 50;

    /// <summary>Maps the area.</summary>
    public static void MapPatterns(this RouteGroupBuilder site)
    {
        var patterns = site.MapGroup("/patterns").WithTags("Posts");
        patterns.MapGet("", List).Needs(SiteRight.See).WithName("listPatterns");
        patterns
            .MapPost("", Keep)
            .Needs(SiteRight.Edit)
            .Validate<PatternRequest>()
            .WithName("keepPattern")
            .WithSummary("Keeps a skeleton under a name; a name in use is replaced.");
        patterns.MapDelete("/{pattern:long}", Remove).Needs(SiteRight.Edit).WithName("removePattern");
    }

    private static async Task<Ok<List<PatternView>>> List(
        long site,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok(
            (
                await database
                    .Patterns.AsNoTracking()
                    .Where(pattern => pattern.SiteId == site)
                    .OrderBy(pattern => pattern.Name)
                    .ToListAsync(cancellation)
            ).ConvertAll(ViewOf)
        );

    private static async Task<Results<Ok<PatternView>, ValidationProblem>> Keep(
        long site,
        PatternRequest request,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var name = request.Name.Trim();
        var pattern = await database.Patterns.FirstOrDefaultAsync(
            row => row.SiteId == site && row.Name == name,
            cancellation
        );
        if (pattern is null)
        {
            if (await database.Patterns.CountAsync(row => row.SiteId == site, cancellation) >= Most)
                return FieldProblem.For("name", $"A site keeps at most {Most} patterns; remove one first.");
            database.Patterns.Add(pattern = new Pattern { SiteId = site, Name = name });
        }

        (pattern.Title, pattern.BodyHtml, pattern.Category, pattern.Tags) = (
            request.Title?.Trim() ?? string.Empty,
            HtmlCleaner.ForPosts.Clean(request.BodyHtml),
            Trimmed.OrNull(request.Category),
            [.. request.Tags ?? []]
        );
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(ViewOf(pattern));
    }

    private static async Task<Results<NoContent, NotFound>> Remove(
        long site,
        long pattern,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        await database.Patterns.Where(row => row.Id == pattern && row.SiteId == site).ExecuteDeleteAsync(cancellation)
        > 0
            ? TypedResults.NoContent()
            : TypedResults.NotFound();

    private static PatternView ViewOf(Pattern pattern) =>
        new(pattern.Id, pattern.Name, pattern.Title, pattern.BodyHtml, pattern.Category, pattern.Tags);
}

/// <summary>A skeleton.</summary>
/// <param name="Title">Title a post begins with, or empty.</param>
/// <param name="BodyHtml">The text; paragraphs of class "prompt" say what belongs there.</param>
internal sealed record PatternView(
    long Id,
    string Name,
    string Title,
    string BodyHtml,
    string? Category,
    IReadOnlyList<string> Tags
);

/// <summary>A skeleton to keep.</summary>
internal sealed record PatternRequest(
    string Name,
    string? Title,
    string BodyHtml,
    string? Category,
    IReadOnlyList<string>? Tags
);

/// <summary>Rules for a skeleton.</summary>
internal sealed class PatternValidator : AbstractValidator<PatternRequest>
{
    public PatternValidator()
    {
        RuleFor(pattern => pattern.Name)
            .NotEmpty()
            .WithMessage("Enter a name, such as Observing report.")
            .MaximumLength(80)
            .WithMessage("Use at most 80 characters.");
        RuleFor(pattern => pattern.Title).MaximumLength(300).WithMessage("Use at most 300 characters.");
        RuleFor(pattern => pattern.BodyHtml)
            .NotEmpty()
            .WithMessage("Write something that posts can start from.")
            .MaximumLength(200_000)
            .WithMessage("Use at most 200,000 characters.");
    }
}
