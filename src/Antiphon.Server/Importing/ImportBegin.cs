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
        ImportKind kind,
        string? address,
        ImportTable table,
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
            Kind = kind,
            Address = address,
            State = ImportState.Matching,
            BegunAt = clock.GetUtcNow(),
            Rows = table.Rows.Count,
        };
        database.Imports.Add(import);
        await database.SaveChangesAsync(cancellation);
        await files.KeepAsync(import.Id, table, cancellation);
        return import;
    }

    /// <summary>The import with its columns, and its plan or the one that is suggested.</summary>
    public async Task<ImportView> ViewAsync(Import import, ImportTable table, CancellationToken cancellation)
    {
        var plan = import.Plan ?? ColumnMatching.Suggest(table, await FieldsAsync(import.BlogId, cancellation));
        return new ImportView(
            ImportEndpoints.Summary(import),
            import.BlogId,
            plan,
            ImportEndpoints.Columns(table),
            import.Notes,
            import.Tidied
        );
    }

    private Task<List<OwnField>> FieldsAsync(long blog, CancellationToken cancellation) =>
        database
            .BlogFields.Where(field => field.BlogId == blog)
            .OrderBy(field => field.Position)
            .Select(field => field.Definition)
            .ToListAsync(cancellation);
}
