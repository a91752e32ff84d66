using Microsoft.Data.Sqlite;

namespace Antiphon.Benchmarks;

/// <summary>Copies one row of a table many times, faster than a client could write it.</summary>
internal static class RowCopies
{
    /// <summary>Adds copies of the first row that fits, and lets the database learn its new sizes.</summary>
    /// <param name="file">The database.</param>
    /// <param name="table">The table.</param>
    /// <param name="which">Condition of the row that is copied.</param>
    /// <param name="count">How many copies.</param>
    /// <param name="differing">What is its own in each copy, by column; "n" counts the copies.</param>
    public static async Task MakeAsync(
        string file,
        string table,
        string which,
        int count,
        IReadOnlyDictionary<string, string> differing
    )
    {
        await using var connection = new SqliteConnection($"Data Source={file};Default Timeout=60");
        await connection.OpenAsync();
        var columns = new List<string>();
        // What the database computes itself (hidden = 2) takes no value.
        await using (
            var reader = Command(
                    connection,
                    $"SELECT name FROM pragma_table_xinfo('{table}') WHERE name <> 'Id' AND hidden = 0"
                )
                .ExecuteReader()
        )
        {
            while (await reader.ReadAsync())
                columns.Add(reader.GetString(0));
        }

        var insert = Command(
            connection,
            $"""
            WITH RECURSIVE numbers(n) AS (SELECT 1 UNION ALL SELECT n + 1 FROM numbers WHERE n < {count})
            INSERT INTO {table} ({string.Join(", ", columns.Select(column => $"\"{column}\""))})
            SELECT {string.Join(
                ", ",
                columns.Select(column => differing.GetValueOrDefault(column, $"\"{column}\""))
            )} FROM (SELECT * FROM {table} WHERE {which} LIMIT 1), numbers
            """
        );
        insert.CommandTimeout = 600;
        await insert.ExecuteNonQueryAsync();
        await Command(connection, "ANALYZE").ExecuteNonQueryAsync();
    }

    /// <summary>Runs one statement.</summary>
    public static async Task RunAsync(string file, string statement)
    {
        await using var connection = new SqliteConnection($"Data Source={file};Default Timeout=60");
        await connection.OpenAsync();
        var command = Command(connection, statement);
        command.CommandTimeout = 600;
        await command.ExecuteNonQueryAsync();
    }

    private static SqliteCommand Command(SqliteConnection connection, string text)
    {
        var command = connection.CreateCommand();
        command.CommandText = text;
        return command;
    }
}
