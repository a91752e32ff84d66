using System.IO.Compression;
using Antiphon.Data;
using Antiphon.Tests;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Storage;

/// <summary>
/// A database file that an earlier version left, from the folder Kept, or a new one; looked at beside the program.
/// </summary>
internal sealed class KeptDatabase : IDisposable
{
    private readonly TemporaryFolder _folder = new();

    /// <summary>Names of the kept ones: the day whose version made them.</summary>
    public static IEnumerable<string> Names =>
        Directory.EnumerateFiles(Folder, "*.db.gz").Select(file => Path.GetFileName(file)[..^".db.gz".Length]).Order();

    /// <summary>Where it lies.</summary>
    public string File => Path.Combine(_folder.Path, "antiphon.db");

    private static string Folder => Path.Combine(Repository.Root, "tests", "Antiphon.Server.Tests", "Storage", "Kept");

    /// <summary>A copy of a kept one.</summary>
    public static KeptDatabase Of(string name)
    {
        var database = new KeptDatabase();
        using var packed = new GZipStream(
            System.IO.File.OpenRead(Path.Combine(Folder, $"{name}.db.gz")),
            CompressionMode.Decompress
        );
        using var file = System.IO.File.Create(database.File);
        packed.CopyTo(file);
        return database;
    }

    public AntiphonContext Context()
    {
        var options = new DbContextOptionsBuilder<AntiphonContext>();
        options.UseAntiphonSqlite(File);
        return new AntiphonContext(options.Options);
    }

    /// <summary>Rows of a question, their values beside each other.</summary>
    public List<string> Ask(string sql)
    {
        using var connection = new SqliteConnection(
            new SqliteConnectionStringBuilder { DataSource = File, Pooling = false }.ConnectionString
        );
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        using var reader = command.ExecuteReader();
        var rows = new List<string>();
        while (reader.Read())
            rows.Add(
                string.Join(
                    " | ",
                    Enumerable
                        .Range(0, reader.FieldCount)
                        .Select(field =>
                            reader.IsDBNull(field)
                                ? "null"
                                : Convert.ToString(
                                    reader.GetValue(field),
                                    System.Globalization.CultureInfo.InvariantCulture
                                )
                        )
                )
            );
        return rows;
    }

    /// <summary>Tables that hold what was written, not what is worked out from it.</summary>
    public List<string> Tables() =>
        Ask(
            "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite%' AND name NOT LIKE '\\_\\_%' ESCAPE '\\' AND name NOT LIKE 'PostTexts%' ORDER BY name"
        );

    /// <summary>Columns of a table.</summary>
    public List<string> Columns(string table) => Ask($"SELECT name FROM pragma_table_info('{table}') ORDER BY name");

    /// <summary>
    /// Everything that makes the shape of the tables, a line each: columns, keys, indexes, triggers and search tables.
    /// Neither the order of columns nor the values of rows written before a column came.
    /// </summary>
    public List<string> Shape() =>
        [
            .. Tables()
                .SelectMany(table =>
                    Ask($"SELECT name, type, \"notnull\", pk FROM pragma_table_info('{table}') ORDER BY name")
                        .Select(column => $"{table}: {column}")
                ),
            .. Tables()
                .SelectMany(table =>
                    Ask(
                            $"SELECT \"table\", \"from\", \"to\", on_delete FROM pragma_foreign_key_list('{table}') ORDER BY 1, 2"
                        )
                        .Select(key => $"{table} -> {key}")
                ),
            .. Tables()
                .SelectMany(table =>
                    Ask(
                            $"SELECT i.name, i.\"unique\", i.partial, (SELECT group_concat(name || \"desc\" || coll) FROM pragma_index_xinfo(i.name) WHERE key = 1) FROM pragma_index_list('{table}') i ORDER BY 1"
                        )
                        .Select(index => $"{table} by {index}")
                ),
            .. Ask("SELECT sql FROM sqlite_master WHERE type = 'trigger' OR sql LIKE 'CREATE VIRTUAL%' ORDER BY name"),
            .. Ask(
                "SELECT name, substr(sql, instr(sql, 'WHERE')) FROM sqlite_master WHERE type = 'index' AND sql LIKE '%WHERE%' ORDER BY name"
            ),
        ];

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        _folder.Dispose();
    }
}
