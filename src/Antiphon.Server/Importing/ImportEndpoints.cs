using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Importing;
using Antiphon.Core.Importing.Matching;
using Antiphon.Core.Sites;
using Antiphon.Core.Tables;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Importing;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Importing;

/// <summary>/api/sites/{site}/imports: bringing posts in, from reading to taking it back.</summary>
internal static class ImportEndpoints
{
    private const int Samples = 3;
    private const int SampleLength = 90;

    /// <summary>Maps the area.</summary>
    public static void MapImports(this RouteGroupBuilder site)
    {
        var imports = site.MapGroup("/imports").WithTags("Imports");
        imports.MapGet("", List).Needs(SiteRight.See).WithName("listImports");
        imports
            .MapPost("", Upload)
            .Needs(SiteRight.Edit)
            .WithName("uploadImport")
            .WithSummary(
                "Reads a file, sent as the body: a table (CSV, spreadsheet, web page), JSON, a feed, a Markdown file or an archive of them."
            );
        imports
            .MapPost("/from-address", FromAddress)
            .Needs(SiteRight.Edit)
            .WithName("importFromAddress")
            .WithSummary("Reads a published table, a feed, or pages.");
        imports
            .MapPost("/names", ReadNames)
            .Needs(SiteRight.Edit)
            .WithName("readNames")
            .WithSummary("Reads a table of identifiers and names, sent as the body.");
        imports.MapGet("/{import:long}", Get).Needs(SiteRight.See).WithName("getImport");
        imports
            .MapPost("/{import:long}/table", Choose)
            .Needs(SiteRight.Edit)
            .WithName("chooseImportTable")
            .WithSummary("Takes another table of a document that holds several.");
        imports
            .MapPost("/{import:long}/trial", Try)
            .Needs(SiteRight.Edit)
            .WithName("tryImport")
            .WithSummary("What bringing in would do, row by row; nothing is changed.");
        imports.MapPost("/{import:long}/start", Start).Needs(SiteRight.Edit).WithName("startImport");
        imports
            .MapPost("/{import:long}/stop", Stop)
            .Needs(SiteRight.Edit)
            .WithName("stopImport")
            .WithSummary("Stops bringing in, or following; what was made stays.");
        imports
            .MapPost("/{import:long}/undo", Undo)
            .Needs(SiteRight.Edit)
            .WithName("undoImport")
            .WithSummary("Puts what an import made into the bin, except what somebody has worked on.");
        imports
            .MapDelete("/{import:long}", Forget)
            .Needs(SiteRight.Edit)
            .WithName("forgetImport")
            .WithSummary("Forgets an import that was never started.");
    }

    private static async Task<Ok<List<ImportSummary>>> List(
        long site,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok(
            (
                await database
                    .Imports.AsNoTracking()
                    .Include(import => import.Blog)
                    .Where(import => import.SiteId == site)
                    .OrderByDescending(import => import.Id)
                    .Take(50)
                    .ToListAsync(cancellation)
            ).ConvertAll(Summary)
        );

    private static async Task<Results<Ok<ImportView>, ValidationProblem>> Upload(
        long site,
        long blog,
        string name,
        HttpContext http,
        ImportBegin begin,
        CancellationToken cancellation
    )
    {
        var source = await ImportSources.ReadAsync(name, await http.BodyAsync(), cancellation);
        if (source.Problem is { } problem)
            return FieldProblem.For("file", problem);
        var import = await begin.Async(site, blog, http.Member().PersonId, name, null, source, cancellation);
        return import is null
            ? FieldProblem.For("blogId", "Choose a blog that is written here.")
            : TypedResults.Ok(await begin.ViewAsync(import, cancellation));
    }

    private static async Task<Results<Ok<ImportView>, ValidationProblem>> FromAddress(
        long site,
        ImportAddressRequest request,
        HttpContext http,
        ImportBegin begin,
        ImportSources sources,
        CancellationToken cancellation
    )
    {
        var wanted = (request.Addresses ?? [])
            .Select(address => address.Trim())
            .Where(address => address.Length > 0)
            .ToList();
        if (wanted.Count == 0)
            return FieldProblem.For("addresses", "Enter the address.");
        if (wanted.Find(address => !LinkResolver.IsWeb(address)) is { } wrong)
            return FieldProblem.For(
                "addresses",
                $"“{Shortened.ToLength(wrong, 60)}” is not a full address. Start it with https://."
            );
        var source = await sources.ReadAsync(request.Kind, wanted, cancellation);
        if (source.Problem is { } problem)
            return FieldProblem.For("addresses", problem);
        var name = wanted.Count == 1 ? wanted[0] : $"{wanted[0]} and {wanted.Count - 1} more";
        var import = await begin.Async(
            site,
            request.BlogId,
            http.Member().PersonId,
            name,
            source.Kind == ImportKind.Pages ? null : wanted[0],
            source,
            cancellation
        );
        return import is null
            ? FieldProblem.For("blogId", "Choose a blog that is written here.")
            : TypedResults.Ok(await begin.ViewAsync(import, cancellation));
    }

    private static async Task<Results<Ok<Dictionary<string, string>>, ValidationProblem>> ReadNames(
        long site,
        HttpContext http,
        CancellationToken cancellation
    )
    {
        var source = await ImportSources.ReadAsync("names", await http.BodyAsync(), cancellation);
        if (source.Problem is { } problem)
            return FieldProblem.For("file", problem);
        var table = source.Chosen().Table;
        if (table.Columns.Count < 2)
            return FieldProblem.For(
                "file",
                "A table of names has two columns: the identifier, and the name it stands for."
            );
        var matched = ColumnMatching.Suggest(table, []).Columns;
        int Place(ImportTarget target, int otherwise) =>
            matched.ToList().FindIndex(mapping => mapping.Target == target) is var found and >= 0 ? found : otherwise;
        var (id, title) = (Place(ImportTarget.Identifier, 0), Place(ImportTarget.Title, 1));
        return TypedResults.Ok(
            table
                .Rows.Where(row => row[id].Length > 0 && row[title].Length > 0)
                .GroupBy(row => row[id].Trim())
                .ToDictionary(group => group.Key, group => group.First()[title].Trim())
        );
    }

    private static async Task<Results<Ok<ImportView>, NotFound>> Get(
        long site,
        long import,
        AntiphonContext database,
        ImportBegin begin,
        CancellationToken cancellation
    )
    {
        var found = await database
            .Imports.AsNoTracking()
            .Include(row => row.Blog.Site)
            .FirstOrDefaultAsync(row => row.Id == import && row.SiteId == site, cancellation);
        return found is null ? TypedResults.NotFound() : TypedResults.Ok(await begin.ViewAsync(found, cancellation));
    }

    private static async Task<Results<Ok<ImportView>, NotFound, ValidationProblem>> Choose(
        long site,
        long import,
        TableChoice choice,
        AntiphonContext database,
        ImportFiles files,
        ImportBegin begin,
        CancellationToken cancellation
    )
    {
        var found = await database
            .Imports.Include(row => row.Blog.Site)
            .FirstOrDefaultAsync(
                row => row.Id == import && row.SiteId == site && row.State == ImportState.Matching,
                cancellation
            );
        if (found is null)
            return TypedResults.NotFound();
        var tables = await files.ReadAllAsync(import, cancellation);
        if (tables.FirstOrDefault(table => table.Name == choice.Name) is not { } chosen)
            return FieldProblem.For("name", "There is no table of this name. Choose one of those listed.");
        await begin.ChooseAsync(found, chosen, cancellation);
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(await begin.ViewAsync(found, cancellation));
    }

    private static async Task<Results<Ok<TrialView>, NotFound>> Try(
        long site,
        long import,
        ImportPlan plan,
        AntiphonContext database,
        ImportTrial trial,
        CancellationToken cancellation
    )
    {
        var found = await database
            .Imports.AsNoTracking()
            .Include(row => row.Blog.Site)
            .FirstOrDefaultAsync(row => row.Id == import && row.SiteId == site, cancellation);
        return found is not null && await trial.RunAsync(found, plan, cancellation) is { } result
            ? TypedResults.Ok(result)
            : TypedResults.NotFound();
    }

    private static async Task<Results<Ok<ImportSummary>, NotFound, ValidationProblem>> Start(
        long site,
        long import,
        ImportStartRequest request,
        HttpContext http,
        AntiphonContext database,
        ImportFiles files,
        ImportSignal signal,
        ActRecord acts,
        CancellationToken cancellation
    )
    {
        var found = await database
            .Imports.Include(row => row.Blog)
            .FirstOrDefaultAsync(
                row => row.Id == import && row.SiteId == site && row.State == ImportState.Matching,
                cancellation
            );
        if (found is null)
            return TypedResults.NotFound();
        if (request.Plan.Columns.All(column => column.Target != ImportTarget.Title))
            return FieldProblem.For("columns", "Choose the title column.");
        if (request.EveryMinutes is < 15 or > 10_080)
            return FieldProblem.For(
                "everyMinutes",
                "Read the table every 15 minutes at most, and once a week at least."
            );
        if (request.EveryMinutes is not null && found.Address is null)
            return FieldProblem.For("everyMinutes", "Only a table with an address can be followed.");
        (found.Plan, found.EveryMinutes, found.State) = (request.Plan, request.EveryMinutes, ImportState.Running);
        await acts.AddAsync(
            site,
            http.Member().PersonId,
            $"started import “{Shortened.ToLength(found.Name, 80)}”",
            null,
            cancellation
        );
        await database.SaveChangesAsync(cancellation);
        files.RemoveOthers(import);
        signal.Wake();
        return TypedResults.Ok(Summary(found));
    }

    private static async Task<Results<NoContent, NotFound>> Stop(
        long site,
        long import,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var found = await database.Imports.FirstOrDefaultAsync(
            row => row.Id == import && row.SiteId == site,
            cancellation
        );
        if (found is null)
            return TypedResults.NotFound();
        found.StopAsked = found.State == ImportState.Running;
        (found.EveryMinutes, found.NextAt) = (null, null);
        await database.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<Results<Ok<ImportUndone>, NotFound, ValidationProblem>> Undo(
        long site,
        long import,
        HttpContext http,
        AntiphonContext database,
        ActRecord acts,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var found = await database.Imports.FirstOrDefaultAsync(
            row => row.Id == import && row.SiteId == site,
            cancellation
        );
        if (found is null)
            return TypedResults.NotFound();
        if (found.State is ImportState.Running or ImportState.Matching)
            return FieldProblem.For("import", "The import is still running. Stop it first.");
        var now = clock.GetUtcNow();
        var mine = database.Posts.Where(post => post.ImportId == import);
        // Versions are kept from the first save by hand on, so a post without any is as it was made.
        var untouched = mine.Where(post => !database.PostVersions.Any(version => version.PostId == post.Id));
        var kept = await mine.CountAsync(cancellation) - await untouched.CountAsync(cancellation);
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        await PublicChanges.NoteWithdrawnAsync(database, untouched, cancellation);
        var gone = await untouched.ExecuteUpdateAsync(
            set =>
                set.SetProperty(post => post.DeletedAt, now)
                    .SetProperty(post => post.ImportKey, (string?)null)
                    .SetProperty(post => post.Revision, post => post.Revision + 1),
            cancellation
        );
        (found.State, found.EveryMinutes, found.NextAt, found.EndedAt) = (ImportState.Undone, null, null, now);
        await acts.AddAsync(
            site,
            http.Member().PersonId,
            $"undid import “{Shortened.ToLength(found.Name, 80)}”: {gone} posts",
            null,
            cancellation
        );
        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return TypedResults.Ok(new ImportUndone(gone, kept));
    }

    private static async Task<Results<NoContent, NotFound>> Forget(
        long site,
        long import,
        AntiphonContext database,
        ImportFiles files,
        CancellationToken cancellation
    )
    {
        var gone = await database
            .Imports.Where(row => row.Id == import && row.SiteId == site && row.State == ImportState.Matching)
            .ExecuteDeleteAsync(cancellation);
        if (gone == 0)
            return TypedResults.NotFound();
        files.Remove(import);
        return TypedResults.NoContent();
    }

    /// <summary>The columns of a table with samples.</summary>
    internal static List<ColumnView> Columns(ImportTable table) =>
        [
            .. table.Columns.Select(
                (name, index) =>
                    new ColumnView(
                        name,
                        [
                            .. table
                                .ValuesOf(index)
                                .Where(value => value.Trim().Length > 0)
                                .Distinct()
                                .Take(Samples)
                                .Select(value => Shortened.ToLength(value.ReplaceLineEndings(" "), SampleLength)),
                        ],
                        table.ValuesOf(index).Count(value => value.Trim().Length > 0)
                    )
            ),
        ];

    /// <summary>An import in the list.</summary>
    internal static ImportSummary Summary(Import import) =>
        new(
            import.Id,
            import.Name,
            import.Kind,
            import.Blog.Name,
            import.State,
            import.BegunAt,
            import.EndedAt,
            import.Rows,
            import.Done,
            import.Made,
            import.Changed,
            import.Skipped,
            import.Refused,
            import.Address,
            import.EveryMinutes,
            import.NextAt,
            import.LastWords
        );
}
