using Antiphon.Core.Work;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Coverage;

public sealed class CoverageTests(AntiphonHost host) : IClassFixture<AntiphonHost>, IAsyncLifetime
{
    private readonly AntiphonHost _host = host;

    public Task InitializeAsync() => _host.FreshSiteAsync();

    public Task DisposeAsync() => Task.CompletedTask;

    [Fact]
    public async Task Each_mark_carries_its_reason()
    {
        await _host.Owner.PostJsonAsync(_host.Api + "subscribers", new { mail = "wilf@bounce.example" });
        await _host.WriteAsync("Older");
        await _host.WriteAsync("Newer");
        await _host.ListAsync(1);
        var board = await _host.Owner.GetJsonAsync(_host.Api + "coverage");
        Assert.Equal(
            ["listing", "feed", "mail", "comments"],
            board.Items("places").Select(place => place.Text("kind"))
        );
        Assert.Equal(["Newer", "Older"], board.Items("posts").Select(post => post.Text("title")));
        Assert.Equal(("due", "listingNotPlaced"), Cell(board, 0, 0));
        Assert.Equal(("leftOut", "belowTheCut"), Cell(board, 1, 0));
        Assert.Equal("Position 2; the listing shows 1.", board.Text("posts.1.cells.0.message"));
        Assert.Equal(("inPlace", "inFeed"), Cell(board, 0, 1));
        Assert.Equal("noCommentsYet", Cell(board, 0, 3).Reason);
    }

    [Fact]
    public async Task Drafts_are_no_noise()
    {
        await _host.WriteAsync("Draft", "draft");
        Assert.Empty((await _host.Owner.GetJsonAsync(_host.Api + "coverage")).Items("posts"));
    }

    [Fact]
    public async Task Comments_are_counted()
    {
        var post = await _host.WriteAsync("Discussed");
        var id = post.Number("id");
        var identifier = await _host.InDatabaseAsync(database =>
            database.Threads.Where(thread => thread.PostId == id).Select(thread => thread.Identifier).SingleAsync()
        );
        var key = (await _host.Owner.GetJsonAsync(_host.Api.TrimEnd('/'))).Text("publicKey");
        var talk = new Comments.ThreadTalk(_host, key, identifier, post.Text("address"));
        await talk.WriteAsync("Wilf", "One");
        await talk.DecideAllAsync("public");
        var board = await _host.Owner.GetJsonAsync(_host.Api + "coverage");
        Assert.Equal(1, board.Number("posts.0.cells.2.count"));
    }

    [Fact]
    public async Task Failed_mails_are_off()
    {
        await _host.Owner.PostJsonAsync(_host.Api + "subscribers", new { mail = "wilf@fellside.example" });
        await _host.WriteAsync("Undeliverable");
        await _host.InDatabaseAsync(database =>
            database
                .Deliveries.Where(delivery => delivery.SiteId == _host.Site)
                .ExecuteUpdateAsync(set => set.SetProperty(one => one.State, DeliveryState.Failed))
        );
        var board = await Eventually.IsAsync(
            "the mark",
            () => _host.Owner.GetJsonAsync(_host.Api + "coverage"),
            one => one.Text("posts.0.cells.1.mark") is "failed" or "due"
        );
        Assert.Contains(Cell(board, 0, 1).Reason, new[] { "someFailed", "delivering" });
    }

    [Fact]
    public async Task Neighbours_show_where_the_cut_is()
    {
        for (var i = 1; i <= 6; i++)
            await _host.WriteAsync($"Night {i}");
        var listing = (await _host.ListAsync(3)).Number("id");
        var third = (await _host.Owner.GetJsonAsync(_host.Api + "posts"))
            .Items("posts")
            .Single(post => post.Text("title") == "Night 4")
            .Number("id");
        var around = (
            await _host.Owner.GetJsonAsync($"{_host.Api}coverage/neighbours?listing={listing}&post={third}")
        ).Items();
        Assert.Equal(["Night 6", "Night 5", "Night 4", "Night 3", "Night 2"], around.Select(one => one.Text("title")));
        Assert.Equal(["true", "true", "true", "false", "false"], around.Select(one => one.Text("isShown")));
    }

    [Fact]
    public async Task The_board_pages_through_every_post_once()
    {
        for (var i = 0; i < 45; i++)
            await _host.WriteAsync($"Night {i}");
        var first = await _host.Owner.GetJsonAsync(_host.Api + "coverage");
        var second = await _host.Owner.GetJsonAsync($"{_host.Api}coverage?after={first.Text("next")}");
        var seen = first.Items("posts").Concat(second.Items("posts")).Select(post => post.Number("postId")).ToList();
        Assert.Equal((45, 45), (seen.Count, seen.Distinct().Count()));
        Assert.False(second.Has("next"));
    }

    [Fact]
    public async Task A_window_of_rows_stands_anywhere_in_the_board()
    {
        for (var i = 0; i < 12; i++)
            await _host.WriteAsync($"Night {i}");
        var window = await _host.Owner.GetJsonAsync(_host.Api + "coverage?from=5&count=3");
        Assert.Equal(["Night 6", "Night 5", "Night 4"], window.Items("posts").Select(post => post.Text("title")));
        Assert.Equal((5, 12, 12), (window.Number("from"), window.Number("found"), window.Number("totalPosts")));
        Assert.Empty((await _host.Owner.GetJsonAsync(_host.Api + "coverage?from=500&count=3")).Items("posts"));
    }

    [Fact]
    public async Task What_is_due_is_found_wherever_it_stands_and_a_change_shows_at_once()
    {
        for (var i = 0; i < 8; i++)
            await _host.WriteAsync($"Night {i}");
        Assert.Equal(0, (await _host.Owner.GetJsonAsync(_host.Api + "coverage?show=due&count=2")).Number("found"));
        await _host.ListAsync(3);
        var due = await _host.Owner.GetJsonAsync(_host.Api + "coverage?show=due&count=2");
        Assert.Equal((3, 3, 0), (due.Number("found"), due.Number("due"), due.Number("off")));
        Assert.Equal(["Night 7", "Night 6"], due.Items("posts").Select(post => post.Text("title")));
        await _host.WriteAsync("Night 8");
        Assert.Equal(
            "Night 8",
            (await _host.Owner.GetJsonAsync(_host.Api + "coverage?show=due")).Text("posts.0.title")
        );
    }

    [Fact]
    public async Task Old_failed_mails_are_found_behind_a_window()
    {
        await _host.Owner.PostJsonAsync(_host.Api + "subscribers", new { mail = "wilf@fellside.example" });
        var post = (await _host.WriteAsync("Undeliverable")).Number("id");
        for (var i = 0; i < 3; i++)
            await _host.WriteAsync($"Night {i}");
        // Without a mail server the first attempt goes on beside the test and has its own word of it; ours is the last.
        var off = await Eventually.IsAsync(
            "the mark",
            async () =>
            {
                await _host.InDatabaseAsync(database =>
                    database
                        .Deliveries.Where(delivery => delivery.Edition.Posts.Any(brought => brought.PostId == post))
                        .ExecuteUpdateAsync(set => set.SetProperty(one => one.State, DeliveryState.Failed))
                );
                return await _host.Owner.GetJsonAsync(_host.Api + "coverage?show=off&count=1");
            },
            one => one.Number("found") == 1
        );
        Assert.Equal("Undeliverable", off.Text("posts.0.title"));
    }

    private static (string Mark, string Reason) Cell(Json board, int post, int place) =>
        (board.Text($"posts.{post}.cells.{place}.mark"), board.Text($"posts.{post}.cells.{place}.reason"));
}
