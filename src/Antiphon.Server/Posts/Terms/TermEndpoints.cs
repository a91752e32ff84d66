using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Posts.Terms;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts.Terms;

/// <summary>/api/sites/{site}/terms: categories in their tree, tags and authors.</summary>
internal static class TermEndpoints
{
    private const int LongestName = 100;

    /// <summary>Maps the area.</summary>
    public static void MapTerms(this RouteGroupBuilder site)
    {
        var terms = site.MapGroup("/terms").WithTags("Terms");
        terms.MapGet("", List).Needs(SiteRight.See).WithName("getTerms");
        terms
            .MapPut("/categories", KeepCategory)
            .Needs(SiteRight.Edit)
            .WithName("keepCategory")
            .WithSummary("Places a category in the tree and says what it is about.");
        terms
            .MapPut("/authors", KeepAuthor)
            .Needs(SiteRight.Edit)
            .WithName("keepAuthor")
            .WithSummary("Says who an author is.");
        terms
            .MapPost("/rename", Rename)
            .Needs(SiteRight.Edit)
            .WithName("renameTerm")
            .WithSummary("Renames a term on every post, or brings two together.");
    }

    private static async Task<Ok<TermsPage>> List(long site, AntiphonContext database, CancellationToken cancellation)
    {
        var rows = await database
            .Posts.AsNoTracking()
            .Where(post => post.SiteId == site)
            .Select(post => new
            {
                post.Category,
                post.MoreCategories,
                post.Tags,
                post.Author,
            })
            .ToListAsync(cancellation);
        var kept = await database
            .Categories.AsNoTracking()
            .Where(category => category.SiteId == site)
            .ToListAsync(cancellation);
        var people = await database
            .Authors.AsNoTracking()
            .Where(author => author.SiteId == site)
            .ToListAsync(cancellation);
        return TypedResults.Ok(
            new TermsPage(
                Categories(kept, Counted(rows.SelectMany(row => row.MoreCategories.Prepend(row.Category!)))),
                [
                    .. Counted(rows.SelectMany(row => row.Tags))
                        .Select(pair => new TermView(pair.Key, pair.Value))
                        .OrderBy(term => term.Name, StringComparer.CurrentCultureIgnoreCase),
                ],
                Authors(people, Counted(rows.Select(row => row.Author)))
            )
        );
    }

    private static Dictionary<string, int> Counted(IEnumerable<string?> names) =>
        names
            .OfType<string>()
            .GroupBy(name => name, StringComparer.OrdinalIgnoreCase)
            .ToDictionary(group => group.Key, group => group.Count(), StringComparer.OrdinalIgnoreCase);

    // What posts name, what is described, and what stands above these, in the order of the tree.
    private static IReadOnlyList<CategoryView> Categories(List<Category> kept, Dictionary<string, int> counts)
    {
        var tree = new CategoryTree(kept.Select(category => new CategoryNode(category.Name, category.Above)));
        return
        [
            .. kept.Select(category => category.Name)
                .Concat(kept.Select(category => category.Above).OfType<string>())
                .Concat(counts.Keys)
                .Distinct(StringComparer.OrdinalIgnoreCase)
                .Select(name =>
                    (name, about: kept.Find(row => string.Equals(row.Name, name, StringComparison.OrdinalIgnoreCase)))
                )
                .Select(term => new CategoryView(
                    term.about?.Name ?? term.name,
                    term.about?.Above,
                    term.about?.Description,
                    tree.PathTo(term.name),
                    counts.GetValueOrDefault(term.name)
                ))
                .OrderBy(category => string.Join('\u0001', category.Path), StringComparer.CurrentCultureIgnoreCase),
        ];
    }

    private static IReadOnlyList<AuthorView> Authors(List<Author> people, Dictionary<string, int> counts) =>
        [
            .. people
                .Select(author => author.Name)
                .Concat(counts.Keys)
                .Distinct(StringComparer.OrdinalIgnoreCase)
                .Select(name =>
                    (name, about: people.Find(row => string.Equals(row.Name, name, StringComparison.OrdinalIgnoreCase)))
                )
                .Select(person => new AuthorView(
                    person.about?.Name ?? person.name,
                    person.about?.About,
                    person.about?.Link,
                    person.about?.PictureAddress,
                    counts.GetValueOrDefault(person.name)
                ))
                .OrderBy(author => author.Name, StringComparer.CurrentCultureIgnoreCase),
        ];

    private static async Task<Results<NoContent, ValidationProblem>> KeepCategory(
        long site,
        CategoryRequest request,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var (name, above) = (
            request.Name?.Trim() ?? string.Empty,
            string.IsNullOrWhiteSpace(request.Above) ? null : request.Above.Trim()
        );
        if (name.Length is 0 or > LongestName)
            return FieldProblem.For("name", "Enter a name of at most 100 characters.");
        var all = await database.Categories.Where(category => category.SiteId == site).ToListAsync(cancellation);
        if (
            new CategoryTree(all.Select(category => new CategoryNode(category.Name, category.Above))).WouldCircle(
                name,
                above
            )
        )
            return FieldProblem.For(
                "above",
                $"“{above}” is already below “{name}”; a category cannot be its own parent."
            );
        if (request.Description?.Length > 1000)
            return FieldProblem.For("description", "Use at most 1,000 characters.");
        var kept = all.Find(category => string.Equals(category.Name, name, StringComparison.OrdinalIgnoreCase));
        if (kept is null)
            database.Categories.Add(kept = new Category { SiteId = site, Name = name });
        (kept.Above, kept.Description) = (
            above,
            string.IsNullOrWhiteSpace(request.Description) ? null : request.Description.Trim()
        );
        await database.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, ValidationProblem>> KeepAuthor(
        long site,
        AuthorRequest request,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var name = request.Name?.Trim() ?? string.Empty;
        if (name.Length is 0 or > LongestName)
            return FieldProblem.For("name", "Enter a name of at most 100 characters.");
        if (request.About?.Length > 2000)
            return FieldProblem.For("about", "Keep what is said about the author under 2,000 characters.");
        if (!string.IsNullOrWhiteSpace(request.Link) && !LinkResolver.IsWeb(request.Link))
            return FieldProblem.For("link", "Enter the full address, starting with https://.");
        if (!string.IsNullOrWhiteSpace(request.PictureAddress) && !LinkResolver.IsWeb(request.PictureAddress))
            return FieldProblem.For("pictureAddress", "Choose a picture from the library.");
        var kept = (await database.Authors.Where(author => author.SiteId == site).ToListAsync(cancellation)).Find(
            author => string.Equals(author.Name, name, StringComparison.OrdinalIgnoreCase)
        );
        if (kept is null)
            database.Authors.Add(kept = new Author { SiteId = site, Name = name });
        (kept.About, kept.Link, kept.PictureAddress) = (
            Trimmed.OrNull(request.About),
            Trimmed.OrNull(request.Link),
            Trimmed.OrNull(request.PictureAddress)
        );
        await database.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<Results<Ok<RenameResult>, ValidationProblem>> Rename(
        long site,
        RenameRequest request,
        HttpContext http,
        TermRenaming renaming,
        CancellationToken cancellation
    )
    {
        if (string.IsNullOrWhiteSpace(request.Name))
            return FieldProblem.For("name", "Choose what to rename.");
        if (request.To?.Trim().Length > LongestName)
            return FieldProblem.For("to", "Use at most 100 characters.");
        return TypedResults.Ok(
            await renaming.RenameAsync(
                site,
                http.Member().PersonId,
                request with
                {
                    Name = request.Name.Trim(),
                    To = request.To?.Trim() ?? string.Empty,
                },
                cancellation
            )
        );
    }
}
