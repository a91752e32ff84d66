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

/// <summary>/api/sites/{site}/patterns: templates that posts start from.</summary>
internal static class PostTemplateEndpoints
{
    private const int Most = 50;

    /// <summary>Maps the area.</summary>
    public static void MapPostTemplates(this RouteGroupBuilder site)
    {
        var templates = site.MapGroup("/patterns").WithTags("Posts");
        templates.MapGet("", List).Needs(SiteRight.See).WithName("listPostTemplates");
        templates
            .MapPost("", Keep)
            .Needs(SiteRight.Edit)
            .Validate<PostTemplateRequest>()
            .WithName("keepPostTemplate")
            .WithSummary("Keeps a template under a name; a name in use is replaced.");
        templates.MapDelete("/{template:long}", Remove).Needs(SiteRight.Edit).WithName("removePostTemplate");
    }

    private static async Task<Ok<List<PostTemplateView>>> List(
        long site,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok(
            (
                await database
                    .PostTemplates.AsNoTracking()
                    .Where(template => template.SiteId == site)
                    .OrderBy(template => template.Name)
                    .ToListAsync(cancellation)
            ).ConvertAll(ViewOf)
        );

    private static async Task<Results<Ok<PostTemplateView>, ValidationProblem>> Keep(
        long site,
        PostTemplateRequest request,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var name = request.Name.Trim();
        var template = await database.PostTemplates.FirstOrDefaultAsync(
            row => row.SiteId == site && row.Name == name,
            cancellation
        );
        if (template is null)
        {
            if (await database.PostTemplates.CountAsync(row => row.SiteId == site, cancellation) >= Most)
                return FieldProblem.For("name", $"A site keeps at most {Most} templates; remove one first.");
            database.PostTemplates.Add(template = new PostTemplate { SiteId = site, Name = name });
        }

        (template.Title, template.BodyHtml, template.Category, template.Tags) = (
            request.Title?.Trim() ?? string.Empty,
            HtmlCleaner.ForPosts.Clean(request.BodyHtml),
            Trimmed.OrNull(request.Category),
            [.. request.Tags ?? []]
        );
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(ViewOf(template));
    }

    private static async Task<Results<NoContent, NotFound>> Remove(
        long site,
        long template,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        await database
            .PostTemplates.Where(row => row.Id == template && row.SiteId == site)
            .ExecuteDeleteAsync(cancellation) > 0
            ? TypedResults.NoContent()
            : TypedResults.NotFound();

    private static PostTemplateView ViewOf(PostTemplate template) =>
        new(template.Id, template.Name, template.Title, template.BodyHtml, template.Category, template.Tags);
}

/// <summary>A template.</summary>
/// <param name="Title">Title a post begins with, or empty.</param>
/// <param name="BodyHtml">The text; paragraphs of class "prompt" say what belongs there.</param>
internal sealed record PostTemplateView(
    long Id,
    string Name,
    string Title,
    string BodyHtml,
    string? Category,
    IReadOnlyList<string> Tags
);

/// <summary>A template to keep.</summary>
internal sealed record PostTemplateRequest(
    string Name,
    string? Title,
    string BodyHtml,
    string? Category,
    IReadOnlyList<string>? Tags
);

/// <summary>Rules for a template.</summary>
internal sealed class PostTemplateValidator : AbstractValidator<PostTemplateRequest>
{
    public PostTemplateValidator()
    {
        RuleFor(template => template.Name)
            .NotEmpty()
            .WithMessage("Enter a name, such as Observing report.")
            .MaximumLength(80)
            .WithMessage("Use at most 80 characters.");
        RuleFor(template => template.Title).MaximumLength(300).WithMessage("Use at most 300 characters.");
        RuleFor(template => template.BodyHtml)
            .NotEmpty()
            .WithMessage("Write something that posts can start from.")
            .MaximumLength(200_000)
            .WithMessage("Use at most 200,000 characters.");
    }
}
