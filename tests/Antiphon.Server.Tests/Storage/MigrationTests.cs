using Antiphon.Core.Syndication;
using Antiphon.Core.Syndication.Digests;
using Antiphon.Data;
using Antiphon.Tests;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Migrations;

namespace Antiphon.Server.Tests.Storage;

/// <summary>What an installation holds comes through a change of the tables.</summary>
public sealed class MigrationTests : IDisposable
{
    private const string BeforeDigests = "ChannelDeliveriesByState";
    private readonly TemporaryFolder _folder = new();

    private string Database => Path.Combine(_folder.Path, "antiphon.db");

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        _folder.Dispose();
    }

    [Fact]
    public async Task Mails_of_before_are_editions_of_a_digest_afterwards()
    {
        await using var context = Context();
        await context.GetService<IMigrator>().MigrateAsync(BeforeDigests);
        await FillAsync();
        await context.Database.MigrateAsync();
        var digest = await context.Digests.SingleAsync();
        Assert.Equal((true, DigestEvery.Post, "{title}"), (digest.IsUsual, digest.Settings.Rhythm.Every, digest.Settings.Subject));
        var editions = await context.Editions.Include(one => one.Posts).OrderBy(one => one.Id).ToListAsync();
        Assert.Equal([(2, 1, 1, EditionState.Sent), (1, 0, 0, EditionState.Sending)], editions.Select(one => (one.Total, one.Delivered, one.Failed, one.State)));
        Assert.Equal([1, 2], editions.Select(one => one.Posts.Single().PostId));
        Assert.Equal(["key-1", "key-2", "key-3"], await context.Deliveries.OrderBy(one => one.Id).Select(one => one.Key).ToListAsync());
        // The counts go on from there.
        await context.Deliveries.Where(one => one.Key == "key-3").ExecuteUpdateAsync(set => set.SetProperty(one => one.State, DeliveryState.Delivered));
        Assert.Equal(1, await context.Editions.Where(one => one.State == EditionState.Sending).Select(one => one.Delivered).SingleAsync());
    }

    [Fact]
    public async Task The_way_back_keeps_the_mails_too()
    {
        await using var context = Context();
        var migrator = context.GetService<IMigrator>();
        await migrator.MigrateAsync(BeforeDigests);
        await FillAsync();
        await context.Database.MigrateAsync();
        await migrator.MigrateAsync(BeforeDigests);
        await using var connection = await OpenAsync(foreignKeys: true);
        Assert.Equal("1 key-1,1 key-2,2 key-3", await ReadAsync(connection, "SELECT group_concat(PostId || ' ' || Key) FROM (SELECT PostId, Key FROM Deliveries ORDER BY Id)"));
    }

    [Fact]
    public async Task The_tables_are_as_the_model_has_them()
    {
        await using var context = Context();
        await context.Database.MigrateAsync();
        Assert.False(context.Database.HasPendingModelChanges());
        await using var connection = await OpenAsync(foreignKeys: true);
        Assert.Equal(string.Empty, await ReadAsync(connection, "SELECT coalesce(group_concat(\"table\"), '') FROM pragma_foreign_key_check"));
    }

    private AntiphonContext Context()
    {
        var options = new DbContextOptionsBuilder<AntiphonContext>();
        options.UseAntiphonSqlite(Database);
        return new AntiphonContext(options.Options);
    }

    // Two posts: one mailed to two, of whom one failed, the other still on its way.
    private async Task FillAsync()
    {
        await using var connection = await OpenAsync(foreignKeys: false);
        await InsertAsync(connection, "Sites", ("Id", "1"), ("CreatedAt", "1000"), ("PublicKey", "'site'"));
        await InsertAsync(connection, "Blogs", ("Id", "1"), ("SiteId", "1"), ("Key", "'blog'"));
        foreach (var post in new[] { 1, 2 }) await InsertAsync(connection, "Posts", ("Id", $"{post}"), ("SiteId", "1"), ("BlogId", "1"), ("Key", $"'post-{post}'"), ("Slug", $"'post-{post}'"), ("Status", "'Published'"), ("PublishedAt", "2000"));
        foreach (var reader in new[] { 1, 2 }) await InsertAsync(connection, "Subscribers", ("Id", $"{reader}"), ("SiteId", "1"), ("Key", $"'reader-{reader}'"), ("Mail", $"'reader{reader}@fellside.example'"));
        var (number, rows) = (0, new[] { (1, 1, "Delivered"), (1, 2, "Failed"), (2, 1, "Queued") });
        foreach (var (post, reader, state) in rows)
        {
            number++;
            await InsertAsync(connection, "Deliveries", ("Id", $"{number}"), ("Key", $"'key-{number}'"), ("SiteId", "1"), ("PostId", $"{post}"), ("SubscriberId", $"{reader}"), ("State", $"'{state}'"), ("CreatedAt", $"{2000 + number}"), ("NextAttemptAt", $"{2000 + number}"));
        }
    }

    // Whatever a table asks for and the test does not say is empty.
    private static async Task InsertAsync(SqliteConnection connection, string table, params (string Column, string Value)[] said)
    {
        var needed = (await ReadAsync(connection, $"SELECT group_concat(name || ':' || type) FROM pragma_table_info('{table}') WHERE \"notnull\" = 1 AND dflt_value IS NULL AND pk = 0")).Split(',', StringSplitOptions.RemoveEmptyEntries)
            .Select(one => one.Split(':')).Where(one => said.All(given => given.Column != one[0])).Select(one => (one[0], one[1] == "INTEGER" ? "0" : "''"));
        var all = said.Concat(needed).ToList();
        await ReadAsync(connection, $"INSERT INTO {table} ({string.Join(", ", all.Select(one => $"\"{one.Item1}\""))}) VALUES ({string.Join(", ", all.Select(one => one.Item2))}) RETURNING 'kept'");
    }

    private async Task<SqliteConnection> OpenAsync(bool foreignKeys)
    {
        var connection = new SqliteConnection(new SqliteConnectionStringBuilder { DataSource = Database, ForeignKeys = foreignKeys }.ConnectionString);
        await connection.OpenAsync();
        return connection;
    }

    private static async Task<string> ReadAsync(SqliteConnection connection, string sql)
    {
        await using var command = connection.CreateCommand();
        command.CommandText = sql;
        return (await command.ExecuteScalarAsync())?.ToString() ?? string.Empty;
    }
}
