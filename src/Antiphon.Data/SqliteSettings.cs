using System.Data.Common;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace Antiphon.Data;

/// <summary>How every connection to the database is opened.</summary>
public static class SqliteSettings
{
    /// <summary>Uses the database file with foreign keys on and the pragmas each connection needs.</summary>
    public static DbContextOptionsBuilder UseAntiphonSqlite(this DbContextOptionsBuilder options, string file)
    {
        var connection = new SqliteConnectionStringBuilder
        {
            DataSource = file,
            ForeignKeys = true,
            DefaultTimeout = 30,
        };
        return options
            .UseSqlite(connection.ConnectionString)
            .ConfigureWarnings(Ignore)
            .AddInterceptors(new PragmaInterceptor());
    }

    // What belongs to a deleted post is not seen, as the post is not; and that the migrations make the model is proved
    // by a test, not at each start.
    private static void Ignore(WarningsConfigurationBuilder warnings) =>
        warnings.Ignore(
            CoreEventId.PossibleIncorrectRequiredNavigationWithQueryFilterInteractionWarning,
            RelationalEventId.PendingModelChangesWarning
        );

    private sealed class PragmaInterceptor : DbConnectionInterceptor
    {
        // WAL lets readers go on while one writes; FULL makes every commit survive a power cut.
        private const string Pragmas = "PRAGMA journal_mode=WAL; PRAGMA synchronous=FULL; PRAGMA busy_timeout=15000;";

        public override void ConnectionOpened(DbConnection connection, ConnectionEndEventData eventData)
        {
            using var command = connection.CreateCommand();
            command.CommandText = Pragmas;
            command.ExecuteNonQuery();
        }

        public override async Task ConnectionOpenedAsync(
            DbConnection connection,
            ConnectionEndEventData eventData,
            CancellationToken cancellationToken = default
        )
        {
            await using var command = connection.CreateCommand();
            command.CommandText = Pragmas;
            await command.ExecuteNonQueryAsync(cancellationToken);
        }
    }
}
