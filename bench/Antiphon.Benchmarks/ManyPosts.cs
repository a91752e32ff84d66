using Microsoft.Data.Sqlite;

namespace Antiphon.Benchmarks;

/// <summary>Fills a site with posts of one kind, faster than a client could write them.</summary>
internal static class ManyPosts
{
    /// <summary>Makes a site with a blog, a listing of each of two kinds, and so many posts; gives the site's id.</summary>
    public static async Task<long> SiteAsync(DemoServer server, string name, int count)
    {
        var site = (long)(await server.PostAsync("api/sites", new { name, address = $"https://{name}.example/", timeZone = "Europe/London", language = "en-GB" }))!["id"]!;
        var blog = (long)(await server.PostAsync($"api/sites/{site}/blogs", new { name = "Log" }))!["id"]!;
        await server.PostAsync($"api/sites/{site}/posts", new { blogId = blog, title = "The pattern", bodyHtml = "<p>Clear from nine, with a wind from the moor.</p>", status = "published", revision = 0, category = "Night Log", tags = new[] { "dark" } });
        var details = new { picture = true, excerpt = true, date = true, author = true, category = true };
        foreach (var (listing, most) in new[] { ("Latest", 10), ("All", 0) })
            await server.PostAsync($"api/sites/{site}/listings", new { name = listing, definition = new { blogs = new[] { blog }, count = most, order = "newest", layout = "lines", heading = listing, details } });
        await CopyAsync(server.Database, site, count - 1);
        return site;
    }

    // Every copy differs in what must be its own: keys, slugs, titles, dates.
    private static async Task CopyAsync(string file, long site, int count)
    {
        await using var connection = new SqliteConnection($"Data Source={file};Default Timeout=60");
        await connection.OpenAsync();
        var columns = new List<string>();
        await using (var reader = await Command(connection, "SELECT name FROM pragma_table_info('Posts') WHERE name <> 'Id'").ExecuteReaderAsync())
        {
            while (await reader.ReadAsync()) columns.Add(reader.GetString(0));
        }

        var values = columns.Select(column => column switch
        {
            "Key" => "lower(hex(randomblob(8)))",
            "Slug" => "'night-' || n",
            "Title" => "'Night ' || n || ' and what it brought'",
            "PlainText" => "'Clear from nine, with a wind from the moor. Object ' || (n % 997)",
            "PublishedAt" or "UpdatedAt" or "CreatedAt" => $"\"{column}\" - n * 60000",
            _ => $"\"{column}\"",
        });
        var insert = Command(connection, $"""
            WITH RECURSIVE numbers(n) AS (SELECT 1 UNION ALL SELECT n + 1 FROM numbers WHERE n < {count})
            INSERT INTO Posts ({string.Join(", ", columns.Select(column => $"\"{column}\""))})
            SELECT {string.Join(", ", values)} FROM (SELECT * FROM Posts WHERE SiteId = {site} LIMIT 1), numbers
            """);
        insert.CommandTimeout = 600;
        await insert.ExecuteNonQueryAsync();
        await Command(connection, "ANALYZE").ExecuteNonQueryAsync();
    }

    private static SqliteCommand Command(SqliteConnection connection, string text)
    {
        var command = connection.CreateCommand();
        command.CommandText = text;
        return command;
    }
}
