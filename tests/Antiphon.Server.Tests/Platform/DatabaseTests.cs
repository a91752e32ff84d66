using Antiphon.Server.Tests.Hosting;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Platform;

public sealed class DatabaseTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task The_migrations_lead_to_the_model() =>
        Assert.False(
            await host.InDatabaseAsync(database => Task.FromResult(database.Database.HasPendingModelChanges()))
        );

    [Theory]
    [InlineData("journal_mode", "wal")]
    [InlineData("foreign_keys", "1")]
    public async Task The_database_is_set_up_to_keep_what_it_takes(string setting, string value)
    {
        var found = await host.InDatabaseAsync(async database =>
        {
            await database.Database.OpenConnectionAsync();
            await using var command = database.Database.GetDbConnection().CreateCommand();
            command.CommandText = $"PRAGMA {setting}";
            return await command.ExecuteScalarAsync();
        });
        Assert.Equal(value, found?.ToString());
    }

    [Fact]
    public async Task A_blog_that_goes_takes_its_posts_along()
    {
        var blog = (await host.Owner.PostJsonAsync(host.Api + "blogs", new { name = "Short-lived" })).Number("id");
        await host.Owner.PostJsonAsync(
            host.Api + "posts",
            new
            {
                blogId = blog,
                title = "Soon gone",
                bodyHtml = "<p>x</p>",
                status = "draft",
                revision = 0,
            }
        );
        (await host.Owner.DeleteAsync($"{host.Api}blogs/{blog}")).EnsureSuccessStatusCode();
        Assert.False(await host.InDatabaseAsync(database => database.Posts.AnyAsync(post => post.BlogId == blog)));
    }
}
