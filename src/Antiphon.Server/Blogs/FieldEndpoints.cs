using Antiphon.Core.Posts;
using Antiphon.Core.Posts.Fields;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Blogs;

/// <summary>/api/sites/{site}/blogs/{blog}/fields: the fields of a blog's own, as one list in their order.</summary>
internal static class FieldEndpoints
{
    private const int Most = 30;

    /// <summary>Maps the area.</summary>
    public static void MapOwnFields(this RouteGroupBuilder site)
    {
        var fields = site.MapGroup("/blogs/{blog:long}/fields").WithTags("Blogs");
        fields.MapGet("", List).Needs(SiteRight.See).WithName("listFields");
        fields
            .MapPut("", Keep)
            .Needs(SiteRight.Edit)
            .WithName("keepFields")
            .WithSummary(
                "The fields of a blog's own. Values of a field that is taken away are kept, and come back with it."
            );
    }

    private static async Task<Ok<List<OwnField>>> List(
        long site,
        long blog,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok(
            await database
                .BlogFields.AsNoTracking()
                .Where(field => field.BlogId == blog && field.Blog.SiteId == site)
                .OrderBy(field => field.Position)
                .Select(field => field.Definition)
                .ToListAsync(cancellation)
        );

    private static async Task<Results<Ok<List<OwnField>>, NotFound, ValidationProblem>> Keep(
        long site,
        long blog,
        List<OwnField> request,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        if (!await database.Blogs.AnyAsync(row => row.Id == blog && row.SiteId == site, cancellation))
            return TypedResults.NotFound();
        if (request.Count > Most)
            return FieldProblem.For("fields", $"A blog has at most {Most} fields of its own.");
        var named = new List<OwnField>();
        for (var index = 0; index < request.Count; index++)
        {
            var field = request[index];
            if (Problem(field) is var (part, problem))
                return FieldProblem.For($"{index}.{part}", problem);
            var key = Slug.FromTitle(string.IsNullOrWhiteSpace(field.Key) ? field.Label : field.Key);
            if (named.Exists(ownField => ownField.Key == key))
                return FieldProblem.For(
                    $"{index}.label",
                    $"Another field is called “{field.Label}” too; give one of them another name."
                );
            named.Add(
                field with
                {
                    Key = key,
                    Label = field.Label.Trim(),
                    Choices =
                    [
                        .. (field.Choices ?? [])
                            .Select(choice => choice.Trim())
                            .Where(choice => choice.Length > 0)
                            .Distinct(StringComparer.OrdinalIgnoreCase),
                    ],
                }
            );
        }

        database.BlogFields.RemoveRange(
            await database.BlogFields.Where(field => field.BlogId == blog).ToListAsync(cancellation)
        );
        database.BlogFields.AddRange(
            named.Select(
                (field, position) =>
                    new BlogField
                    {
                        BlogId = blog,
                        Position = position,
                        Definition = field,
                    }
            )
        );
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(named);
    }

    private static (string Part, string Problem)? Problem(OwnField field)
    {
        if (string.IsNullOrWhiteSpace(field.Label) || field.Label.Length > 60)
            return ("label", "Enter a name of at most 60 characters.");
        if (
            field.Kind == OwnFieldKind.Choice
            && (field.Choices ?? []).Count(choice => !string.IsNullOrWhiteSpace(choice)) < 2
        )
            return ("choices", $"Give “{field.Label}” at least two words to choose from.");
        return field.Unit?.Length > 20 ? ("unit", "Use at most 20 characters.") : null;
    }
}
