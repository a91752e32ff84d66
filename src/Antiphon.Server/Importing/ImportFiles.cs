using System.Text.Json;
using Antiphon.Core.Tables;
using Antiphon.Server.Platform;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Importing;

/// <summary>The tables being brought in, in "imports" in the data directory.</summary>
internal sealed class ImportFiles(IOptions<AntiphonOptions> options)
{
    private const string All = "-all";

    /// <summary>Keeps a table.</summary>
    public async Task KeepAsync(long import, ImportTable table, CancellationToken cancellation)
    {
        Directory.CreateDirectory(Folder);
        await using var file = File.Create(PathOf(import));
        await JsonSerializer.SerializeAsync(file, table, JsonSerializerOptions.Web, cancellation);
    }

    /// <summary>The table; null when it is no longer there.</summary>
    public async Task<ImportTable?> ReadAsync(long import, CancellationToken cancellation)
    {
        if (!File.Exists(PathOf(import)))
            return null;
        await using var file = File.OpenRead(PathOf(import));
        return await JsonSerializer.DeserializeAsync<ImportTable>(file, JsonSerializerOptions.Web, cancellation);
    }

    /// <summary>Keeps the tables of a document that holds several, to choose from.</summary>
    public async Task KeepAllAsync(long import, IReadOnlyList<NamedTable> tables, CancellationToken cancellation)
    {
        Directory.CreateDirectory(Folder);
        await using var file = File.Create(PathOf(import, All));
        await JsonSerializer.SerializeAsync(file, tables, JsonSerializerOptions.Web, cancellation);
    }

    /// <summary>The tables of a document that holds several; empty for one that is a table.</summary>
    public async Task<IReadOnlyList<NamedTable>> ReadAllAsync(long import, CancellationToken cancellation)
    {
        if (!File.Exists(PathOf(import, All)))
            return [];
        await using var file = File.OpenRead(PathOf(import, All));
        return await JsonSerializer.DeserializeAsync<List<NamedTable>>(file, JsonSerializerOptions.Web, cancellation)
            ?? [];
    }

    /// <summary>Forgets what was kept.</summary>
    public void Remove(long import)
    {
        File.Delete(PathOf(import));
        RemoveOthers(import);
    }

    /// <summary>Forgets the tables that were not chosen.</summary>
    public void RemoveOthers(long import) => File.Delete(PathOf(import, All));

    private string Folder => Path.Combine(Path.GetFullPath(options.Value.DataDirectory), "imports");

    private string PathOf(long import, string what = "") =>
        Path.Combine(Folder, string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{import}{what}.json"));
}
