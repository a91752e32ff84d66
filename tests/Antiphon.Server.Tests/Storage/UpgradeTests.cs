using System.Globalization;
using System.Text.RegularExpressions;
using Antiphon.Core.Comments.Settings;
using Antiphon.Data.Upgrading;
using Antiphon.Server.Tests.Hosting;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Storage;

/// <summary>What an installation holds comes through every change of its tables.</summary>
public sealed class UpgradeTests
{
    // Worked out anew on the way: answers below a comment, its place by votes, comments of a thread.
    private static readonly string[] WorkedOut =
    [
        "Comments.Answers",
        "Comments.Best",
        "Comments.RootId",
        "Threads.PublicCount",
        "Sites.ContentVersion",
        "Threads.Version",
    ];

    public static TheoryData<string> Kept => [.. KeptDatabase.Names];

    [Theory]
    [MemberData(nameof(Kept))]
    public async Task A_database_of_before_gets_the_shape_of_a_new_one(string name)
    {
        using var old = KeptDatabase.Of(name);
        using var made = new KeptDatabase();
        await UpgradeAsync(old);
        await UpgradeAsync(made);
        Assert.Equal(made.Shape(), old.Shape());
        Assert.Equal(
            made.Ask("SELECT MigrationId FROM __EFMigrationsHistory"),
            old.Ask("SELECT MigrationId FROM __EFMigrationsHistory")
        );
        Assert.Empty(old.Ask("SELECT \"table\" FROM pragma_foreign_key_check"));
        Assert.Equal(["ok"], old.Ask("PRAGMA integrity_check"));
    }

    [Theory]
    [MemberData(nameof(Kept))]
    public async Task A_database_of_before_keeps_every_row(string name)
    {
        using var before = KeptDatabase.Of(name);
        using var after = KeptDatabase.Of(name);
        await UpgradeAsync(after);
        foreach (var table in before.Tables().Intersect(after.Tables()))
        {
            var columns = before
                .Columns(table)
                .Intersect(after.Columns(table))
                .Where(column => !WorkedOut.Contains($"{table}.{column}"))
                .Select(column => $"\"{column}\"");
            var rows = $"SELECT {string.Join(", ", columns)} FROM \"{table}\" ORDER BY 1, 2";
            Assert.Equal(before.Ask(rows).Select(WithoutRank), after.Ask(rows).Select(WithoutRank));
        }
    }

    // Links of posts say something else of their targets than before.
    private static string WithoutRank(string row) => Regex.Replace(row, " rel=\"[a-z ]+\"", string.Empty);

    [Theory]
    [MemberData(nameof(Kept))]
    public async Task A_database_of_before_works_on(string name)
    {
        using var kept = KeptDatabase.Of(name);
        var posts = kept.Ask("SELECT COUNT(*) FROM Posts WHERE SiteId = 1")[0];
        await using var host = new AntiphonHost().From(kept.File);
        await host.InitializeAsync();
        Assert.Equal(
            posts,
            (await host.Owner.GetJsonAsync("api/sites/1/posts?take=100"))
                .Items("posts")
                .Count.ToString(CultureInfo.InvariantCulture)
        );
        var post = await host.Owner.PostJsonAsync(
            "api/sites/1/posts",
            new
            {
                blogId = 1,
                title = "Clouds over Kelder Fell",
                bodyHtml = "<p>Nothing seen.</p>",
            }
        );
        Assert.Equal(
            post.Number("id"),
            (await host.Owner.GetJsonAsync("api/sites/1/posts?search=Kelder+Fell+clouds"))
                .Items("posts")
                .Single()
                .Number("id")
        );
    }

    [Fact]
    public async Task Words_of_the_settings_become_rules_in_the_order_they_were_decided_in()
    {
        // Older ones have no column for settings yet.
        using var old = KeptDatabase.Of(KeptDatabase.Names.Max()!);
        old.Ask(
            """
            UPDATE Sites SET CommentRules = '[{"condition":"FirstTimeWriter","number":0,"words":[],"act":"Wait"}]',
                CommentSettings = '{"depth":1,"refusedWords":["casino*"],"heldWords":["loan","lens"]}' WHERE Id = 1;
            UPDATE Blogs SET CommentSettings = '{"votes":"Up","heldWords":["owl"]}' WHERE Id = 1;
            """
        );
        await UpgradeAsync(old);
        await using var context = old.Context();
        var site = await context.Sites.SingleAsync(row => row.Id == 1);
        Assert.Equal(
            ["Refuse casino* ", "Wait  ", "Wait loan,lens ", "Wait owl 1"],
            site.CommentRules.Select(rule =>
                $"{rule.Act} {string.Join(',', rule.Words)} {string.Join(',', rule.Blogs ?? [])}"
            )
        );
        Assert.All(site.CommentRules, rule => Assert.True(rule.IsWhole));
        Assert.Equal((1, null), (site.CommentSettings.Depth, site.CommentSettings.HeldWords));
        var blog = await context.Blogs.SingleAsync(row => row.Id == 1);
        Assert.Equal((VoteMode.Up, null), (blog.CommentSettings.Votes, blog.CommentSettings.HeldWords));
    }

    [Fact]
    public async Task Links_of_posts_written_here_no_longer_say_that_they_are_a_strangers()
    {
        using var old = KeptDatabase.Of(KeptDatabase.Names.Max()!);
        var posts = old.Ask("SELECT Id FROM Posts ORDER BY Id LIMIT 2");
        var (written, followed) = (posts[0], posts[1]);
        old.Ask($"UPDATE Posts SET BlogId = (SELECT MIN(BlogId) FROM Followings) WHERE Id = {followed}");
        old.Ask(
            $"UPDATE Posts SET BodyHtml = '<p><a href=\"https://charts.example/\" rel=\"noopener nofollow ugc\">it</a></p>' WHERE Id IN ({written}, {followed})"
        );
        await UpgradeAsync(old);
        Assert.Equal(
            ["<p><a href=\"https://charts.example/\">it</a></p>"],
            old.Ask($"SELECT BodyHtml FROM Posts WHERE Id = {written}")
        );
        Assert.Equal(
            ["<p><a href=\"https://charts.example/\" rel=\"nofollow ugc noopener\">it</a></p>"],
            old.Ask($"SELECT BodyHtml FROM Posts WHERE Id = {followed}")
        );
    }

    [Fact]
    public async Task A_new_database_is_as_the_model_has_it()
    {
        using var made = new KeptDatabase();
        await UpgradeAsync(made);
        await using var context = made.Context();
        Assert.False(context.Database.HasPendingModelChanges());
    }

    [Fact]
    public async Task A_database_that_stands_there_is_left_alone()
    {
        using var made = new KeptDatabase();
        await UpgradeAsync(made);
        var before = made.Ask("PRAGMA schema_version");
        await UpgradeAsync(made);
        Assert.Equal(before, made.Ask("PRAGMA schema_version"));
    }

    [Fact]
    public async Task What_is_worked_out_is_made_anew_when_its_making_was_broken_off()
    {
        using var made = new KeptDatabase();
        using var broken = new KeptDatabase();
        await UpgradeAsync(made);
        await UpgradeAsync(broken);
        broken.Ask("PRAGMA user_version = 0; DROP TRIGGER TR_Posts_Insert; DROP TABLE PostTexts;");
        await UpgradeAsync(broken);
        Assert.Equal(made.Shape(), broken.Shape());
    }

    [Fact]
    public async Task Two_processes_that_start_at_once_bring_it_there_together()
    {
        using var made = new KeptDatabase();
        using var shared = new KeptDatabase();
        await UpgradeAsync(made);
        await Task.WhenAll(Enumerable.Range(0, 4).Select(_ => Task.Run(() => UpgradeAsync(shared))));
        Assert.Equal(made.Shape(), shared.Shape());
        shared.Ask("PRAGMA user_version = 1");
        await Task.WhenAll(Enumerable.Range(0, 4).Select(_ => Task.Run(() => UpgradeAsync(shared))));
        Assert.Equal(made.Shape(), shared.Shape());
    }

    [Fact]
    public async Task Mails_of_before_are_editions_of_a_digest()
    {
        using var kept = KeptDatabase.Of("2026-11-26");
        var mails = kept.Ask(
            "SELECT PostId, COUNT(*), SUM(State = 'Delivered') FROM Deliveries GROUP BY PostId ORDER BY 1"
        );
        Assert.NotEmpty(mails);
        await UpgradeAsync(kept);
        Assert.Equal(
            mails,
            kept.Ask(
                "SELECT p.PostId, e.Total, e.Delivered FROM Editions e JOIN EditionPosts p ON p.EditionId = e.Id ORDER BY 1"
            )
        );
    }

    [Fact]
    public async Task A_database_of_a_later_version_is_not_touched()
    {
        using var made = new KeptDatabase();
        await UpgradeAsync(made);
        made.Ask("INSERT INTO __EFMigrationsHistory VALUES ('20990101000000_Later', '10.0.0')");
        var refused = await Assert.ThrowsAsync<DatabaseTooNewException>(() => UpgradeAsync(made));
        Assert.Contains("later version", refused.Message, StringComparison.Ordinal);
        Assert.Contains("20990101000000_Later", refused.Message, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_lock_of_somebody_who_was_killed_holds_nobody_up()
    {
        using var made = new KeptDatabase();
        made.Ask(
            "CREATE TABLE __EFMigrationsLock (Id INTEGER NOT NULL CONSTRAINT PK___EFMigrationsLock PRIMARY KEY, Timestamp TEXT NOT NULL); INSERT INTO __EFMigrationsLock VALUES (1, '2026-11-24 04:00:00+00:00')"
        );
        await UpgradeAsync(made).WaitAsync(TimeSpan.FromMinutes(2));
        Assert.NotEmpty(made.Ask("SELECT MigrationId FROM __EFMigrationsHistory"));
    }

    private static async Task UpgradeAsync(KeptDatabase database)
    {
        await using var context = database.Context();
        await DatabaseUpgrade.RunAsync(context);
    }
}
