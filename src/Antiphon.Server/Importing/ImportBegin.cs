using Antiphon.Core.Importing;
using Antiphon.Core.Importing.Matching;
using Antiphon.Core.Posts.Fields;
using Antiphon.Core.Tables;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Importing;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Importing;

/// <summary>Stores a table that was read, and shows it with a guess where its columns go.</summary>
internal sealed class ImportBegin(AntiphonContext database, ImportFiles files, TimeProvider clock)
{
    /// <summary>Stores an import that waits for its plan; null when the blog is not one written here.</summary>
    public async Task<Import?> Async(
        long site,
        long blog,
        long person,
        string name,
        string? address,
        ReadSource source,
        CancellationToken cancellation
    )
    {
        var found = await database
            .Blogs.Include(row => row.Site)
            .Include(row => row.Following)
            .FirstOrDefaultAsync(row => row.Id == blog && row.SiteId == site && row.Following == null, cancellation);
        if (found is null)
            return null;
        var import = new Import
        {
            SiteId = site,
            Blog = found,
            PersonId = person,
            Name = Shortened.ToLength(name, 200),
            Kind = source.Kind,
            Address = address,
            State = ImportState.Matching,
            BegunAt = clock.GetUtcNow(),
        };
        database.Imports.Add(import);
        await database.SaveChangesAsync(cancellation);
        if (source.Tables.Count > 1)
            await files.KeepAllAsync(import.Id, source.Tables, cancellation);
        await ChooseAsync(import, source.Chosen(), cancellation);
        await database.SaveChangesAsync(cancellation);
        return import;
    }

    /// <summary>Takes one of the tables of a document for an import that waits for its plan; the caller saves.</summary>
    public async Task ChooseAsync(Import import, NamedTable chosen, CancellationToken cancellation)
    {
        await files.KeepAsync(import.Id, chosen.Table, cancellation);
        import.Rows = chosen.Table.Rows.Count;
        import.Plan = ColumnMatching.Suggest(chosen.Table, await FieldsAsync(import.BlogId, cancellation)) with
        {
            Table = chosen.Name.Length == 0 ? null : chosen.Name,
        };
    }

    /// <summary>The import with its columns and its plan, which is the suggested one while nothing else was said.</summary>
    public async Task<ImportView> ViewAsync(Import import, CancellationToken cancellation)
    {
        // Only matching needs the table; everything after it is told without.
        var isMatching = import.State == ImportState.Matching;
        var table = isMatching ? await files.ReadAsync(import.Id, cancellation) : null;
        table ??= new ImportTable([], []);
        var plan = import.Plan ?? ColumnMatching.Suggest(table, await FieldsAsync(import.BlogId, cancellation));
        var all = isMatching ? await files.ReadAllAsync(import.Id, cancellation) : [];
        return new ImportView(
            ImportEndpoints.Summary(import),
            import.BlogId,
            plan,
            ImportEndpoints.Columns(table),
            import.Notes,
            import.Tidied,
            [.. all.Select(one => new TableView(one.Name, one.Table.Rows.Count))]
        );
    }

    private Task<List<OwnField>> FieldsAsync(long blog, CancellationToken cancellation) =>
        database
            .BlogFields.Where(field => field.BlogId == blog)
            .OrderBy(field => field.Position)
            .Select(field => field.Definition)
            .ToListAsync(cancellation);
}
