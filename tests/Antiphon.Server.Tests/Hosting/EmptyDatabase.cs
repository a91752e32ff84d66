using Antiphon.Data;
using Antiphon.Data.Upgrading;
using Antiphon.Tests;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Hosting;

/// <summary>
/// A database with every migration applied and nothing in it, made once; each server of the tests begins with a copy.
/// </summary>
internal static class EmptyDatabase
{
    private static readonly Lazy<Task<byte[]>> Made = new(MakeAsync);

    /// <summary>Puts a copy where a server will look for its database.</summary>
    public static async Task PlaceAsync(string folder) =>
        await File.WriteAllBytesAsync(Path.Combine(folder, "antiphon.db"), await Made.Value);

    private static async Task<byte[]> MakeAsync()
    {
        using var folder = new TemporaryFolder();
        var file = Path.Combine(folder.Path, "antiphon.db");
        var options = new DbContextOptionsBuilder<AntiphonContext>();
        options.UseAntiphonSqlite(file);
        await using (var context = new AntiphonContext(options.Options))
        {
            await DatabaseUpgrade.RunAsync(context);
            // What stands in the log beside the file belongs into it before it is copied.
            await context.Database.ExecuteSqlRawAsync("PRAGMA wal_checkpoint(TRUNCATE)");
            SqliteConnection.ClearPool((SqliteConnection)context.Database.GetDbConnection());
        }

        return await File.ReadAllBytesAsync(file);
    }
}
